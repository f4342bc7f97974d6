import {
  learnedFrom,
  drawnNormal,
  NO_RECORD,
  poisson,
  rankerOf,
  seededNumbers,
  takenIn,
  UNSAID,
  type Job,
  type LogEvent,
  type OwnRecord,
  type Texture,
} from '@crisp-hem/core'
import { gullRow } from './gullRow'

/** What one job of a made-up season cost in faults that were mended and in masking, money a metre of line, minor units. */
export interface SeasonJob {
  readonly mendingPerM: number
  readonly maskingPerM: number
}

interface SeasonSetup {
  readonly jobs: number
  readonly seed: number
  /** Every job is looked along and taken into the record; else all go by what was believed at first. */
  readonly learns: boolean
}

const TEXTURES: readonly Texture[] = ['stipple', 'light-spray', 'medium-spray', 'knockdown', 'heavy-spray']
/** Faults come so many times as often as the models think, on average: the hidden truth is unlike what is believed. */
const TRUE_TIMES = 3
/** Tapes and textures stand about that by so much, as a standard deviation of logarithms. */
const TRUTHS_DIFFER = 0.9
/** A fault mended where the customer looks: fetching paint, brush and ladder for it. */
const MEND_MINOR = 300
/** What is left to a free hand where nothing is safe: faults a metre, and minutes a metre for two coats. */
const BY_HAND = { faults: 0.25, minutes: 2.5 } as const

/**
 * A season of jobs over a hidden truth: each job's recipes are chosen by the record so far, its lines are laid, and faults come as the truth has
 * it. The same seed gives the same truth, the same rooms and the same luck whether it learns or not.
 */
export function season({ jobs, seed, learns }: SeasonSetup): SeasonJob[] {
  const truth = hiddenTruth(seed)
  let own: OwnRecord = NO_RECORD
  return Array.from({ length: jobs }, (_, i) => {
    const job = seasonJob(i, seed, own)
    const { rank, hems } = rankerOf(job)
    const recipes = rank(job.house)
    const lengths = new Map(hems.map(({ id, lengthMm }) => [id, lengthMm / 1000]))
    const random = seededNumbers(seed * 1000 + i)
    let [mending, masking, metres] = [0, 0, 0]
    const log: LogEvent[] = recipes.map((answer, n) => {
      const m = lengths.get(answer.hemId) ?? 0
      metres += m
      const expected = answer.safe ? answer.risks.bleeds.mean / (answer.own?.bleeds ?? 1) : BY_HAND.faults
      const perM =
        answer.safe && answer.tapeId ? expected * truth(answer.tapeId, textureOf(job, answer.hemId)) : expected
      const bleeds = poisson(perM * m, random)
      mending += bleeds * job.house.mendBleedMinor
      masking += answer.safe
        ? answer.cost.material + answer.cost.labour
        : (BY_HAND.minutes * m * job.house.wagePerHourMinor) / 60
      return { ...UNSAID, id: `l${n}`, kind: 'inspected', at: job.start, subjects: [answer.hemId], bleeds }
    })
    if (learns) own = takenIn(own, learnedFrom({ ...job, log }, { hems, recipes }))
    return { mendingPerM: mending / metres, maskingPerM: masking / metres }
  })
}

/** A parlour whose faces differ from job to job. */
function seasonJob(i: number, seed: number, own: OwnRecord): Job {
  const job = gullRow()
  const random = seededNumbers(seed * 77 + i * 13 + 5)
  const texture = (): Texture => TEXTURES[Math.floor(random() * TEXTURES.length)] ?? 'smooth'
  random()
  const [ceiling, wall] = [texture(), texture()]
  return {
    ...job,
    id: `made-up-${i + 1}`,
    name: `Made-up job ${i + 1}`,
    house: { ...job.house, school: 'least-cost', mendBleedMinor: MEND_MINOR, own },
    rooms: job.rooms.map((room) => ({
      ...room,
      ceiling: { ...room.ceiling, texture: ceiling },
      walls: room.walls.map((each) => ({ ...each, face: { ...each.face, texture: wall } })),
    })),
  }
}

/** Times what is expected, by tape and texture: fixed by the seed. */
function hiddenTruth(seed: number): (tapeId: string, texture: Texture) => number {
  const known = new Map<string, number>()
  return (tapeId, texture) => {
    const key = `${tapeId}|${texture}`
    const before = known.get(key)
    if (before !== undefined) return before
    const random = seededNumbers([...key].reduce((sum, sign) => (sum * 31 + sign.charCodeAt(0)) % 1_000_003, seed))
    for (let i = 0; i < 4; i++) random()
    const z = drawnNormal(random)
    const times = TRUE_TIMES * Math.exp(TRUTHS_DIFFER * z - TRUTHS_DIFFER ** 2 / 2)
    known.set(key, times)
    return times
  }
}

const textureOf = (job: Job, hemId: string): Texture => {
  const [room] = job.rooms
  return room === undefined ? 'smooth' : hemId.includes('ceiling') ? room.ceiling.texture : 'smooth'
}
