/** How a contractor makes a price of what a job costs him. Per cent of what stands before it. */
export interface Selling {
  readonly overheadPct: number
  readonly marginPct: number
  readonly taxPct: number
  /** What the tax is called where the job is; empty: tax. */
  readonly taxName: string
  /** Days a quote holds. */
  readonly validDays: number
  /** What is not included, as it stands on every quote. */
  readonly excluded: string
  /** Gloves, masks, rags, blades and bags of one person's day. */
  readonly sundriesMinorPerDay: number
}

/** From memory; every contractor has his own. */
export const USUAL_SELLING: Selling = {
  overheadPct: 12,
  marginPct: 15,
  // No country is assumed: whoever has to add tax says how much.
  taxPct: 0,
  taxName: '',
  validDays: 30,
  excluded: '',
  sundriesMinorPerDay: 350,
}
