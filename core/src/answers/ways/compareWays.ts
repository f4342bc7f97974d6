import type { Job, PaintStep, Room, School } from '../../base/nouns'
import { outlayOf, type Outlay } from './outlay'

/** Ways to do the same work, set beside one another. */
export const WAYS = ['as-planned', 'by-hand', 'tape-and-brush', 'mask-and-spray', 'liquid-mask'] as const
export type WorkWay = (typeof WAYS)[number]

/** What is compared: the whole job, a room, one step of a room, or one opening, fitting or piece in it. */
export interface WaysScope {
  readonly roomId: string | null
  readonly stepId: string | null
  readonly thingId: string | null
}

export interface WayOutcome extends Outlay {
  readonly way: WorkWay
}

/**
 * The same work done in each way, from its beginning: cut by hand, taped and brushed, masked and sprayed, with liquid mask.
 * A room is compared by itself, as if it were the job; one thing by what its room takes more with it than without any. Ways change
 * the edges' school, and for spraying the tool.
 */
export function compareWays(job: Job, scope: WaysScope): WayOutcome[] {
  const { thingId } = scope
  const all = scoped(job, scope)
  if (thingId === null) return WAYS.map((way) => ({ way, ...outlayOf(inWay(all, way, scope)) }))
  const [one, bare] = [withThings(all, [thingId]), withThings(all, [])]
  return WAYS.map((way) => ({ way, ...lessBy(outlayOf(inWay(one, way, scope)), outlayOf(inWay(bare, way, scope))) }))
}

/** A job of which only some things are left in its rooms: what stands in walls, on them and before them. */
const withThings = (job: Job, ids: readonly string[]): Job => ({
  ...job,
  rooms: job.rooms.map((room) => {
    const own = <T extends { readonly id: string }>(list: readonly T[]) => list.filter(({ id }) => ids.includes(id))
    return { ...room, openings: own(room.openings), fittings: own(room.fittings), pieces: own(room.pieces) }
  }),
})

/** What one outlay is more than another. Nothing ends of itself, and days are not counted by the window. */
function lessBy(one: Outlay, other: Outlay): Outlay {
  const metres = (outlay: Outlay) => (outlay.faultMmPerM > 0 ? outlay.faultMm / outlay.faultMmPerM : 0)
  const [faultMm, m] = [one.faultMm - other.faultMm, metres(one) - metres(other)]
  const by = (of: (outlay: Outlay) => number) => of(one) - of(other)
  return {
    workedMin: by(({ workedMin }) => workedMin),
    wagesMinor: by(({ wagesMinor }) => wagesMinor),
    coversMinor: by(({ coversMinor }) => coversMinor),
    tapeMinor: by(({ tapeMinor }) => tapeMinor),
    sealsMinor: by(({ sealsMinor }) => sealsMinor),
    paintMinor: by(({ paintMinor }) => paintMinor),
    mendingMinor: by(({ mendingMinor }) => mendingMinor),
    totalMinor: by(({ totalMinor }) => totalMinor),
    faultMm,
    faultMmPerM: m > 0 ? Math.max(0, faultMm / m) : 0,
    unsafe: by(({ unsafe }) => unsafe),
    tapeMm: by(({ tapeMm }) => tapeMm),
    endsAt: null,
    crewDays: 0,
    personDays: 0,
  }
}

const scoped = (job: Job, { roomId }: WaysScope): Job =>
  roomId === null ? job : { ...job, rooms: job.rooms.filter((room) => room.id === roomId) }

const SCHOOL_OF: Partial<Record<WorkWay, School>> = {
  'by-hand': 'freehand',
  'tape-and-brush': 'press-only',
  'mask-and-spray': 'plain-sprayed',
  'liquid-mask': 'liquid-mask',
}

/** A job whose work is done in one way. Choices made by hand are left out of it: they would hide what is compared. */
export function inWay(job: Job, way: WorkWay, { stepId }: Pick<WaysScope, 'stepId'>): Job {
  const school = SCHOOL_OF[way]
  if (!school) return job
  const house = {
    ...job.house,
    school,
    provenHand: job.house.provenHand || way === 'by-hand',
    liquidOnPanes: way === 'liquid-mask',
  }
  const rooms = job.rooms.map((room): Room => ({
    ...room,
    choices: [],
    steps: room.steps.map((step) =>
      stepId === null || step.id === stepId ? { ...step, tool: toolIn(way, room, step) } : step,
    ),
  }))
  return { ...job, house, rooms }
}

/** Trim is brushed and fields are rolled where nothing is sprayed. */
function toolIn(way: WorkWay, room: Room, step: PaintStep): PaintStep['tool'] {
  if (way === 'mask-and-spray') return 'spray'
  if (step.tool !== 'spray') return step.tool
  const isField = step.targets.some(
    (target) => target === 'walls' || target === 'ceiling' || target.startsWith('wall:'),
  )
  return isField || room.kind !== 'room' ? 'roller' : 'brush'
}
