import type { LineMark, UnitSystem } from '@crisp-hem/core'
import { W } from '../words'
import { mmWords } from '../words/mmWords'

/** Marks of a line in words, all measured from its left end: "3 mm at 0 mm; 5 mm at 600 mm". */
export function marksText(marks: readonly LineMark[], units: UnitSystem): string {
  const mm = mmWords(units)
  const all = marks.map(({ atMm, offMm }) => W.lines.markAtPlace({ off: mm(offMm), at: mm(atMm) }))
  return W.lines.marksFrom({ marks: all.join('; ') })
}
