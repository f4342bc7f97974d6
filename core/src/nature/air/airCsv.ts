import type { Coded } from '../../base/units/errors'
import { atCell, atRow, expects, FIRST_ROW } from '../../base/units/faults'
import { nth } from '../../base/units/sure'
import { CoreError, OUTDOOR_LIMITS, type OutdoorHour, type OutsideAir } from '../../base/nouns'
import { readCsv, writeCsv } from '../../base/units/csvText'
import { formatInstant, parseInstant } from '../../base/units/time'

/** Columns of an hourly file, in order, and the fields they fill. */
const COLUMNS = {
  temp_c: 'tempC',
  rh_pct: 'rh',
  wind_ms: 'windMs',
  cloud: 'cloud',
  rain_mm: 'rainMm',
} as const satisfies Record<string, keyof OutdoorHour>
type Column = keyof typeof COLUMNS
const NAMES = Object.keys(COLUMNS) as Column[]
const FIRST_LINE = ['time', ...NAMES]

/** Hourly air as CSV, times in UTC. */
export function writeAirCsv(air: Pick<OutsideAir, 'from' | 'hours'>): string {
  const start = parseInstant(air.from)
  const data = air.hours.map((hour, i) => [formatInstant(start + 60 * i), ...NAMES.map((name) => hour[COLUMNS[name]])])
  return writeCsv(FIRST_LINE, data)
}

/**
 * Reads hourly air. The whole file is refused at its first wrong row, with the row and what was expected.
 * @throws CoreError airfile.invalid
 */
export function readAirCsv(text: string): OutsideAir {
  const { data, errors } = readCsv(text)
  const missing = FIRST_LINE.find((column) => !(column in (data[0] ?? {})))
  if (missing) throw wrong(FIRST_ROW, expects('columns', { columns: FIRST_LINE.join(', '), missing }))
  const [broken] = errors
  if (broken) throw wrong(atRow((broken.row ?? 0) + 2), expects('cells', { n: FIRST_LINE.length }))
  const start = timeOf(nth(data, 0), 2)
  if (start % 60 !== 0) throw wrong(atCell(atRow(2), 'time'), expects('full_hour'))
  const hours = data.map((row, i): OutdoorHour => {
    const place = i + 2
    if (timeOf(row, place) !== start + 60 * i) throw wrong(atCell(atRow(place), 'time'), expects('hour_after'))
    const read = (name: Column) => numberOf(row, name, place)
    return {
      tempC: read('temp_c'),
      rh: read('rh_pct'),
      windMs: read('wind_ms'),
      cloud: read('cloud'),
      rainMm: read('rain_mm'),
    }
  })
  return { source: 'file', from: formatInstant(start), hours }
}

function timeOf(row: Record<string, string>, place: number): number {
  try {
    return parseInstant(row.time ?? '')
  } catch {
    throw wrong(atCell(atRow(place), 'time'), expects('instant'))
  }
}

function numberOf(row: Record<string, string>, column: Column, place: number): number {
  const [low, high] = OUTDOOR_LIMITS[COLUMNS[column]]
  const text = row[column]?.trim() ?? ''
  const value = text === '' ? Number.NaN : Number(text)
  if (!(value >= low && value <= high))
    throw wrong(atCell(atRow(place), column), expects('number_from_to', { low, high, text }))
  return value
}

const wrong = (place: Coded, expected: Coded) => new CoreError('airfile.invalid', { place, expected })
