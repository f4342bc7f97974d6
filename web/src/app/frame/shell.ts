import { shellIsNewer } from '../state/outSlice'
import type { AppDispatch } from '../state/reducer'

const own: { update: ((reload?: boolean) => Promise<void>) | null } = { update: null }

/** Keeps the app on the device, so that it opens without a line. A newer one waits: no tick is interrupted. */
export function keepShell(dispatch: AppDispatch): void {
  // Browsers have no such thing on pages that are not secure.
  if (!('serviceWorker' in navigator)) return
  void import('virtual:pwa-register').then(({ registerSW }) => {
    own.update = registerSW({ onNeedRefresh: () => void dispatch(shellIsNewer()) })
  })
}

/** Takes the newer app, and opens this page with it. */
export const takeNewerShell = (): void => void own.update?.(true)
