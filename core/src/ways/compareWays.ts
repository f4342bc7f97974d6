import type { Job, PaintStep, Room, School } from '../ground'
import { outlayOf, type Outlay } from './outlay'

/** Ways to do the same work, set beside one another. */
export const WAYS = ['as-planned', 'by-hand', 'tape-and-brush', 'mask-and-spray', 'liquid-mask'] as const
export type WorkWay = (typeof WAYS)[number]

/** What is compared: the whole job, a room, or one step of a room. */
export interface WaysScope {
  readonly roomId: string | null
  readonly stepId: string | null
}

export interface WayOutcome extends Outlay {
  readonly way: WorkWay
}

/**
 * The same work done in each way, from its beginning: cut by hand, taped and brushed, masked and sprayed, with liquid mask.
 * A room is compared by itself, as if it were the job. Ways change the edges' school, and for spraying the tool.
 */
export const compareWays = (job: Job, scope: WaysScope): WayOutcome[] =>
  WAYS.map((way) => ({ way, ...outlayOf(inWay(scoped(job, scope), way, scope)) }))

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
