import { seededNumbers, seedOf } from '../../base/units/seeded'
import { saturationPa, vapourPa } from './vapour'
import type { OutdoorHour } from '../../base/nouns'
import type { AirPoint } from './airSeries'

interface WeatherPlace {
  readonly name: string
  readonly latDeg: number
  readonly lonDeg: number
}

/** Where hourly weather comes from: a service on the network, or the stand-in below. */
export interface WeatherProvider {
  /** @param startMin minutes since the epoch, a full hour */
  hourly(place: WeatherPlace, startMin: number, hours: number): Promise<OutdoorHour[]>
}

/** Made-up weather that is the same for the same seed, place and hour. */
export const standInWeather = (seed: number): WeatherProvider => ({
  hourly: async (place, startMin, hours) => madeUpHours(seed, place, startMin, hours),
})

const MIN_PER_DAY = 1440
/** Days a front takes to pass, on average. */
const FRONT_DAYS = 4

/**
 * Hours of made-up weather: the season by latitude, fronts that pass every few days with cloud, wind and rain, a daily
 * swing damped by cloud, a dew point that follows last night's low, so that clear mornings are damp.
 */
export function madeUpHours(seed: number, place: WeatherPlace, startMin: number, hours: number): OutdoorHour[] {
  return Array.from({ length: hours }, (_, i) => hourAt(seed, place, startMin + 60 * i))
}

function hourAt(seed: number, place: WeatherPlace, at: number): OutdoorHour {
  const days = at / MIN_PER_DAY
  const front = frontAt(seed, place.name, days)
  const cloud = clamp(0.25 + 0.75 * front.strength, 0, 1)
  const solarHour = ((days + place.lonDeg / 360) % 1) * 24
  const season = Math.cos((2 * Math.PI * ((days % 365.25) - 200)) / 365.25) * (place.latDeg >= 0 ? 1 : -1)
  const mean = 28 - 0.45 * Math.abs(place.latDeg) + 0.2 * Math.abs(place.latDeg) * season + 3 * front.warmth
  const swing = 5.5 * (1 - 0.6 * cloud)
  const tempC = mean + swing * Math.cos((2 * Math.PI * (solarHour - 15)) / 24)
  // The night's low sets the dew point: about half a degree below it under clear sky, closer in rain.
  const dewC = mean - swing - (front.strength > 0.6 ? -1.5 : 0.5)
  const rh = clamp((100 * saturationPa(Math.min(dewC, tempC))) / saturationPa(tempC), 15, 100)
  const breeze = 1.2 + 1.6 * Math.max(0, Math.sin((Math.PI * (solarHour - 9)) / 10))
  return {
    tempC: round(tempC, 1),
    rh: round(rh, 0),
    windMs: round(breeze + 6 * front.strength, 1),
    cloud: round(cloud, 2),
    rainMm: front.strength > 0.75 ? round(3 * (front.strength - 0.7), 1) : 0,
  }
}

/** Strength 0 … 1 of the front over a place, and whether it brings warm or cold air. */
function frontAt(seed: number, place: string, days: number): { strength: number; warmth: number } {
  const slot = Math.floor(days / FRONT_DAYS)
  let strength = 0
  let warmth = 0
  for (const near of [slot - 1, slot, slot + 1]) {
    const random = seededNumbers(seedOf(`${seed}|${place}|${near}`))
    const centre = (near + random()) * FRONT_DAYS
    const width = 0.3 + 0.5 * random()
    const size = 0.3 + 0.7 * random()
    const distance = (days - centre) / width
    strength = Math.max(strength, size * Math.exp(-distance * distance))
    warmth += (random() - 0.5) * Math.exp(-Math.abs(days - centre) / 2)
  }
  return { strength, warmth }
}

const clamp = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value))
const round = (value: number, digits: number) => Number(value.toFixed(digits))

/** Air moved through a room with its windows shut, and open, m/s. From memory. */
const ROOM_WIND = { shut: 0.1, open: 0.3 }
/** How far a room's temperature follows outside. From memory. */
const ROOM_FOLLOWS = { shut: 0.3, open: 0.85 }

/** Air inside a room kept near `roomC`, with the vapour of the air outside. From memory. */
export function indoorAir(outside: OutdoorHour, roomC: number, windows: 'shut' | 'open'): AirPoint {
  const tempC = round(roomC + ROOM_FOLLOWS[windows] * (outside.tempC - roomC), 1)
  const vapour = vapourPa(outside.tempC, outside.rh)
  return { tempC, rh: round(clamp((100 * vapour) / saturationPa(tempC), 15, 100), 0), windMs: ROOM_WIND[windows] }
}
