import { api } from '../office/api'
import { clockSet } from '../state/clockSlice'
import type { AppDispatch } from '../state/reducer'

const KEY = 'crisp-hem:clock-ahead'
const PRACTICE = 'crisp-hem:practice-ahead'

/**
 * Sets the believed time at the start: `?at=` in the address, for this tab alone; else what was chosen in this tab; else the
 * practice clock of the server, which all devices share; else real time.
 */
export async function openClock(dispatch: AppDispatch): Promise<void> {
  const wanted = new URLSearchParams(location.search).get('at')
  if (wanted && !Number.isNaN(Date.parse(wanted))) return keepHere(dispatch, Date.parse(wanted) - Date.now())
  const kept = sessionStorage.getItem(KEY)
  if (kept !== null) return void dispatch(clockSet(Number(kept)))
  return followClock(dispatch)
}

/** Takes over the practice clock of the server; without a line as it was told last. A tab with a time of its own keeps it. */
export async function followClock(dispatch: AppDispatch): Promise<void> {
  if (sessionStorage.getItem(KEY) !== null) return
  const aheadMs = await api.health().then(
    ({ practiceClock }) => {
      const ahead = practiceClock === null ? 0 : Date.parse(practiceClock) - Date.now()
      localStorage.setItem(PRACTICE, String(ahead))
      return ahead
    },
    () => Number(localStorage.getItem(PRACTICE) ?? 0),
  )
  dispatch(clockSet(aheadMs))
}

/**
 * Chooses a time: on a practice server for all its devices, elsewhere for this tab, which then only looks ahead.
 * @param aheadMs  0 for real time
 */
export async function chooseClock(dispatch: AppDispatch, aheadMs: number): Promise<void> {
  const at = aheadMs === 0 ? null : `${new Date(Date.now() + aheadMs).toISOString().slice(0, 19)}Z`
  const isShared = await api.setPracticeClock(at).then(
    () => true,
    () => false,
  )
  if (!isShared) return keepHere(dispatch, aheadMs)
  sessionStorage.removeItem(KEY)
  dispatch(clockSet(aheadMs))
}

function keepHere(dispatch: AppDispatch, aheadMs: number): void {
  sessionStorage.setItem(KEY, String(aheadMs))
  dispatch(clockSet(aheadMs))
}
