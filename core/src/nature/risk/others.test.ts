import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { stayClock } from '../cure/clocks'
import { SHEENS } from '../../base/nouns'
import fc from 'fast-check'
import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import { coverLoadNPerM, flakesPerM2, tackSpacingM } from './cover'
import { crackPerMetre } from './crack'
import { offBy, residuePerMetre, stayUsed } from './residue'
import { tearPerMetre } from './tear'

const tape = (id: string) => STARTER_SHELF.tapes.find((each) => each.id === id)!
const film = STARTER_SHELF.covers.find((cover) => cover.kind === 'film')!
const sealants = STARTER_SHELF.sealants

describe('common practice, no published source', () => {
  test('C2: clean-removal times of the classes on the starter shelf', () => {
    const days = (pick: (each: (typeof STARTER_SHELF.tapes)[number]) => boolean) =>
      STARTER_SHELF.tapes.filter(pick).map((each) => each.stayDays)
    expect(Math.min(...days((each) => each.edge === 'plain' && each.backing === 'creped-paper'))).toBeLessThanOrEqual(1)
    expect(days((each) => each.edge === 'plain' && each.gripN25 > 3 && each.gripN25 < 4.5)).toContain(7)
    expect(Math.max(...days((each) => each.gripN25 <= 2.2))).toBe(21)
    expect(STARTER_SHELF.tapes.filter((each) => each.backing === 'plastic').map((each) => each.sunStayDays)).toContain(
      14,
    )
  })
  test('C12: a storey’s film on general tape wants a tack about every 60 cm near the gun', () => {
    const general = STARTER_SHELF.tapes.find((each) => each.gripN25 >= 3 && each.gripN25 < 4)!
    const spacing = tackSpacingM(
      general,
      coverLoadNPerM({ cover: film, dropM: 2.6, airMs: 2.5, slackM: 0.3, parameters: DEFAULT_PARAMETERS }),
      DEFAULT_PARAMETERS,
    )!
    expect(spacing).toBeGreaterThan(0.4)
    expect(spacing).toBeLessThan(0.9)
  })
  test('C22: flat over wet ordinary sealant cracks, satin does not; clear shrinks more; paint-at-once suits flat', () => {
    const clear = sealants.find((sealant) => sealant.colour === 'clear' && !sealant.paintAtOnce)!
    const white = sealants.find((sealant) => sealant.colour === 'white' && !sealant.paintAtOnce)
    const atOnce = sealants.find((sealant) => sealant.paintAtOnce)!
    expect(crackPerMetre(clear, 'flat', DEFAULT_PARAMETERS)).toBeGreaterThan(0.5)
    expect(crackPerMetre(clear, 'satin', DEFAULT_PARAMETERS)).toBeLessThan(0.12)
    if (white)
      expect(crackPerMetre(white, 'flat', DEFAULT_PARAMETERS)).toBeLessThan(
        crackPerMetre(clear, 'flat', DEFAULT_PARAMETERS),
      )
    expect(crackPerMetre(atOnce, 'flat', DEFAULT_PARAMETERS)).toBeLessThan(0.2)
    expect(crackPerMetre(null, 'flat', DEFAULT_PARAMETERS)).toBe(0)
  })
  test('film: tacky is worst, shinier tears more when dry, scoring helps, a dried bead harms', () => {
    const dry = SHEENS.map((sheen) =>
      tearPerMetre({ sheen, seal: 'none', film: 'dry', scored: false, parameters: DEFAULT_PARAMETERS }),
    )
    expect([...dry].sort((a, b) => a - b)).toEqual(dry)
    expect(
      tearPerMetre({ sheen: 'satin', seal: 'none', film: 'tacky', scored: false, parameters: DEFAULT_PARAMETERS }),
    ).toBeGreaterThan(Math.max(...dry))
    expect(
      tearPerMetre({ sheen: 'satin', seal: 'none', film: 'dry', scored: true, parameters: DEFAULT_PARAMETERS }),
    ).toBeLessThan(
      tearPerMetre({ sheen: 'satin', seal: 'none', film: 'dry', scored: false, parameters: DEFAULT_PARAMETERS }),
    )
    expect(
      tearPerMetre({
        sheen: 'flat',
        seal: 'wiped-sealant',
        film: 'dry',
        scored: false,
        parameters: DEFAULT_PARAMETERS,
      }),
    ).toBeGreaterThan(dry[0]!)
  })
  test('loose film sheds flakes from its second coat on; paper and taut film hardly do', () => {
    expect(flakesPerM2('film', 0, 2, 0.5)).toBe(0)
    expect(flakesPerM2('film', 1, 2, 0.5)).toBeGreaterThan(0.2)
    expect(flakesPerM2('film', 1, 2, 0)).toBe(0)
    expect(flakesPerM2('paper', 1, 2, 0.5)).toBeLessThan(0.02)
  })
})

test('a heavier or windier cover needs closer tacks, and at last nothing holds it', () => {
  const general = tape(STARTER_SHELF.tapes[0]!.id)
  const spacing = (air: number) =>
    tackSpacingM(
      general,
      coverLoadNPerM({ cover: film, dropM: 2.6, airMs: air, slackM: 0.3, parameters: DEFAULT_PARAMETERS }),
      DEFAULT_PARAMETERS,
    )
  expect(spacing(4)!).toBeLessThan(spacing(2)!)
  expect(spacing(60)).toBeNull()
})

const stay = (tempC: number) => stayClock({ startMin: 0, hours: [{ tempC, rh: 50, windMs: 0.1 }] })
test('the stay clock keeps label days at 23 °C, and runs about twice as fast 11 °C warmer', () => {
  const [one] = STARTER_SHELF.tapes
  expect(offBy(stay(23), one!.stayDays, 0)).toBeCloseTo(one!.stayDays * 1440, 6)
  const warm = offBy(stay(34), one!.stayDays, 0)! / 1440
  expect(one!.stayDays / warm).toBeGreaterThan(1.9)
  expect(one!.stayDays / warm).toBeLessThan(2.15)
})

test('more stay never leaves less residue', () => {
  const [one] = STARTER_SHELF.tapes
  const span = fc.integer({ min: 0, max: 40_000 })
  fc.assert(
    fc.property(span, span, fc.integer({ min: -5, max: 45 }), (minutes, more, tempC) => {
      const risk = (pulled: number) =>
        residuePerMetre(stayUsed(stay(tempC), one!.stayDays, 0, pulled), DEFAULT_PARAMETERS)
      expect(risk(minutes + more)).toBeGreaterThanOrEqual(risk(minutes))
    }),
  )
})
