/** How a contractor makes a price of what a job costs him. Per cent of what stands before it. */
export interface Selling {
  readonly overheadPct: number
  readonly marginPct: number
  readonly taxPct: number
  /** Setting up and clearing away, minutes a crew's day. */
  readonly setUpMinPerDay: number
  /** Gloves, masks, rags, blades and bags of one person's day. */
  readonly sundriesMinorPerDay: number
}

/** From memory; every contractor has his own. */
export const USUAL_SELLING: Selling = {
  overheadPct: 12,
  marginPct: 15,
  taxPct: 20,
  setUpMinPerDay: 30,
  sundriesMinorPerDay: 350,
}
