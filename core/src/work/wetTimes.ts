/** Minutes one hem takes in each act of a round, for the crew that does it. */
export interface HemMinutes {
  readonly seal: number
  readonly coat: number
  readonly pull: number
  /** Whether it is sealed with a bead that must still be wet at the pull. */
  readonly wetSeal: boolean
  /** Whether its tape comes off wet; others do not mind how long they stay wet. */
  readonly wetPull: boolean
}

/**
 * How long the worst hem of a round stays wet before its tape is off, when all are sealed, then all coated, then
 * all pulled, each time in the same order.
 *
 * @returns minutes from the start of its bead (`bead`) and from its last stroke of colour (`paint`) to its tape off
 */
export function longestWet(hems: readonly HemMinutes[]): { bead: number; paint: number } {
  const total = (pick: (hem: HemMinutes) => number) => hems.reduce((sum, hem) => sum + pick(hem), 0)
  const [sealAll, coatAll] = [total((hem) => hem.seal), total((hem) => hem.coat)]
  let [sealed, coated, pulled, bead, paint] = [0, 0, 0, 0, 0]
  for (const hem of hems) {
    const sealStart = sealed
    sealed += hem.seal
    coated += hem.coat
    pulled += hem.pull
    if (hem.wetSeal) bead = Math.max(bead, sealAll + coatAll + pulled - sealStart)
    if (hem.wetPull) paint = Math.max(paint, coatAll + pulled - coated)
  }
  return { bead, paint }
}
