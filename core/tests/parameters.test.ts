import { paintShare } from '../src/masking/load/supplies'
import { runsOf } from './runsOf'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gullRow, ternQuaySurvey } from '../../demo'
import { judgeBench } from '../src/answers/bench/judgeBench'
import { starterBench } from '../src/answers/bench/benchSetup'
import { revealEdge } from '../src/answers/bench/reveal'
import { STARTER_SHELF as SHELF } from '../src/survey/shelf/starterShelf'
import { fieldOrderAt } from '../src/masking/recipes/fieldOrder'
import type { Hem } from '../src/survey/hems/deriveHems'
import type { PaintStep } from '../src/base/nouns'
import { layMinPerM } from '../src/masking/recipes/laying'
import { STARTER_HOUSE } from '../src/survey/rooms/houseDefaults'
import { USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import type { Job } from '../src/base/nouns'
import { planJob } from '../src/answers/chain/planJob'
import { dryingClock } from '../src/nature/cure/clocks'
import { pullWindow } from '../src/nature/cure/pullWindow'
import {
  DEFECT_KINDS,
  PREPS,
  PRESSINGS,
  SEALS,
  SHEENS,
  SOUNDNESS,
  STROKES,
  TEARINGS,
  TEXTURES,
  type Known,
} from '../src/base/nouns'
import { figuresRead } from '../src/base/parameters/figures'
import { DEFAULT_PARAMETERS, type Parameters } from '../src/base/parameters/parameters'
import { bandPerMetre } from '../src/nature/risk/banding'
import { bleedsPerMetre, type EdgeSetup } from '../src/nature/risk/bleed'
import { bleedSize } from '../src/nature/risk/bleedSize'
import { coverLoadNPerM, tackSpacingM } from '../src/nature/risk/cover'
import { crackPerMetre } from '../src/nature/risk/crack'
import { builtGripN25, liftPerMetre } from '../src/nature/risk/lift'
import { residuePerMetre } from '../src/nature/risk/residue'
import { handSlipsPerMetre } from '../src/nature/risk/slips'
import { tearPerMetre } from '../src/nature/risk/tear'
import { plasterOf } from './oneHem'
import { early } from './early'

type Path = readonly (string | number)[]

const isKnown = (value: object): value is Known => 'mark' in value && 'source' in value && 'value' in value

/** Where every figure lies in the value that holds them all. */
function figures(value: unknown, path: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return []
  if (isKnown(value)) return [path]
  return Object.entries(value).flatMap(([key, each]) => figures(each, [...path, key]))
}

/** The same parameters with one figure a third higher, or 0.3 where it is nothing. */
function raised<T>(value: T, [key, ...rest]: Path): T {
  if (key === undefined) {
    const figure = value as Known
    return { ...figure, value: figure.value === 0 ? 0.3 : figure.value * 1.3, mark: 'own-log' } as T
  }
  const changed = raised((value as Record<string, unknown>)[key], rest)
  if (Array.isArray(value)) return value.map((each, i) => (i === Number(key) ? changed : each)) as T
  return { ...value, [key]: changed }
}

const coating = SHELF.coatings[0]!
const edge = (more: Partial<EdgeSetup>): EdgeSetup => ({
  texture: 'knockdown',
  dusty: false,
  edge: 'plain',
  backing: 'washi',
  gripN25: 2,
  pressing: 'thumb',
  seal: 'none',
  stroke: 'along',
  coating,
  ...more,
})

/** Panes are laid in cut pieces. */
const PANES = {
  hem: {
    kind: 'casing-to-glass',
    panes: 15,
    lengthMm: 20_000,
    laps: 0,
    radiusMm: 0,
    curve: null,
    segments: [] as Hem['segments'],
  } as Hem,
  keepFace: USUAL_FACES.glass,
  step: { tool: 'brush' } as PaintStep,
  outdoors: false,
  house: STARTER_HOUSE,
}

/** How a satin wall is rolled where a metre of band costs so much to mend. */
const orderAt = (mendBandMinor: number, parameters: Parameters) => {
  const [room] = early(gullRow()).rooms
  const step = room!.steps.find(({ targets }) => targets.includes('walls'))!
  const house = { ...STARTER_HOUSE, mendBandMinor }
  const face = `wall:${room!.walls[0]!.id}` as const
  return fieldOrderAt({ house, shelf: SHELF, room: room!, step, face, wetMin: null, speed: 1, parameters })
}

/** What the models say over every fixed list they read a figure by. */
function saidByModels(by: Parameters): unknown {
  const finish = { soundness: 'sound', tool: 'roller', ageRefMin: 2880 } as const
  const edges = [
    ...TEXTURES.map((texture) => edge({ texture })),
    ...(['washi', 'creped-paper', 'plastic'] as const).map((backing) => edge({ backing })),
    ...PRESSINGS.map((pressing) => edge({ pressing })),
    ...STROKES.map((stroke) => edge({ stroke })),
    ...SEALS.map((seal) => edge({ seal, texture: 'masonry' })),
    edge({ edge: 'barrier' }),
    edge({ openGrain: true }),
    edge({ openGrain: true, seal: 'own-colour' }),
    edge({ openGrain: true, edge: 'barrier' }),
    edge({ dusty: true }),
    edge({ edge: 'barrier', wiped: true, texture: 'heavy-spray' }),
    edge({ hand: 'beginner', thickUm: 160 }),
    edge({ stroke: 'spray', texture: 'smooth' }),
    edge({ onMin: 10, laidAtC: 5 }),
  ]
  return [
    edges.map((setup) => [bleedsPerMetre(setup, by), bleedSize(setup, by)]),
    SOUNDNESS.map((soundness) => [2, 60].map((grip) => liftPerMetre(grip, { ...finish, soundness }, by))),
    [0, 1, 2, 3, 4, 5].map((crossCut) => liftPerMetre(2, { ...finish, crossCut }, by)),
    liftPerMetre(3.4, { soundness: 'sound', tool: 'roller', ageRefMin: null }, by),
    TEARINGS.map((tears) => layMinPerM(PANES, { tears, bendTimes: 25 }, 24, by)),
    liftPerMetre(2, { ...finish, tool: 'spray' }, by, { foldDeg: 45, speed: 'fast' }),
    SHEENS.map((sheen) => [
      tearPerMetre({ sheen, seal: 'none', film: 'dry', scored: true, parameters: by }),
      tearPerMetre({ sheen, seal: 'none', film: 'wet', scored: false, skins: 1, parameters: by }),
      liftPerMetre(2, { ...finish, sheen }, by),
      bandPerMetre(sheen, 40, by),
      crackPerMetre({ shrinkPct: 20, paintAtOnce: false }, sheen, by),
    ]),
    (['wet', 'tacky'] as const).map((film) =>
      tearPerMetre({ sheen: 'matt', seal: 'none', film, scored: false, parameters: by }),
    ),
    residuePerMetre(0.8, by),
    builtGripN25(4, 10 * 1440, by),
    TEXTURES.map((texture) => paintShare(texture, 'roller', by)),
    (['wall-to-ceiling', 'wall-to-casing', 'two-tone-line'] as const).map((kind) =>
      (['smooth', 'light-spray'] as const).map((texture) => handSlipsPerMetre(kind, texture, 1, by)),
    ),
    tackSpacingM(
      { gripN25: 4 },
      coverLoadNPerM({ cover: { gramsPerM2: 10 }, dropM: 2, airMs: 2, slackM: 0.3, parameters: by }),
      by,
    ),
    // From which price of a band on each wall is rolled by itself.
    Array.from({ length: 40 }, (_, i) => orderAt(100 + 20 * i, by)),
    by.slips.roughUm.value < by.textures['light-spray'].valleyUm.value,
  ]
}

/** What whole jobs of one area come to; only figures the models do not show are looked for here. */
const saidByJob = (job: Job, by: Parameters): string => JSON.stringify(planJob(job, undefined, by))
const survey = early(ternQuaySurvey())
/** Areas one by one, those first in which most figures show. */
const AREAS = ['corridor', 'kitchen', 'harbour', 'recital', 'practice1', 'practice2', 'store']
const JOBS: readonly Job[] = [
  early(gullRow()),
  ...AREAS.map((id) => ({ ...survey, rooms: survey.rooms.filter((room) => room.id === id) })),
  // Unmasked the day it is sprayed.
  {
    ...survey,
    rooms: survey.rooms.filter((room) => room.id === 'harbour'),
    house: { ...survey.house, frontsInADay: true },
  },
  // One coat on bare plaster.
  plasterOf('bare-board-paper', 1),
].map((job) => ({
  ...job,
  site: { ...job.site, yearBuilt: 1931 },
  // Everything there is to make ready, inside and out.
  rooms: job.rooms.map((room) => ({
    ...room,
    pieces: room.pieces.map((piece) => ({ ...piece, face: { ...piece.face, prep: PREPS } })),
    // A short and a long place of each kind to mend.
    defects: (room.id === 'store' ? [] : DEFECT_KINDS).flatMap((kind, i) =>
      [50, 2000].map((lengthMm) => ({
        id: `d${i}${lengthMm}`,
        face: `wall:${room.walls[0]!.id}` as const,
        kind,
        atMm: 100,
        heightMm: 900,
        lengthMm,
      })),
    ),
    walls: room.walls.map((wall) => ({
      ...wall,
      // Only washed in one room, so that its drying decides there.
      face: { ...wall.face, prep: room.id === 'store' ? (['wash'] as const) : PREPS },
    })),
  })),
  // A gun so fast that a small coat is over before its edge has settled.
  house: {
    ...job.house,
    press: 'either' as const,
    liquidOnPanes: true,
    rates: { ...job.house.rates, sprayPerM2: 0.15 },
  },
}))

const paths = figures(DEFAULT_PARAMETERS)

test('every figure that own records may replace is read from the parameters', () => {
  const read = new Set<string>()
  const notes = (work: (by: Parameters) => void) => {
    for (const path of figuresRead(DEFAULT_PARAMETERS, work)) read.add(path.join('.'))
  }
  notes(saidByModels)
  for (const job of JOBS) if (read.size < paths.length) notes((by) => void saidByJob(job, by))
  expect(paths.length).toBeGreaterThan(90)
  expect(paths.map((path) => path.join('.')).filter((path) => !read.has(path))).toEqual([])
})

// A twentieth of them from day to day, all on a drill.
test('each of them, a third higher, shows in what is said', () => {
  const models = JSON.stringify(saidByModels(DEFAULT_PARAMETERS))
  const jobs = JOBS.map((job) => saidByJob(job, DEFAULT_PARAMETERS))
  const asked = paths.filter((_, i) => i % runsOf(1, 20) === 0)
  expect(JOBS.every(({ rooms }) => rooms.length === 1)).toBe(true)
  expect(asked.length).toBeGreaterThan(6)
  // Figures that stand together mostly show in the same area: the one that showed the last is asked first.
  let order = JOBS.map((_, i) => i)
  const idle = asked.filter((path) => {
    const by = raised(DEFAULT_PARAMETERS, path)
    if (JSON.stringify(saidByModels(by)) !== models) return false
    const shows = order.find((i) => saidByJob(JOBS[i]!, by) !== jobs[i])
    if (shows !== undefined) order = [shows, ...order.filter((i) => i !== shows)]
    return shows === undefined
  })
  expect(idle.map((path) => path.join('.'))).toEqual([])
})

test('the Bench judges and reveals by the parameters it is given', () => {
  const setup = { ...starterBench(SHELF, 0), texture: 'stipple' as const }
  const deep = raised(DEFAULT_PARAMETERS, ['textures', 'stipple', 'valleyUm'])
  expect(judgeBench(setup, SHELF, deep).meanGapUm).toBeCloseTo(1.3 * judgeBench(setup, SHELF).meanGapUm, 9)
  expect(revealEdge(setup, SHELF, deep).valleys).not.toEqual(revealEdge(setup, SHELF).valleys)
})

test('an edge that settles sooner may be pulled sooner', () => {
  const clock = dryingClock({ startMin: 0, hours: [{ tempC: 23, rh: 50, windMs: 0.1 }] })
  const wetFrom = (settleShare: number) =>
    pullWindow({
      drying: clock,
      hardening: clock,
      beadDrying: clock,
      coating,
      settleShare,
      coatedFrom: 0,
      coatedTo: 0,
      sealant: null,
      sealedAt: null,
      offBy: null,
    }).find((span) => span.kind === 'wet')?.from
  expect(wetFrom(0.1)).toBeCloseTo(2 * (wetFrom(0.05) ?? 0), 9)
})

test('nothing but the one value reaches into the figures', () => {
  const root = join(__dirname, '../src')
  const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter(
    (file) =>
      file.endsWith('.ts') && !file.endsWith('.test.ts') && !file.startsWith('parameters/') && file !== 'index.ts',
  )
  const reach = files.filter((file) =>
    /from '.*parameters\/(?!parameters'|figures')/.test(readFileSync(join(root, file), 'utf8')),
  )
  expect(reach).toEqual([])
})
