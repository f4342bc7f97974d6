import type { PlacedTask } from '../plan/placement'
import type { ScheduleProblem } from '../problem/problem'
import { miss, type Miss } from './miss'
import type { Passed } from './reach'

/** Fields that are reached when the band beside them has set, by how long after; what happened already is left to the look. */
export function checkFields(
  { bands }: Pick<ScheduleProblem, 'bands'>,
  placed: ReadonlyMap<string, PlacedTask>,
  passed: Passed,
): Miss[] {
  return bands.flatMap(({ fieldId, lineId, startsAfterMin, clock, openMin }) => {
    const [line, field] = [placed.get(lineId), placed.get(fieldId)]
    if (!line || !field || field.done) return []
    const set = passed(line.from + startsAfterMin, { clock, amount: openMin })
    return set === null || field.from <= set + 1
      ? []
      : [miss('band-set', fieldId, { minutes: Math.ceil(field.from - set), at: set, other: lineId })]
  })
}
