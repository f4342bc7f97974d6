import type { Face, Job, Opening, PaintStep, Room } from '../../base/nouns'
import { newRoom, USUAL_FACES, USUAL_SIZES } from '../../survey/rooms/roomTemplate'
import { inWay, type WorkWay } from './compareWays'
import { outlayOf } from './outlay'

/** What is turned up until one way costs less than the other. */
export const SWEEPS = ['panes', 'coats', 'metres'] as const
export type Sweep = (typeof SWEEPS)[number]

export interface BreakEven {
  readonly sweep: Sweep
  readonly xs: readonly number[]
  readonly ways: readonly { readonly way: WorkWay; readonly minor: readonly number[] }[]
  /** From which amount on the second way costs less, to the end; null where it never does. */
  readonly from: number | null
}

interface SweepOf {
  readonly xs: readonly number[]
  readonly ways: readonly [WorkWay, WorkWay]
  readonly room: (job: Job, x: number) => Room
}

const rectangle = (long: number, deep: number) =>
  [long, deep, long, deep].map((lengthMm) => ({ lengthMm, turnDeg: 90 }))

/** Coated a month ago by somebody we know: old enough for any tape. */
const settled = (job: Job, face: Face): Face => ({
  ...face,
  last: {
    coatingId: job.shelf.coatings[0]?.id ?? '',
    at: monthBefore(job.start),
    tool: 'roller',
    coats: 2,
    tempC: null,
    rh: null,
  },
})
const monthBefore = (start: string): string =>
  `${new Date(Date.parse(start) - 30 * 86_400_000).toISOString().slice(0, 16)}:00Z`

interface SampleRoomSetup {
  readonly job: Job
  readonly long: number
  readonly deep: number
  readonly steps: readonly PaintStep[]
  readonly openings?: readonly Opening[]
}

function sampleRoom({ job, long, deep, steps, openings = [] }: SampleRoomSetup): Room {
  const room = newRoom('sample', 'sample', rectangle(long, deep))
  return {
    ...room,
    ceiling: settled(job, room.ceiling),
    walls: room.walls.map((wall) => ({ ...wall, face: settled(job, wall.face) })),
    skirting: null,
    openings,
    steps,
  }
}

/** The first coating of a kind on the shelf, as a step. */
const stepOf = (job: Job, sheens: readonly string[], change: Partial<PaintStep>): PaintStep => ({
  id: 's1',
  name: 'sample',
  targets: ['walls'],
  coatingId:
    (job.shelf.coatings.find((coating) => !coating.retired && sheens.includes(coating.sheen)) ?? job.shelf.coatings[0])
      ?.id ?? '',
  colour: 'sample',
  swatch: '#7f9c86',
  tool: 'roller',
  coats: 1,
  ...change,
})

/** A glazed leaf of so many panes, two beside one another. */
function glazed(job: Job, panes: number): Opening {
  const wide = 2
  return {
    id: 'o1',
    name: 'sample',
    kind: 'glazed-doors',
    wallId: 'w1',
    atMm: 800,
    widthMm: 900,
    heightMm: 2000,
    sillMm: 0,
    casingMm: USUAL_SIZES.casingMm,
    casing: null,
    leaf: settled(job, USUAL_FACES.trim),
    glazing: { leaves: 1, wide, high: Math.max(1, panes / wide), sides: 2, barMm: 25, textured: false },
    paintedSides: 1,
    takenOff: false,
    leadsOut: null,
  }
}

const SWEEP: Record<Sweep, SweepOf> = {
  panes: {
    xs: [2, 4, 6, 8, 10, 12, 14, 16, 18, 20, 22, 24],
    ways: ['tape-and-brush', 'liquid-mask'],
    room: (job, panes) =>
      sampleRoom({
        job,
        long: 4000,
        deep: 3000,
        steps: [stepOf(job, ['semi-gloss', 'gloss', 'satin'], { targets: ['leaves'], tool: 'brush', coats: 2 })],
        openings: [glazed(job, panes)],
      }),
  },
  coats: {
    xs: [1, 2, 3, 4, 5, 6, 7, 8],
    ways: ['tape-and-brush', 'mask-and-spray'],
    room: (job, coats) =>
      sampleRoom({ job, long: 6000, deep: 5000, steps: [stepOf(job, ['matt', 'satin', 'eggshell'], { coats })] }),
  },
  metres: {
    xs: [6, 8, 10, 14, 18, 24, 32, 44, 60],
    ways: ['by-hand', 'tape-and-brush'],
    // The line under the ceiling is as long as the room is round.
    room: (job, metres) =>
      sampleRoom({
        job,
        long: 300 * metres,
        deep: 200 * metres,
        steps: [stepOf(job, ['satin', 'eggshell', 'matt'], { coats: 2 })],
      }),
  },
}

/** One sweep by this contractor's rates, prices and shelf, on a sample room. */
export function breakEven(job: Job, sweep: Sweep): BreakEven {
  const { xs, ways, room } = SWEEP[sweep]
  const sample = (x: number): Job => ({ ...job, rooms: [room(job, x)], log: [], published: null, kit: null })
  const lines = ways.map((way) => ({
    way,
    minor: xs.map((x) => outlayOf(inWay(sample(x), way, { stepId: null })).totalMinor),
  }))
  const [one, other] = lines
  let from: number | null = null
  // The last stretch in which it stays cheaper counts.
  for (let i = xs.length - 1; i >= 0 && (other?.minor[i] ?? 0) < (one?.minor[i] ?? 0); i--) from = xs[i] ?? null
  return { sweep, xs, ways: lines, from }
}
