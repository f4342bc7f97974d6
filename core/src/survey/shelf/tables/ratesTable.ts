import type { Coded } from '../../../base/units/errors'
import { atCell, expects, WHOLE_TABLE, type Place } from '../../../base/units/faults'
import { nth } from '../../../base/units/sure'
import { CoreError, type Rates } from '../../../base/nouns'
import type { Column, ShelfRow } from '../columns'
import { choice, number, plainRow } from './table'

/** Work rates by name, in the order of the work. */
export const RATE_NAMES = [
  'layPerM',
  'ladderPerM',
  'stripEach',
  'pressPerM',
  'sealPerM',
  'cutInPerM',
  'pullPerM',
  'freehandPerM',
  'liquidBrushPerM',
  'liquidSprayPerM',
  'peelPerM',
  'trimPerM',
  'brushPerM2',
  'doorSideEach',
  'cabinetSideEach',
  'sprayedSideEach',
  'hangEach',
  'rollPerM2',
  'ceilingPerM2',
  'sprayPerM2',
  'coverPerM2',
  'uncoverPerM2',
  'towerEach',
  'setUpEach',
  'washOutEach',
] as const satisfies readonly (keyof Rates)[]

/** Columns of the rates: minutes of one practised painter, for a metre, a square metre or a piece. */
export const RATE_COLUMNS: readonly Column[] = [
  choice('name', RATE_NAMES),
  number('minutes', 0, 1000),
  choice('per', ['m', 'm2', 'each']),
]

/** Rates as rows. */
export const rateRows = (rates: Rates): ShelfRow[] =>
  RATE_NAMES.map((name) => plainRow({ name, minutes: rates[name], per: unitOf(name) }))

const unitOf = (name: keyof Rates): string => (name.endsWith('Each') ? 'each' : name.endsWith('M2') ? 'm2' : 'm')

/**
 * Rates from rows; each once, by its own unit.
 * @param places  where each row stands, for messages  @throws CoreError csv.invalid
 */
export function ratesOfRows(rows: readonly ShelfRow[], places: readonly Place[]): Rates {
  const found = new Map<string, number>()
  rows.forEach(({ cells }, i) => {
    const wrong = (key: string, expected: Coded) =>
      new CoreError('csv.invalid', { place: atCell(nth(places, i), key), expected })
    const name = cells.name as keyof Rates
    if (found.has(name)) throw wrong('name', expects('rate_once', { name }))
    if (cells.per !== unitOf(name)) throw wrong('per', expects('rate_unit', { unit: unitOf(name), name }))
    found.set(name, Number(cells.minutes))
  })
  const missing = RATE_NAMES.find((name) => !found.has(name))
  if (missing)
    throw new CoreError('csv.invalid', { place: WHOLE_TABLE, expected: expects('rate_row', { name: missing }) })
  return Object.fromEntries(found) as unknown as Rates
}
