import { PRESSINGS, SEALS, STROKES, type HouseRules, type Shelf } from '../../base/nouns'
import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { nth, sure } from '../../base/units/sure'
import { plainWayCost } from '../../masking/recipes/plainWay'
import { bleedSize, mendingPlaces } from '../../nature/risk/bleedSize'
import { tapeOf } from '../../survey/shelf/find'
import { benchEdge, judgeBench } from './judgeBench'
import { starterBench, type BenchSetup } from './benchSetup'

/** What a learner may choose in a lesson on a made-up wall. `pullAfterMin` is timed by hand against a clock that runs. */
export const LESSON_CHOICES = ['tapeId', 'seal', 'pressing', 'stroke', 'ageDays', 'pullAfterMin'] as const
export type LessonChoice = (typeof LESSON_CHOICES)[number]

/** What a learner can do, lowest first: each level opens when all lessons of the one before are passed. */
export const LESSON_LEVELS = ['straight', 'corners', 'brush-over', 'hand-cut'] as const
export type LessonLevel = (typeof LESSON_LEVELS)[number]

interface LessonBase {
  readonly id: string
  readonly level: LessonLevel
  readonly title: string
  /** What lies before the learner, and what to do. */
  readonly tells: string
  /** Score from which it is passed, of 100. */
  readonly pass: number
}

/** A made-up wall on the Bench, of which some things are the learner's to choose. */
export interface WallLesson extends LessonBase {
  readonly kind: 'wall'
  readonly wall: Partial<BenchSetup>
  readonly free: readonly LessonChoice[]
}

/** Things to be put in order, and why one comes before another. */
export interface OrderLesson extends LessonBase {
  readonly kind: 'order'
  readonly steps: readonly string[]
  /** Step `before` (from 0) comes before step `after`, because. */
  readonly rules: readonly { readonly before: number; readonly after: number; readonly why: string }[]
}

/** A lesson is data, so that a house adds its own. */
export type Lesson = WallLesson | OrderLesson

/** What one metre of the learner's line costs, part by part, minor units. */
export interface LessonCost {
  readonly tape: number
  readonly work: number
  readonly bleeds: number
  readonly lift: number
  readonly tear: number
  readonly residue: number
  readonly total: number
}

/** How a wall was done. */
export interface WallScore {
  /** 100 × what the best choice costs over what this one does. */
  readonly score: number
  readonly cost: LessonCost
  readonly best: LessonCost
  /** The setup that costs least, of what may be chosen. */
  readonly bestSetup: BenchSetup
  /** The one choice whose change helps most, and the score it would give; null where none helps by much. */
  readonly hint: { readonly choice: LessonChoice; readonly score: number } | null
}

/** A change that wins less than so many points is no hint. From memory. */
const LEAST_HINT = 5
/** Pull times a learner could come upon, min after the last stroke. */
const PULLS_MIN = [2, 5, 10, 15, 20, 30, 45, 60, 90, 120, 240, 480, 720, 1440] as const
/** Ages of the keep side a learner may wait for, days. */
export const LESSON_AGES_DAYS = [0.25, 0.5, 1, 2, 3, 5, 7, 14, 30] as const
/** Rounds of looking choice by choice, from each beginning. */
const ROUNDS = 3

/** The wall of a lesson before anything was chosen. A tape that is not on this house's shelf gives way to one that is. */
export function lessonWall({ wall }: Pick<WallLesson, 'wall'>, shelf: Shelf, at: number): BenchSetup {
  const begin = starterBench(shelf, at)
  const setup = { ...begin, ...wall }
  return shelf.tapes.some(({ id }) => id === setup.tapeId) ? setup : { ...setup, tapeId: begin.tapeId }
}

type LessonHouse = Pick<
  HouseRules,
  'rates' | 'wagePerHourMinor' | 'wastePct' | 'mendBleedMinor' | 'mendLiftMinor' | 'mendTearMinor'
>

/** What a metre done so costs: tape, laying, and mending what is to be expected, by the house's prices. */
export function lessonCost(setup: BenchSetup, shelf: Shelf, house: LessonHouse): LessonCost {
  const tape = tapeOf(shelf, setup.tapeId)
  const { risks, pullSpan } = judgeBench(setup, shelf)
  const chance = (name: string) => sure(risks.find((risk) => risk.name === name)).perMetre.mean
  const { lengthMm, areaMm2 } = bleedSize(benchEdge(setup, shelf), DEFAULT_PARAMETERS)
  const parts = {
    ...plainWayCost({ ...setup, tape }, house),
    bleeds: mendingPlaces(lengthMm.mean, areaMm2.mean, DEFAULT_PARAMETERS) * house.mendBleedMinor,
    lift: chance('lift') * house.mendLiftMinor,
    // Pulled while the edge still runs it sags over the line, which is mended as a torn edge is.
    tear: (pullSpan === 'too-wet' ? 1 : chance('tear')) * house.mendTearMinor,
    residue: chance('residue') * house.mendTearMinor,
  }
  return { ...parts, total: Object.values(parts).reduce((sum, each) => sum + each, 0) }
}

/** Judges a wall: the score, what it rests on, and what to try. */
export function scoreWall(lesson: WallLesson, setup: BenchSetup, shelf: Shelf, house: LessonHouse): WallScore {
  const costOf = rememberedCost(shelf, house)
  const mine = costOf(setup)
  const bestSetup = cheapest(lesson, setup, shelf, costOf)
  const best = costOf(bestSetup)
  const scoreOf = ({ total }: LessonCost) => Math.min(100, Math.round((100 * best.total) / Math.max(total, 1e-9)))
  const hints = lesson.free.map((choice) => ({
    choice,
    score: Math.max(...waysOf(choice, shelf).map((change) => scoreOf(costOf({ ...setup, ...change })))),
  }))
  const [hint] = hints.sort((a, b) => b.score - a.score)
  const score = scoreOf(mine)
  return { score, cost: mine, best, bestSetup, hint: hint && hint.score >= score + LEAST_HINT ? hint : null }
}

type CostOf = (setup: BenchSetup) => LessonCost

/** The same setup is asked about again and again. */
function rememberedCost(shelf: Shelf, house: LessonHouse): CostOf {
  const kept = new Map<string, LessonCost>()
  return (setup) => {
    const key = JSON.stringify(setup)
    const cost = kept.get(key) ?? lessonCost(setup, shelf, house)
    kept.set(key, cost)
    return cost
  }
}

/** The cheapest setup of what may be chosen: choice by choice until nothing gets cheaper, from the learner's own and from each tape. */
function cheapest(lesson: WallLesson, setup: BenchSetup, shelf: Shelf, costOf: CostOf): BenchSetup {
  const begins = lesson.free.includes('tapeId')
    ? waysOf('tapeId', shelf).map((change) => ({ ...setup, ...change }))
    : []
  const ends = [setup, ...begins].map((begin) => {
    let now = begin
    for (let round = 0; round < ROUNDS; round++)
      for (const choice of lesson.free)
        for (const change of waysOf(choice, shelf)) {
          const next = { ...now, ...change }
          if (costOf(next).total < costOf(now).total) now = next
        }
    return now
  })
  return ends.reduce((a, b) => (costOf(a).total <= costOf(b).total ? a : b), nth(ends, 0))
}

/** What one choice may be. */
function waysOf(choice: LessonChoice, shelf: Shelf): Partial<BenchSetup>[] {
  switch (choice) {
    case 'tapeId':
      return shelf.tapes.filter(({ retired }) => !retired).map(({ id }) => ({ tapeId: id }))
    case 'seal':
      return SEALS.map((seal) => ({ seal }))
    case 'pressing':
      return PRESSINGS.map((pressing) => ({ pressing }))
    case 'stroke':
      return STROKES.map((stroke) => ({ stroke }))
    case 'ageDays':
      return LESSON_AGES_DAYS.map((ageDays) => ({ ageDays }))
    case 'pullAfterMin':
      return PULLS_MIN.map((pullAfterMin) => ({ pullAfterMin }))
  }
}

/** How an order was done: the share of rules that are kept, and those that are not. */
export function scoreOrder(
  { rules }: Pick<OrderLesson, 'rules'>,
  order: readonly number[],
): { readonly score: number; readonly broken: OrderLesson['rules'] } {
  const broken = rules.filter(({ before, after }) => order.indexOf(before) > order.indexOf(after))
  return { score: Math.round(100 * (1 - broken.length / Math.max(1, rules.length))), broken }
}
