import { intAt } from '../../base/units/sure'
import { rampReaches, type Ramp } from '../../solve/engine/ramp'
import { startsOf, type Starts } from '../../solve/engine/starts'
import type { AirRule } from '../problem/problem'
import type { Ramps } from './ramps'

/** Where paint goes on, by the start of the work it is part of: from `start + lead` to an end that is fixed, or over breaks. */
export interface Span {
  readonly lead: number
  readonly end: { readonly lead: number } | Ramp
  /** Minutes that are looked at. */
  readonly length: number
}

/**
 * Starts at which paint meets no air that spoils it: each stretch of bad air forbids the starts from which the work, or the wait
 * until it is safe, would run into it. All in minutes of the plan.
 */
export function airStarts({ lead, end, length }: Span, rule: AirRule, ramps: Ramps): Starts {
  const [safe, formed] = [rule.safeMin, rule.formedMin].map((amount) =>
    ramps.ready({ clock: rule.clock, amount }, 0),
  ) as [Ramp, Ramp]
  /** The first start whose work ends, or is safe, behind an instant. */
  const endsBehind = (at: number) =>
    'values' in end ? rampReaches(end, Math.floor(at) + 1) : Math.floor(at) + 1 - end.lead
  const waitedBehind = (wait: Ramp, at: number) => endsBehind(rampReaches(wait, Math.floor(at) + 1) - 1)
  const forbidden = [
    ...rule.during.map((ban) => [endsBehind(ban.from), Math.ceil(ban.to) - 1 - lead] as const),
    ...rule.until.map((ban) => [waitedBehind(safe, ban.from), Math.ceil(ban.to) - 1 - lead] as const),
    ...rule.cold.map((ban) => [waitedBehind(formed, ban.from), Math.ceil(ban.to) - 1 - lead] as const),
  ]
  return without(length, forbidden)
}

/** What is left of 0 … length when stretches are taken out, both ends included. */
function without(length: number, stretches: readonly (readonly [number, number])[]): Starts {
  const taken = startsOf(stretches)
  const left: [number, number][] = []
  let from = 0
  for (let i = 0; i < taken.length; i += 2) {
    left.push([from, intAt(taken, i) - 1])
    from = Math.max(from, intAt(taken, i + 1) + 1)
  }
  return startsOf([...left, [from, length]])
}
