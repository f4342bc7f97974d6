import type { Shelf } from '../../base/nouns'
import {
  houseFactor,
  metresToSettle,
  standingOf,
  tapeFactor,
  type Compared,
  type Factor,
  type CountVerdict,
} from '../../nature/learn/factor'
import { foundBleeds, type LogState } from '../../planning/progress/hemStates'
import { groupedBy } from '../../base/units/groupedBy'
import type { Plan } from '../chain/planJob'
import { expectedOf } from './expectedOf'

/** What was found along some lines beside what was expected there. */
export interface LinesTally extends Compared {
  /** Lines somebody has looked along, and their length together. */
  readonly lines: number
  readonly metres: number
  readonly factor: Factor
  readonly standing: CountVerdict
  /** Metres more before it is settled; 0 where it is. */
  readonly metresMore: number
}

/** What a job's own lines say of what was expected of them. */
export interface LinesSay {
  readonly all: LinesTally
  /** By tape, most metres first; lines without tape are in `all` only. */
  readonly byTape: readonly (LinesTally & { readonly tapeId: string; readonly name: string })[]
}

interface Looked extends Compared {
  readonly tapeId: string | null
  readonly lengthMm: number
}

/** Counts of every line that was looked along beside what its recipe lets expect; null where nobody has looked along a line that has one. */
export function linesSay(
  log: LogState,
  { tapes }: Pick<Shelf, 'tapes'>,
  plan: Pick<Plan, 'hems' | 'recipes'>,
): LinesSay | null {
  const counted = foundBleeds(log)
  const lengths = new Map(plan.hems.map(({ id, lengthMm }) => [id, lengthMm]))
  const looked = plan.recipes.flatMap((answer): Looked[] => {
    const found = counted.get(answer.hemId)
    const lengthMm = lengths.get(answer.hemId)
    if (!answer.safe || found === undefined || lengthMm === undefined) return []
    const expected = expectedOf(answer, 'bleeds') * (lengthMm / 1000)
    return [{ tapeId: answer.tapeId, lengthMm, counted: found, expected }]
  })
  if (looked.length === 0) return null
  const house = houseFactor(summed(looked))
  const byTape = [...groupedBy(looked, ({ tapeId }) => tapeId ?? '')].flatMap(([tapeId, own]) => {
    const tape = tapes.find(({ id }) => id === tapeId)
    return tape ? [{ tapeId, name: tape.name, ...tallied(own, tapeFactor(summed(own), house)) }] : []
  })
  return { all: tallied(looked, house), byTape: byTape.sort((a, b) => b.metres - a.metres) }
}

function tallied(looked: readonly Looked[], factor: Factor): LinesTally {
  const sums = summed(looked)
  const metres = looked.reduce((sum, { lengthMm }) => sum + lengthMm, 0) / 1000
  const standing = standingOf(factor)
  const perM = metres > 0 ? (factor.mean * sums.expected) / metres : 0
  return {
    ...sums,
    lines: looked.length,
    metres,
    factor,
    standing,
    metresMore: standing === 'open' ? Math.ceil(metresToSettle(sums, perM)) : 0,
  }
}

const summed = (looked: readonly Looked[]): Compared => ({
  counted: looked.reduce((sum, each) => sum + each.counted, 0),
  expected: looked.reduce((sum, each) => sum + each.expected, 0),
})
