import type { Pressing, Skill, Stroke } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'
import { normalCdf } from './normal'

/** What of an edge says how a hand laid it. */
interface LaidBy {
  readonly hand?: Skill
  readonly pressing: Pressing
  readonly stroke: Stroke
  readonly dusty: boolean
}
type HandModel = Pick<Parameters, 'bleed'>

/** A share of a line whose gaps are so many times those in its middle. */
interface PressedPart {
  readonly share: number
  readonly times: number
}

/**
 * A line as a hand presses it, here better and there worse: gaps along it are log-normal round those in its middle, put as three parts
 * of it with the same first five moments (Gauss & Hermite, three points; Abramowitz & Stegun table 25.10).
 */
export function alongLine({ hand = 'practised' }: Pick<LaidBy, 'hand'>, { bleed }: HandModel): readonly PressedPart[] {
  return [
    { share: 1 / 6, times: Math.exp(spreadOfHand(hand, -Math.sqrt(3), bleed)) },
    { share: 2 / 3, times: 1 },
    { share: 1 / 6, times: Math.exp(spreadOfHand(hand, Math.sqrt(3), bleed)) },
  ]
}

/** How far the gaps of a part of a line lie from its middle, on a log scale: nobody's best parts are better than those of a practised hand. */
export const spreadOfHand = (hand: Skill, z: number, { hands }: Parameters['bleed']): number =>
  z * hands[z < 0 ? 'practised' : hand].spread.value

/** Places where tape is not down at all: how many on a metre, how long, and how high it stands, log-normal round `gapUm`. */
export interface LoosePlaces {
  readonly perM: number
  readonly lengthMm: number
  readonly gapUm: number
  readonly spread: number
}

/** What a hand leaves loose on a metre: more where nobody pressed, on dust, and by a beginner; hardly any count under a gun. docs/science.md eq. 14f. */
export function loosePlaces(laid: LaidBy, { bleed }: HandModel): LoosePlaces {
  const { hand = 'practised', pressing, stroke, dusty } = laid
  const { loose } = bleed
  const led = (dusty ? loose.onDust.value : 1) * (stroke === 'spray' ? loose.sprayed.value : 1)
  return {
    perM: loose.perM[pressing].value * bleed.hands[hand].loose.value * led,
    lengthMm: loose.lengthMm.value,
    gapUm: loose.gapUm.value,
    spread: loose.spread.value,
  }
}

/** Share of loose places that stand no higher than a gap, µm. */
export const isShutAt = ({ gapUm, spread }: LoosePlaces, shutUm: number): number =>
  shutUm <= 0 ? 0 : normalCdf(Math.log(shutUm / gapUm) / spread)

/** Heights of loose places at the middles of five even shares of them, µm. */
export const heightsOf = ({ gapUm, spread }: LoosePlaces): readonly number[] =>
  TENTHS.map((z) => gapUm * Math.exp(z * spread))
/** Normal quantiles at 0.1, 0.3 … 0.9 (Abramowitz & Stegun table 26.5). */
const TENTHS = [-1.28155, -0.5244, 0, 0.5244, 1.28155] as const
