import type { WhoAnswer } from '@crisp-hem/core/wire'
import { api } from '../../app/office/api'
import { whoTold } from '../../app/state/outSlice'
import { hidePrices } from '../../app/words'
import type { AppDispatch } from '../../app/state/reducer'

const KEY = 'crisp-hem:who'

/** Finds out who this device is for; without a line as it was told last. */
export async function findMe(dispatch: AppDispatch): Promise<void> {
  const told = await api.me().catch(() => kept())
  if (!told) return
  localStorage.setItem(KEY, JSON.stringify(told))
  hidePrices(told.who?.role === 'painter')
  dispatch(whoTold(told))
}

function kept(): WhoAnswer | null {
  try {
    // What stands there was written above.
    return JSON.parse(localStorage.getItem(KEY) ?? 'null') as WhoAnswer | null
  } catch {
    return null
  }
}

/** What this device is called in the office’s list. */
export function deviceName(): string {
  const { userAgent } = navigator
  const kind = /iPhone|iPad/.test(userAgent) ? 'iPhone' : /Android/.test(userAgent) ? 'Android' : 'Computer'
  const browser = /Firefox/.test(userAgent)
    ? 'Firefox'
    : /Edg/.test(userAgent)
      ? 'Edge'
      : /Chrome/.test(userAgent)
        ? 'Chrome'
        : 'Safari'
  return `${kind}, ${browser}`
}
