import { length, said, word, type Said } from '../../base/nouns'
import type { UnitSystem } from '../../base/units/length'
import type { LumpAnswer, LumpWay } from '../../survey/lines/lumps'

const LUMP_STEPS = {
  press: 'step.lump_press',
  'short-pieces': 'step.lump_pieces',
  'relief-cuts': 'step.lump_cuts',
  joint: 'step.lump_joint',
  mend: 'step.lump_mend',
} as const satisfies Record<LumpWay, string>

/** What is done where a line crosses a lump or a dip. */
export function tellLump({ lump, way, everyMm }: LumpAnswer, units: UnitSystem): Said {
  const mm = (value: number) => length(value, units)
  return said(LUMP_STEPS[way], {
    at: mm(lump.atMm),
    long: mm(lump.lengthMm),
    high: mm(Math.round(Math.abs(lump.heightMm))),
    shape: word('lump', lump.heightMm > 0 ? 'lump' : 'dip'),
    every: mm(everyMm ?? 0),
  })
}
