import type { AirSeries } from '../air/airSeries'
import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import fc from 'fast-check'
import { madeUpHours } from '../air/weather'
import { roomAir } from '../air/siteAir'
import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import { parseInstant } from '../../base/units/time'
import { cureClock, dryingClock } from './clocks'
import { sequenceWindows } from './coatSequence'
import { filmOf } from './film'
import { pullWindow } from './pullWindow'
import { instantOfGain } from './rateClock'

const satin = STARTER_SHELF.coatings.find((coating) => coating.id === 'quay-satin')!
const steady = { startMin: 0, hours: [{ tempC: 23, rh: 50, windMs: 0.1 }] }
const settleShare = DEFAULT_PARAMETERS.work.settleShare.value
const coat = (at: number) => ({
  coating: satin,
  settleShare,
  coatedFrom: at,
  coatedTo: at,
  sealant: null,
  sealedAt: null,
})

test('two coats by hand: the first coat’s spans end where the second begins', () => {
  const second = satin.recoatMin + 60
  const spans = sequenceWindows(clocksIn(steady), [coat(0), coat(second)], null)
  expect(spans.map((span) => [span.kind, span.coat])).toEqual([
    ['too-wet', 1],
    ['wet', 1],
    ['tacky', 1],
    ['too-wet', 2],
    ['wet', 2],
    ['tacky', 2],
    ['dry', 2],
  ])
  expect(spans[2]).toMatchObject({ from: satin.openMin, to: second })
  expect(spans[4]!.to).toBeCloseTo(second + satin.openMin, 9)
})

const weather = (seed: number) =>
  roomAir({
    tempC: 18,
    rh: 60,
    windows: 'open',
    outside: {
      source: 'weather-service',
      from: '2027-03-27T00:00:00Z',
      hours: madeUpHours(seed, { name: 'x', latDeg: 50, lonDeg: 5 }, parseInstant('2027-03-27T00:00:00Z'), 96),
    },
  })

// The night of 28 March 2027 has a clock change in Europe; instants know nothing of it.
test('in any weather, over midnight and a clock change, windows never overlap, leave gaps or run backwards', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 400 }),
      fc.integer({ min: 0, max: 2880 }),
      fc.array(fc.integer({ min: 20, max: 900 }), { maxLength: 3 }),
      fc.option(fc.integer({ min: 10, max: 4000 })),
      (seed, start, gaps, stay) => {
        const from = parseInstant('2027-03-27T00:00:00Z') + start
        const starts = gaps.reduce((list, gap) => [...list, list.at(-1)! + gap], [from])
        const clock = dryingClock(weather(seed))
        const spans = sequenceWindows(
          { drying: clock, hardening: clock, beadDrying: clock },
          starts.map(coat),
          stay === null ? null : from + stay,
        )
        expect(spans[0]!.from).toBe(from)
        spans.forEach((span, i) => {
          if (span.to !== null) expect(span.to).toBeGreaterThan(span.from)
          if (i > 0) expect(span.from).toBe(spans[i - 1]!.to)
        })
        expect(spans.at(-1)!.to).toBeNull()
      },
    ),
  )
})

const clocksIn = (air: AirSeries) => {
  const clock = dryingClock(air)
  return { drying: clock, hardening: clock, beadDrying: clock }
}

test('hotter, drier, windier or thinner shortens the wet window', () => {
  const wetEnd = (point: { tempC: number; rh: number; windMs: number; faceC?: number }, share = 1) =>
    pullWindow({
      ...coat(0),
      coating: filmOf(satin, share),
      ...clocksIn({ startMin: 0, hours: [point] }),
      offBy: null,
    }).find((span) => span.kind === 'wet')!.to!
  const usual = wetEnd({ tempC: 20, rh: 55, windMs: 0.1 })
  expect(wetEnd({ tempC: 27, rh: 55, windMs: 0.1 })).toBeLessThan(usual)
  expect(wetEnd({ tempC: 20, rh: 35, windMs: 0.1 })).toBeLessThan(usual)
  expect(wetEnd({ tempC: 20, rh: 55, windMs: 2 })).toBeLessThan(usual)
  expect(wetEnd({ tempC: 20, rh: 55, windMs: 0.1, faceC: 35 })).toBeLessThan(usual)
  expect(wetEnd({ tempC: 20, rh: 55, windMs: 0.1 }, 0.5)).toBeCloseTo(usual / 2, 9)
})

test('far below the film-forming limit cure stands still and is never reached', () => {
  const cold = { startMin: 0, hours: [{ tempC: 2, rh: 50, windMs: 0.1 }] }
  expect(instantOfGain(cureClock(cold, 8), 0, 30 * 1440)).toBeNull()
})
