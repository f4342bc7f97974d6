import type { LineToMake, UnitSystem } from '@crisp-hem/core'
import { W } from '../words'
import { mmWords } from '../words/mmWords'

/** Marks of a line on a bare wall in words, from the left corner and above the floor; arcs by their pin and string. */
export function placeMarksText({ marks, pins, grid }: LineToMake, units: UnitSystem): string {
  const mm = mmWords(units)
  const all = (places: readonly number[]) => places.map(mm).join(', ')
  if (grid) return W.lines.gridMarks({ at: all(grid.atMm), up: all(grid.heightMm) })
  return [
    ...marks.map(({ atMm, heightMm }) => W.lines.markPlace({ at: mm(atMm), up: mm(heightMm) })),
    ...pins.map(({ atMm, heightMm, radiusMm }) =>
      W.lines.pinPlace({ at: mm(atMm), up: mm(heightMm), radius: mm(radiusMm) }),
    ),
  ].join('; ')
}
