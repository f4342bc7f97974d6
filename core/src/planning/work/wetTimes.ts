import { wholeMinutes } from './activity'

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
 * How long a round's first stroke stays wet until its last tape is off, when all are sealed, then all coated, then all
 * pulled: what the plan is checked by, so that a round never fits here and runs over there.
 *
 * @returns minutes from the start of its first bead (`bead`) and from its first stroke of colour (`paint`) to the last
 *   tape off; 0 where there is no bead, or nothing comes off wet
 */
export function longestWet(hems: readonly HemMinutes[]): { bead: number; paint: number } {
  const total = (pick: (hem: HemMinutes) => number) => hems.reduce((sum, hem) => sum + pick(hem), 0)
  if (!hems.some((hem) => hem.wetPull)) return { bead: 0, paint: 0 }
  // Each act is booked in whole minutes.
  const paint = wholeMinutes(total((hem) => hem.coat)) + wholeMinutes(total((hem) => hem.pull))
  return { bead: hems.some((hem) => hem.wetSeal) ? wholeMinutes(total((hem) => hem.seal)) + paint : 0, paint }
}
