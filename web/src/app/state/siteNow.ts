/** The believed time, minutes since the epoch, with its fraction. */
export const siteNow = (aheadMs: number): number => (Date.now() + aheadMs) / 60_000
