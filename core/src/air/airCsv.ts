import Papa from 'papaparse'
import { CoreError } from '../errors'
import { formatInstant, parseInstant } from '../units/time'
import type { AirPoint, AirSeries } from './airSeries'

const COLUMNS = ['time', 'temp_c', 'rh_pct', 'wind_ms'] as const
const LIMITS = { temp_c: [-40, 60], rh_pct: [1, 100], wind_ms: [0, 60] } as const

/** Hourly air as CSV: `time,temp_c,rh_pct,wind_ms`, times in UTC. */
export const writeAirCsv = (series: AirSeries): string =>
  `${Papa.unparse(
    {
      fields: [...COLUMNS],
      data: series.hours.map((hour, i) => [formatInstant(series.startMin + 60 * i), hour.tempC, hour.rh, hour.windMs]),
    },
    { newline: '\n' },
  )}\n`

/**
 * Reads hourly air. The whole file is refused at its first wrong row, with the row and what was expected.
 * @throws CoreError airfile.invalid
 */
export function readAirCsv(text: string): AirSeries {
  const { data, errors } = Papa.parse<Record<string, string>>(text.trim(), { header: true, skipEmptyLines: true })
  const [broken] = errors
  if (broken) throw wrong(`row ${(broken.row ?? 0) + 2}`, broken.message)
  const missing = COLUMNS.find((column) => !(column in (data[0] ?? {})))
  if (missing) throw wrong('first row', `expected the columns ${COLUMNS.join(', ')}; ${missing} is missing`)
  const startMin = timeOf(data[0]!, 2)
  const hours = data.map((row, i): AirPoint => {
    const place = i + 2
    if (timeOf(row, place) !== startMin + 60 * i)
      throw wrong(`row ${place}, time`, 'expected exactly one hour after the row before')
    return {
      tempC: numberOf(row, 'temp_c', place),
      rh: numberOf(row, 'rh_pct', place),
      windMs: numberOf(row, 'wind_ms', place),
    }
  })
  return { startMin, hours }
}

function timeOf(row: Record<string, string>, place: number): number {
  try {
    return parseInstant(row.time ?? '')
  } catch {
    throw wrong(`row ${place}, time`, 'expected a UTC time such as 2027-05-12T09:00:00Z')
  }
}

function numberOf(row: Record<string, string>, column: keyof typeof LIMITS, place: number): number {
  const [low, high] = LIMITS[column]
  const text = row[column]?.trim() ?? ''
  const value = text === '' ? Number.NaN : Number(text)
  if (!(value >= low && value <= high))
    throw wrong(`row ${place}, ${column}`, `expected a number from ${low} to ${high}, not “${text}”`)
  return value
}

const wrong = (place: string, expected: string) => new CoreError('airfile.invalid', { place, expected })
