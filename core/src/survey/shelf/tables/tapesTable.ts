import type { Coded } from '../../../base/units/errors'
import { atCell, expects, type Place } from '../../../base/units/faults'
import { nth, sure } from '../../../base/units/sure'
import {
  type Backing,
  BACKINGS,
  CoreError,
  EDGES,
  type Mark,
  MARKS,
  type Tape,
  type TapeEdge,
  TEARINGS,
  TOUGHNESS,
  WEATHERS,
} from '../../../base/nouns'
import { PEEL_UNITS, peelFromN25, peelToN25, type PeelUnit } from '../../../base/units/peel'
import type { CellValue, Column, ShelfRow } from '../columns'
import { choice, flag, mm, money, number, short, text } from './table'

/** Usual tapes of a class: grip, stay inside and in sun, thickness; how tight they bend is by backing. From memory; stays follow common practice. */
const TAPE_CLASS: Record<TapeEdge, Record<Backing, { grip: number; stay: number; sun: number; thick: number }>> = {
  plain: {
    'creped-paper': { grip: 3.4, stay: 7, sun: 2, thick: 130 },
    washi: { grip: 2, stay: 21, sun: 5, thick: 80 },
    plastic: { grip: 7.5, stay: 14, sun: 14, thick: 120 },
  },
  'fine-line': {
    'creped-paper': { grip: 3, stay: 14, sun: 4, thick: 110 },
    washi: { grip: 2.8, stay: 30, sun: 5, thick: 80 },
    plastic: { grip: 4, stay: 14, sun: 7, thick: 110 },
  },
  barrier: {
    'creped-paper': { grip: 3.2, stay: 14, sun: 4, thick: 130 },
    washi: { grip: 2.6, stay: 21, sun: 5, thick: 90 },
    plastic: { grip: 4, stay: 14, sun: 7, thick: 120 },
  },
}
/** Creped paper gives a little along its edge, flat washi hardly, plastic much: how tight each bends, from memory. Paper tears by hand and takes no wet, thin washi is easily brushed off, plastic wants a blade. Common practice. */
export const BACKING_CLASS: Record<Backing, Pick<Tape, 'bendTimes' | 'dye' | 'tough' | 'tears' | 'holdsIn'>> = {
  'creped-paper': { bendTimes: 25, dye: false, tough: 'usual', tears: 'by-hand', holdsIn: 'dry' },
  washi: { bendTimes: 60, dye: false, tough: 'frail', tears: 'by-hand', holdsIn: 'dew' },
  plastic: { bendTimes: 10, dye: false, tough: 'tough', tears: 'by-blade', holdsIn: 'rain' },
}
const backingClass = (row: Readonly<Record<string, CellValue | null>>) => BACKING_CLASS[row.backing as Backing]

const tapeClass = (row: Readonly<Record<string, CellValue | null>>) =>
  TAPE_CLASS[row.edge as TapeEdge][row.backing as Backing]

/** Columns of tapes. */
export const TAPE_COLUMNS: readonly Column[] = [
  text('id', 80),
  text('name'),
  choice('edge', EDGES),
  choice('backing', BACKINGS),
  number('grip', 0.1, 200, { classDefault: (row) => tapeClass(row).grip }),
  choice('grip_unit', PEEL_UNITS),
  number('stay_days', 0.1, 400, { classDefault: (row) => tapeClass(row).stay }),
  number('sun_stay_days', 0.1, 400, { classDefault: (row) => tapeClass(row).sun }),
  number('thick_um', 10, 2000, { whole: true, classDefault: (row) => tapeClass(row).thick }),
  number('bend_times', 1, 1000, { classDefault: (row) => backingClass(row).bendTimes }),
  flag('dye', { classDefault: (row) => backingClass(row).dye }),
  choice('tough', TOUGHNESS, { classDefault: (row) => backingClass(row).tough }),
  choice('tears', TEARINGS, { classDefault: (row) => backingClass(row).tears }),
  choice('holds_in', WEATHERS, { classDefault: (row) => backingClass(row).holdsIn }),
  number('roll_m', 1, 1000),
  number('width_mm', 3, 300, { whole: true }),
  money('price'),
  number('pack_of', 1, 1000, { whole: true }),
  money('pack_price'),
  number('stock_m', 0, 100_000),
  flag('retired'),
  choice('mark', MARKS),
]

/** Tapes as rows, one for each width. @param unit  in which grip is written */
export const tapeRows = (tapes: readonly Tape[], unit: PeelUnit): ShelfRow[] =>
  tapes.flatMap((t) =>
    t.rolls.map((roll) => ({
      defaults: t.defaults,
      cells: {
        id: t.id,
        name: t.name,
        edge: t.edge,
        backing: t.backing,
        grip: short(peelFromN25(t.gripN25, unit)),
        grip_unit: unit,
        stay_days: t.stayDays,
        sun_stay_days: t.sunStayDays,
        thick_um: t.thickUm,
        bend_times: t.bendTimes,
        dye: t.dye,
        tough: t.tough,
        tears: t.tears,
        holds_in: t.holdsIn,
        roll_m: t.rollLengthMm / 1000,
        width_mm: roll.widthMm,
        price: roll.priceMinor,
        pack_of: roll.packOf,
        pack_price: roll.packPriceMinor,
        stock_m: roll.stockMm / 1000,
        retired: t.retired,
        mark: t.mark,
      },
    })),
  )

/** What all widths of one tape must agree in. */
const SHARED = [
  'name',
  'edge',
  'backing',
  'stay_days',
  'sun_stay_days',
  'thick_um',
  'bend_times',
  'dye',
  'tough',
  'tears',
  'holds_in',
  'roll_m',
  'retired',
  'mark',
] as const

/**
 * Tapes from rows: those of one id are the widths of one tape.
 * @param places  where each row stands, for messages  @throws CoreError csv.invalid
 */
export function tapesOfRows(rows: readonly ShelfRow[], places: readonly Place[]): Tape[] {
  const tapes = new Map<string, { first: ShelfRow; tape: Tape }>()
  rows.forEach((row, i) => {
    const { cells: c } = row
    const wrong = (key: string, expected: Coded) =>
      new CoreError('csv.invalid', { place: atCell(nth(places, i), key), expected })
    const roll = {
      widthMm: Number(c.width_mm),
      priceMinor: Number(c.price),
      packOf: Number(c.pack_of),
      packPriceMinor: Number(c.pack_price),
      stockMm: mm(sure(c.stock_m)),
    }
    const gripN25 = short(peelToN25(Number(c.grip), c.grip_unit as PeelUnit))
    const tape = tapes.get(String(c.id))
    if (!tape) {
      tapes.set(String(c.id), { first: row, tape: tapeOfRow(row, gripN25, [roll]) })
      return
    }
    const other = SHARED.find((key) => tape.first.cells[key] !== c[key])
    if (other)
      throw wrong(other, expects('same_in_widths', { value: String(tape.first.cells[other]), tape: String(c.id) }))
    if (Math.abs(tape.tape.gripN25 - gripN25) > 0.01)
      throw wrong('grip', expects('grip_in_widths', { tape: String(c.id) }))
    if (tape.tape.rolls.some((each) => each.widthMm === roll.widthMm)) throw wrong('width_mm', expects('width_once'))
    tapes.set(String(c.id), { ...tape, tape: { ...tape.tape, rolls: [...tape.tape.rolls, roll] } })
  })
  return [...tapes.values()].map(({ tape }) => tape)
}

const tapeOfRow = ({ cells: c, defaults }: ShelfRow, gripN25: number, rolls: Tape['rolls']): Tape => ({
  id: String(c.id),
  name: String(c.name),
  gripN25,
  edge: c.edge as TapeEdge,
  backing: c.backing as Backing,
  thickUm: Number(c.thick_um),
  bendTimes: Number(c.bend_times),
  stayDays: Number(c.stay_days),
  sunStayDays: Number(c.sun_stay_days),
  dye: Boolean(c.dye),
  tough: c.tough as Tape['tough'],
  tears: c.tears as Tape['tears'],
  holdsIn: c.holds_in as Tape['holdsIn'],
  rollLengthMm: mm(sure(c.roll_m)),
  rolls,
  retired: Boolean(c.retired),
  defaults,
  mark: c.mark as Mark,
})
