import { readFileSync } from 'node:fs'
import { DEFAULT_PARAMETERS, type Parameters } from '../src/base/parameters/parameters'
import type { Sheen } from '../src/base/nouns'
import { steadyAir } from '../src/nature/air/airSeries'
import { faceAtRestC } from '../src/nature/air/faceHeat'
import { waterOnFace } from '../src/nature/air/faceWater'
import { skyTempC } from '../src/nature/air/nightSky'
import { dewPointC } from '../src/nature/air/vapour'
import { dryingRate, stayClock } from '../src/nature/cure/clocks'
import { gainedBetween } from '../src/nature/cure/rateClock'
import type { EdgeSetup } from '../src/nature/risk/bleed'
import { bleedSize } from '../src/nature/risk/bleedSize'
import { crackPerMetre } from '../src/nature/risk/crack'
import { withDoubt } from '../src/nature/risk/drawn'
import { liftPerMetre, type KeepFinish } from '../src/nature/risk/lift'
import { tearPerMetre, type FilmAtPull } from '../src/nature/risk/tear'
import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import { PLAIN_EDGE } from './plainEdge'

/**
 * What painters have found, with what the models say beside it and how sure they are. All of it: common practice, no published source, but
 * where a source is named. The table in docs/science.md is this one: it is written down as it comes out here.
 */
const coating = (id: string) => STARTER_SHELF.coatings.find((each) => each.id === id)!
const EDGE: EdgeSetup = { ...PLAIN_EDGE, texture: 'stipple', coating: coating('quay-matt') }
const SOUND: KeepFinish = { soundness: 'sound', tool: 'roller', ageRefMin: Number.POSITIVE_INFINITY }
const days = (count: number, more: Partial<KeepFinish> = {}): KeepFinish => ({
  ...SOUND,
  ageRefMin: 1440 * count,
  ...more,
})

type Of = (by: Parameters) => number
const bleed =
  (more: Partial<EdgeSetup>): Of =>
  (by) =>
    bleedSize({ ...EDGE, ...more }, by).lengthMm.mean
const ratio =
  (a: Of, b: Of): Of =>
  (by) =>
    a(by) / b(by)
const lift =
  (grip: number, finish: KeepFinish): Of =>
  (by) =>
    100 * liftPerMetre(grip, finish, by).mean
const tear =
  (sheen: Sheen, film: FilmAtPull, scored = false, skins = 0): Of =>
  (by) =>
    100 * tearPerMetre({ sheen, seal: 'none', film, scored, skins, parameters: by })
const crack =
  (shrinkPct: number, sheen: Sheen, paintAtOnce = false): Of =>
  (by) =>
    100 * crackPerMetre({ shrinkPct, paintAtOnce }, sheen, by)
const fixed =
  (value: number): Of =>
  () =>
    value

interface Row {
  readonly fact: string
  readonly unit: string
  readonly of: Of
  readonly holds: (value: number) => boolean
}
const row = (fact: string, unit: string, of: Of, holds: Row['holds']): Row => ({ fact, unit, of, holds })

const night = { tempC: 8, skyC: skyTempC(8, dewPointC(8, 90), 0, 4), windMs: 0.5, sunWm2: 0, absorbs: 0 }
const wetHours = (material: 'render' | 'metal') => {
  const dry = { tempC: 15, rh: 70, windMs: 1, faceC: 16 }
  const water = waterOnFace(material, [{ ...dry, rainMm: 4 }, ...Array.from({ length: 60 }, () => dry)])
  return water.findIndex((mm, i) => i > 0 && mm === 0) - 1
}
const usedIn = (tempC: number): number => gainedBetween(stayClock(steadyAir(tempC, 50)), 0, 1440) / 1440
const drying = (tempC: number): number => dryingRate({ tempC, rh: 50, windMs: 0.1 })
const stained = { texture: 'wood-grain', openGrain: true, coating: coating('dinghy-stain') } as const

const ROWS: readonly Row[] = [
  row('delicate tape (1.5 N) on paint of yesterday is safe', '% lift/m', lift(1.5, days(1)), (x) => x < 5),
  row('general tape (4 N) on it is not', '% lift/m', lift(4, days(1)), (x) => x > 5),
  row('general tape after ten days is', '% lift/m', lift(4, days(10)), (x) => x < 5),
  row('outdoor grip (6.5 N) is, once paint is cured', '% lift/m', lift(6.5, days(40)), (x) => x < 5),
  row(
    'a thin sprayed coat takes mid grip (2.5 N) the next day',
    '% lift/m',
    lift(2.5, days(1, { tool: 'spray' })),
    (x) => x < 5,
  ),
  row(
    'a finish nobody can date leaves delicate tape',
    '% lift/m',
    lift(1.5, { ...SOUND, ageRefMin: null }),
    (x) => x < 5,
  ),
  row('and no general tape', '% lift/m', lift(4, { ...SOUND, ageRefMin: null }), (x) => x > 5),
  row('on chalk nothing holds', '% lift/m', lift(1.5, { ...SOUND, soundness: 'chalky' }), (x) => x > 20),
  row(
    'a pull straight off lifts more than one folded back',
    'times',
    (by) => liftPerMetre(4, days(4), by, { foldDeg: 90, speed: 'slow' }).mean / liftPerMetre(4, days(4), by).mean,
    (x) => x > 1.5,
  ),
  row('plain tape on smooth trim shows a little', 'mm/m', bleed({ texture: 'smooth' }), (x) => x > 0.3 && x < 3),
  row('on stipple it bleeds', 'mm/m', bleed({}), (x) => x > 50),
  row('a wiped bead there is clean', 'mm/m', bleed({ seal: 'wiped-sealant' }), (x) => x < 3),
  row(
    'its own colour as a seal is clean on heavy texture too',
    'mm/m',
    bleed({ texture: 'heavy-spray', seal: 'own-colour' }),
    (x) => x < 3,
  ),
  row(
    'a barrier edge bleeds a quarter to a half of plain on heavy texture',
    'share',
    ratio(bleed({ texture: 'heavy-spray', edge: 'barrier' }), bleed({ texture: 'heavy-spray' })),
    (x) => x > 0.2 && x < 0.55,
  ),
  row(
    'brushing toward the tape is worse than outward',
    'times',
    ratio(bleed({ texture: 'stipple', stroke: 'toward-tape' }), bleed({})),
    (x) => x > 1.1,
  ),
  row(
    'more of it under a heavy coat',
    'times',
    ratio(bleed({ texture: 'smooth', filmShare: 2 }), bleed({ texture: 'smooth' })),
    (x) => x > 1.02,
  ),
  row(
    'pressed by a tool stipple is clearly better, not spotless',
    'mm/m',
    bleed({ pressing: 'tool' }),
    (x) => x > 20 && x < 300,
  ),
  row(
    'a roller over the edge is no better than one kept off it',
    'times',
    ratio(bleed({ stroke: 'roller' }), bleed({})),
    (x) => x >= 1,
  ),
  row('a beginner’s line bleeds more', 'times', ratio(bleed({ hand: 'beginner' }), bleed({})), (x) => x > 1.05),
  row('tape on dust bleeds more', 'times', ratio(bleed({ dusty: true }), bleed({})), (x) => x > 1.1),
  row(
    'a gun over plain tape on a hard, smooth face is clean',
    'mm/m',
    bleed({ texture: 'smooth', stroke: 'spray' }),
    (x) => x < 1,
  ),
  row('on rough block it wants a seal', 'mm/m', bleed({ texture: 'masonry', stroke: 'spray' }), (x) => x > 100),
  row('tape that nobody pressed is worse', 'times', ratio(bleed({ pressing: 'none' }), bleed({})), (x) => x > 1.1),
  row('a heavy coat runs farther', 'times', ratio(bleed({ filmShare: 2 }), bleed({})), (x) => x > 1),
  row('thin stain on bare wood runs under any tape', 'mm/m', bleed(stained), (x) => x > 100),
  row('flat paint over a wet, clear bead cracks', '% crack/m', crack(30, 'flat'), (x) => x > 20),
  row('satin over it does not', '% crack/m', crack(30, 'satin'), (x) => x < 10),
  row('nor flat over a bead that may be painted at once', '% crack/m', crack(12, 'flat', true), (x) => x < 15),
  row('a dry film of flat paint snaps', '% torn/m', tear('flat', 'dry'), (x) => x < 5),
  row('satin tears unless it is scored', '% torn/m', tear('satin', 'dry'), (x) => x > 15),
  row('scored', '% torn/m', tear('satin', 'dry', true), (x) => x < 6),
  row('half dry is worst', '% torn/m', tear('satin', 'tacky'), (x) => x > 40),
  row(
    'a coat dried across the tape makes the wet pull of the next tear',
    'times',
    ratio(tear('satin', 'wet', false, 1), tear('satin', 'wet')),
    (x) => x > 2,
  ),
  row(
    'a tape’s label lasts half as long at 34 °C, no longer in the cold',
    'times',
    fixed(usedIn(34) / usedIn(2)),
    (x) => x > 1.8 && x < 2.3,
  ),
  row(
    'under a clear night sky a wall is colder than the air (Berdahl & Martin 1984)',
    '°C',
    fixed(8 - faceAtRestC(night)),
    (x) => x > 3 && x < 4,
  ),
  row(
    'paint dries slower in the cold, not as slowly as the air’s deficit says (Croll 1987)',
    'times',
    fixed(drying(10)),
    (x) => x > 0.55 && x < 0.75,
  ),
  row(
    'render stays wet after rain for longer than metal',
    'times',
    fixed(wetHours('render') / Math.max(1, wetHours('metal'))),
    (x) => x > 1.5,
  ),
]

const figure = (value: number): string =>
  value === 0
    ? '0'
    : Math.abs(value) < 0.01
      ? '<0.01'
      : value >= 100
        ? value.toFixed(0)
        : String(Number(value.toPrecision(2)))

test.each(ROWS.map((each) => [each.fact, each] as const))('%s', (_, { of, holds }) => {
  expect(holds(of(DEFAULT_PARAMETERS))).toBe(true)
})

test('the table of the docs is what the models say', () => {
  const told = ROWS.map(({ fact, unit, of }) => {
    const { mean, low, high } = withDoubt(DEFAULT_PARAMETERS, of)
    const span = low === high ? '' : `${figure(low)} to ${figure(high)}`
    return [fact, `${figure(mean)} ${unit}`, span]
  })
  const docs = readFileSync('docs/science.md', 'utf8')
  const written = docs
    .split('\n')
    .filter((line) => line.startsWith('|'))
    .map((line) =>
      line
        .split('|')
        .slice(1, -1)
        .map((cell) => cell.trim()),
    )
  for (const each of told) expect(written).toContainEqual(each)
  expect(told.length).toBeGreaterThanOrEqual(30)
})
