import { gullRow, ternQuay } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import type { Job } from '../src/base/nouns'
import { inWages } from '../src/base/nouns'
import { offerOf, offersFor } from '../src/answers/quotes/offers'
import { tookSoFar } from '../src/answers/quotes/tookSoFar'
import { parseInstant } from '../src/base/units/time'
import { breakEven, SWEEPS } from '../src/answers/ways/breakEven'
import { compareWays, inWay, type WAYS } from '../src/answers/ways/compareWays'
import { outlayOf } from '../src/answers/ways/outlay'

/** Prices and ways over whole jobs. Trade facts: common practice, no published source. */
const small: Job = { ...gullRow(), log: [], published: null }

describe('an offer', () => {
  const offers = offersFor(small)
  test('adds up line by line: overhead on costs, margin on both, tax on the net', () => {
    const { selling } = small.house
    for (const { lines, netMinor, taxMinor, totalMinor } of offers) {
      const of = (kind: string) => lines.find((line) => line.kind === kind)!.amountMinor
      const costs = lines
        .filter(({ kind }) => kind !== 'overhead' && kind !== 'margin')
        .reduce((sum, line) => sum + line.amountMinor, 0)
      expect(of('overhead')).toBe(Math.round((costs * selling.overheadPct) / 100))
      expect(of('margin')).toBe(Math.round(((costs + of('overhead')) * selling.marginPct) / 100))
      expect(netMinor).toBe(lines.reduce((sum, line) => sum + line.amountMinor, 0))
      expect(taxMinor).toBe(Math.round((netMinor * selling.taxPct) / 100))
      expect(totalMinor).toBe(netMinor + taxMinor)
    }
  })
  test('tape costs the same in the load and in the quote', () => {
    const load = planJob({ ...small, log: [], published: null }).load
    const tape = load.tapes.reduce((sum, line) => sum + line.usedMinor, 0)
    expect(tape).toBeGreaterThan(0)
    expect(outlayOf(small).tapeMinor).toBe(tape)
  })
  test('by hand: 10 h at 38.00, 20.00 of material, one day of two people', () => {
    const outlay = {
      ...outlayOf(small),
      wagesMinor: 38_000,
      workedMin: 600,
      coversMinor: 0,
      tapeMinor: 2000,
      sealsMinor: 0,
      paintMinor: 0,
      personDays: 2,
    }
    const house = { ...small.house, wagePerHourMinor: 3800, selling: { ...small.house.selling, taxPct: 20 } }
    const offer = offerOf({ ...small, house }, 'better', outlay)
    // Set-up 2 × 30 min = 38.00, sundries 2 × 3.50; costs 445.00, 12 % of it 53.40, 15 % of both 74.76, net 573.16, tax 114.63.
    expect(offer.lines.map((line) => line.amountMinor)).toEqual([38_000, 0, 2000, 0, 0, 700, 3800, 5340, 7476])
    expect([offer.netMinor, offer.taxMinor]).toEqual([57_316, 11_463])
  })
  test('a dearer one has fewer marks: none is beaten in both', () => {
    for (const [i, each] of offers.entries())
      for (const cheaper of offers.slice(0, i)) {
        expect(cheaper.totalMinor).toBeLessThan(each.totalMinor)
        expect(cheaper.faultMm).toBeGreaterThan(each.faultMm)
      }
    expect(offers.length).toBeGreaterThan(0)
  })
  test('painters see no quote', () => {
    const quoted = { ...small, quotes: [{ id: 'q', at: small.start, by: '', note: '', offers, taken: null }] }
    expect(inWages(quoted, small.house.wagePerHourMinor).quotes).toEqual([])
  })
  test('what a job took is told for as much of it as is ticked', () => {
    const job = ternQuay()
    const plan = planJob(job, parseInstant('2027-05-12T13:22:00Z'))
    const took = tookSoFar(job, plan, offers[0]!)
    expect(took.doneShare).toBeGreaterThan(0.2)
    expect(took.doneShare).toBeLessThan(1)
    expect(took.workedMin).toBeGreaterThan(0)
    const none = tookSoFar({ ...job, log: [] }, planJob({ ...job, log: [], published: null }), offers[0]!)
    expect(none).toMatchObject({ doneShare: 0, workedMin: 0, tapeMm: 0, marks: 0 })
  })
})

describe('ways', () => {
  const outcomes = compareWays(small, { roomId: null, stepId: null, thingId: null })
  const of = (way: (typeof WAYS)[number]) => outcomes.find((outcome) => outcome.way === way)!
  test('the gun takes fewer hours and more paint; by hand takes no more tape than tape does', () => {
    expect(of('mask-and-spray').paintMinor).toBeGreaterThan(of('tape-and-brush').paintMinor)
    expect(of('by-hand').tapeMm).toBeLessThanOrEqual(of('tape-and-brush').tapeMm)
  })
  test('only the step asked for changes its tool; trim goes back to a brush', () => {
    const [room] = small.rooms
    const step = room!.steps[0]!
    const sprayed = inWay(small, 'mask-and-spray', { stepId: step.id }).rooms[0]!
    expect(sprayed.steps.map(({ id, tool }) => tool === 'spray' || id !== step.id)).not.toContain(false)
    const back = inWay(inWay(small, 'mask-and-spray', { stepId: null }), 'tape-and-brush', { stepId: null })
    expect(back.rooms.flatMap((each) => each.steps.map(({ tool }) => tool))).not.toContain('spray')
  })
  for (const sweep of SWEEPS)
    test(`${sweep}: more of it costs more, and from the break-even on the second way is the cheaper one`, () => {
      const { xs, ways, from } = breakEven(small, sweep)
      for (const { minor } of ways) expect(minor.at(-1)!).toBeGreaterThan(minor[0]!)
      xs.forEach((x, i) => {
        if (from !== null && x >= from) expect(ways[1]!.minor[i]!).toBeLessThan(ways[0]!.minor[i]!)
      })
      const before = from === null ? xs.length - 1 : xs.indexOf(from) - 1
      if (before >= 0) expect(ways[1]!.minor[before]!).toBeGreaterThanOrEqual(ways[0]!.minor[before]!)
    })
})
