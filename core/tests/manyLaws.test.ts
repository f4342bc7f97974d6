import { PRESSINGS, SEALS, SHEENS, SKILLS, SOUNDNESS, STROKES, TEXTURES } from '../src/base/nouns'
import { DEFAULT_PARAMETERS as BY } from '../src/base/parameters/parameters'
import { seededNumbers } from '../src/base/units/seeded'
import type { EdgeSetup } from '../src/nature/risk/bleed'
import { bleedSize, mendingPlaces } from '../src/nature/risk/bleedSize'
import { builtGripN25, liftPerMetre, safeAgeRefMin, type KeepFinish } from '../src/nature/risk/lift'
import { residuePerMetre } from '../src/nature/risk/residue'
import { tearPerMetre } from '../src/nature/risk/tear'
import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import { runsOf } from './runsOf'

/**
 * What holds for every setup of the shelf, whatever its figures: laws a painter would be astonished to see broken. Fifty thousand setups on
 * a drill, two thousand from day to day.
 */
const random = seededNumbers(20271201)
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
const between = (low: number, high: number): number => low + random() * (high - low)
const { tapes, coatings } = STARTER_SHELF

function anyEdge(): EdgeSetup {
  const { edge, backing, gripN25, thickUm } = pick(tapes)
  return {
    texture: pick(TEXTURES),
    dusty: random() < 0.2,
    edge,
    backing,
    gripN25,
    thickUm,
    pressing: pick(PRESSINGS),
    seal: pick(SEALS),
    stroke: pick(STROKES),
    openGrain: random() < 0.15,
    filmShare: between(0.5, 2),
    dryRate: between(0.1, 3),
    hand: pick(SKILLS),
    onMin: between(0, 2000),
    laidAtC: between(2, 30),
    wiped: random() < 0.2,
    coating: pick(coatings),
  }
}

const finishOf = (): KeepFinish => ({
  soundness: pick(SOUNDNESS),
  tool: pick(['roller', 'spray', 'brush'] as const),
  sheen: pick(SHEENS),
  ageRefMin: 1440 * between(1, 60),
  dayRefMin: 1440 * between(0.2, 1.5),
})

/** Nothing of the first is more than that of the second. */
function noWorse(better: EdgeSetup, worse: EdgeSetup, law: string): string[] {
  const [a, b] = [bleedSize(better, BY), bleedSize(worse, BY)]
  const of = ({ lengthMm, areaMm2, worstMm, count }: typeof a) => [
    lengthMm.mean,
    areaMm2.mean,
    worstMm,
    count.mean,
    mendingPlaces(lengthMm.mean, areaMm2.mean, BY),
  ]
  const least = of(b)
  return of(a).some((value, i) => !(value <= least[i]! * (1 + 1e-9) + 1e-6))
    ? [`${law}: ${JSON.stringify(better)}`]
    : []
}

const GENTLER = ['outward', 'roller', 'along', 'toward-tape'] as const
const FIRMER = ['tool', 'thumb', 'none'] as const

test('laws of the edge, of the finish, of film and of stay hold for all of them', () => {
  const broken: string[] = []
  const setups = runsOf(50_000, 2_000)
  for (let i = 0; i < setups; i++) {
    const edge = anyEdge()
    const { lengthMm, areaMm2, worstMm } = bleedSize(edge, BY)
    for (const each of [lengthMm, areaMm2])
      if (!(each.low <= each.mean && each.mean <= each.high && each.low >= 0 && Number.isFinite(each.high)))
        broken.push(`an interval round its mean: ${JSON.stringify(edge)}`)
    if (lengthMm.high > 1000.001 || !Number.isFinite(worstMm))
      broken.push(`no more than a metre: ${JSON.stringify(edge)}`)
    const [k, p] = [Math.floor(random() * 3), Math.floor(random() * 2)]
    broken.push(
      ...noWorse({ ...edge, stroke: GENTLER[k]! }, { ...edge, stroke: GENTLER[k + 1]! }, 'a gentler stroke'),
      ...noWorse({ ...edge, pressing: FIRMER[p]! }, { ...edge, pressing: FIRMER[p + 1]! }, 'a firmer press'),
      ...noWorse(edge, { ...edge, seal: 'none' }, 'a seal'),
      ...noWorse({ ...edge, hand: 'practised' }, { ...edge, hand: 'beginner' }, 'a practised hand'),
      ...noWorse({ ...edge, dusty: false }, { ...edge, dusty: true }, 'no dust'),
      ...noWorse(edge, { ...edge, filmShare: edge.filmShare! * 1.3 }, 'a thinner coat'),
      ...noWorse(edge, { ...edge, dryRate: edge.dryRate! * 0.7 }, 'air that dries'),
      ...noWorse(edge, { ...edge, onMin: edge.onMin! * 0.5 }, 'time to stick'),
      ...noWorse(edge, { ...edge, laidAtC: edge.laidAtC! - 4 }, 'warmth'),
      ...noWorse(edge, { ...edge, thickUm: edge.thickUm! + 30 }, 'a thinner tape'),
      ...noWorse({ ...edge, wiped: true }, { ...edge, wiped: false }, 'a wiped edge'),
      ...noWorse({ ...edge, gripN25: edge.gripN25 * 1.4 }, edge, 'more grip'),
      ...noWorse({ ...edge, openGrain: false }, { ...edge, openGrain: true }, 'no open grain'),
    )
    const [finish, grip] = [finishOf(), between(1, 10)]
    const lift = (at: KeepFinish, by = grip) => liftPerMetre(by, at, BY).mean
    const older = { ...finish, ageRefMin: finish.ageRefMin! * 1.5 }
    if (lift(older) > lift(finish) + 1e-12) broken.push(`an older finish holds better: ${JSON.stringify(finish)}`)
    if (lift(finish, grip * 1.2) < lift(finish)) broken.push(`more grip lifts more: ${JSON.stringify(finish)}`)
    if (builtGripN25(grip, 20_000, BY) < builtGripN25(grip, 3000, BY)) broken.push('grip builds with time')
    // Dated, and a day old in its own air at least: never judged worse than not dated at all.
    const dated = { ...finish, ageRefMin: Math.max(finish.ageRefMin!, finish.dayRefMin!) }
    if (lift(dated) > lift({ ...finish, ageRefMin: null }) + 1e-12)
      broken.push(`knowing more: ${JSON.stringify(finish)}`)
    const safe = safeAgeRefMin(grip, finish, 0.05, BY)
    if (safe !== null && lift({ ...finish, ageRefMin: safe * 1.001 + 1 }) > 0.05 + 1e-6)
      broken.push(`safe from its age on: ${JSON.stringify(finish)}`)
    const film = { sheen: pick(SHEENS), seal: edge.seal, scored: random() < 0.5, parameters: BY }
    const tear = (skins: number, at: 'wet' | 'tacky' | 'dry') => tearPerMetre({ ...film, film: at, skins })
    for (const at of ['wet', 'tacky', 'dry'] as const)
      if (tear(2, at) < tear(1, at) || tear(1, at) < tear(0, at) || tear(2, at) > 1)
        broken.push(`skins tear: ${film.sheen}`)
    if (tear(0, 'wet') > tear(0, 'tacky')) broken.push(`wet tears less than half dry: ${film.sheen}`)
    const used = between(0, 2)
    if (residuePerMetre(used * 1.1, BY) < residuePerMetre(used, BY)) broken.push('longer leaves more glue')
  }
  expect([...new Set(broken)].slice(0, 5)).toEqual([])
}, 600_000)
