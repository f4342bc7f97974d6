import type { HemId, Job } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'
import type { HemContext } from '../../masking/recipes/hemContext'
import { judgeRoom, type PlannedLay } from '../../masking/recipes/judgeRoom'
import { safeOf } from '../../masking/recipes/pickCandidate'
import type { RecipeAnswer } from '../../masking/recipes/recipe'
import type { JobClocks } from '../../nature/cure/areaClocks'
import type { Hem } from '../../survey/hems/deriveHems'

/** Hours are rounded down to so many minutes, and stays up: a plan that moves by a little changes no recipe. From memory. */
export const PLAN_STEP_MIN = 6 * 60

/** What a plan made before says about hems: when their tape goes on, and how long it stays, where that changes what they get. */
export interface FromPlan {
  readonly lays: ReadonlyMap<HemId, PlannedLay>
  readonly stays: ReadonlyMap<HemId, number>
}
export const NOTHING_PLANNED: FromPlan = { lays: new Map(), stays: new Map() }

/** What recipes were judged by before a plan, and what it made of them. */
export interface JudgedGround extends FromPlan {
  /** The job with its crews as they are: whoever is ill today changes nobody's tape. */
  readonly jobOfRecipes: Job
  readonly hems: readonly Hem[]
  readonly answers: readonly RecipeAnswer[]
  readonly clocks: (roomId: string) => JobClocks
  readonly nextShift: (at: number) => number
  readonly parameters: Parameters
}

/** Of some hems those for which something is safe when they are judged by what a plan says of them. */
export function safeAsPlanned(ground: JudgedGround, wanted: Partial<FromPlan>): readonly HemContext[] {
  const { jobOfRecipes: job, clocks, nextShift, parameters } = ground
  const all = { lays: ground.lays, stays: ground.stays, ...wanted }
  const asked = new Set(Object.values(wanted).flatMap((known: ReadonlyMap<HemId, unknown>) => [...known.keys()]))
  return job.rooms.flatMap((room) => {
    const hems = ground.hems.filter((hem) => hem.roomId === room.id && asked.has(hem.id))
    if (hems.length === 0) return []
    const found = judgeRoom({ job, room, hems, clocks: clocks(room.id), nextShift, parameters, ...all })
    return found.flatMap(({ ctx, judged }) => (safeOf(judged).length > 0 ? [ctx] : []))
  })
}
