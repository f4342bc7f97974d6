import { api } from '../api'
import { clockSet } from '../state/clockSlice'
import type { AppDispatch } from '../store'

const KEY = 'crisp-hem:clock-ahead'
const PRACTICE = 'crisp-hem:practice-clock'

/**
 * Sets the believed time at the start: `?at=` in the address, else what was chosen in this tab, else the practice
 * clock the server was started with, else real time.
 */
export async function openClock(dispatch: AppDispatch): Promise<void> {
  const wanted = new URLSearchParams(location.search).get('at')
  const kept = sessionStorage.getItem(KEY)
  if (wanted && !Number.isNaN(Date.parse(wanted))) return keepClock(dispatch, Date.parse(wanted) - Date.now())
  if (kept !== null) return void dispatch(clockSet(Number(kept)))
  const practice = await api.health().then(
    ({ practiceClock }) => {
      localStorage.setItem(PRACTICE, practiceClock ?? '')
      return practiceClock
    },
    // Without a line as it was told last.
    () => localStorage.getItem(PRACTICE),
  )
  if (practice) keepClock(dispatch, Date.parse(practice) - Date.now())
}

/** Chooses a time for this tab. @param aheadMs  0 for real time */
export function keepClock(dispatch: AppDispatch, aheadMs: number): void {
  sessionStorage.setItem(KEY, String(aheadMs))
  dispatch(clockSet(aheadMs))
}
