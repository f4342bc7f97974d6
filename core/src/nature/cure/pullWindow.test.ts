import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import fc from 'fast-check'
import { steadyAir } from '../air/airSeries'
import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import { dryingClock } from './clocks'
import { pullWindow, spanAt, type WindowSetup } from './pullWindow'

const satin = STARTER_SHELF.coatings.find((coating) => coating.id === 'quay-satin')!
const clear = STARTER_SHELF.sealants.find((sealant) => sealant.id === 'plover-clear')!
const label = dryingClock(steadyAir(23, 50))
const base: WindowSetup = {
  drying: label,
  hardening: label,
  beadDrying: label,
  coating: satin,
  settleShare: DEFAULT_PARAMETERS.work.settleShare.value,
  coatedFrom: 0,
  coatedTo: 0,
  sealant: null,
  sealedAt: null,
  offBy: null,
}

test('at label conditions the spans are the label times', () => {
  const spans = pullWindow(base)
  expect(spans.map((span) => span.kind)).toEqual(['too-wet', 'wet', 'tacky', 'dry'])
  expect(spans[1]!.to).toBeCloseTo(satin.openMin, 9)
  expect(spans[2]!.to).toBeCloseTo(satin.hardDryMin, 9)
  expect(spans[3]!.to).toBeNull()
})

test('a bead wiped 10 minutes ahead skins first and ends the wet window', () => {
  const spans = pullWindow({ ...base, sealant: { ...clear, skinMin: 25 }, sealedAt: -10 })
  expect(spans[1]).toMatchObject({ kind: 'wet', endedBy: 'sealant-skin' })
  expect(spans[1]!.to).toBeCloseTo(15, 9)
})

test('the tape must be off when its stay is used up, whatever the paint does', () => {
  const spans = pullWindow({ ...base, offBy: 100 })
  expect(spans.at(-1)).toEqual({ kind: 'past', from: 100, to: null, endedBy: null })
  expect(spanAt(spans, 99)?.kind).toBe('tacky')
  expect(spanAt(spans, 5000)?.kind).toBe('past')
})

const anyAir = fc.record({
  tempC: fc.double({ min: 5, max: 38, noNaN: true }),
  rh: fc.double({ min: 15, max: 98, noNaN: true }),
})

test('windows never overlap, run backwards or leave gaps', () => {
  fc.assert(
    fc.property(
      anyAir,
      fc.integer({ min: 0, max: 90 }),
      fc.integer({ min: 1, max: 5000 }),
      fc.boolean(),
      (air, took, off, bead) => {
        const spans = pullWindow({
          ...base,
          drying: dryingClock(steadyAir(air.tempC, air.rh)),
          coatedTo: took,
          offBy: off,
          sealant: bead ? clear : null,
          sealedAt: bead ? -5 : null,
        })
        spans.forEach((span, i) => {
          if (span.to !== null) expect(span.to).toBeGreaterThan(span.from)
          if (i > 0) expect(span.from).toBe(spans[i - 1]!.to)
        })
      },
    ),
  )
})

test('hotter or drier air never opens the wet window longer', () => {
  const wetEnd = (tempC: number, rh: number) =>
    pullWindow({ ...base, drying: dryingClock(steadyAir(tempC, rh)) }).find((span) => span.kind === 'wet')!.to!
  fc.assert(
    fc.property(anyAir, fc.double({ min: 0, max: 8, noNaN: true }), (air, more) => {
      expect(wetEnd(air.tempC + more, air.rh)).toBeLessThanOrEqual(wetEnd(air.tempC, air.rh) + 1e-9)
      expect(wetEnd(air.tempC, Math.max(5, air.rh - more))).toBeLessThanOrEqual(wetEnd(air.tempC, air.rh) + 1e-9)
    }),
  )
})
