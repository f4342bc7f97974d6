import type { Parameters } from '../../base/parameters/parameters'
import { nth, sure } from '../../base/units/sure'
import type { JobClocks } from '../../nature/cure/areaClocks'
import type { HemId, Job, Room } from '../../base/nouns'
import type { Hem } from '../../survey/hems/deriveHems'
import { faceOf } from '../../survey/rooms/faces'
import { lastFor } from '../../base/units/lastFor'
import { whileSame } from '../../base/units/whileSame'
import { parseInstant } from '../../base/units/time'
import type { Candidate } from './candidate'
import { judgeCandidates, judgingKey } from './candidates'
import { estimateStepTimes } from './estimateTimes'
import { hemContext, type HemContext, type HemTimes } from './hemContext'

/** A hem with all that decides its recipe, and every way to treat it, judged. */
export interface JudgedHem {
  readonly ctx: HemContext
  readonly judged: readonly Candidate[]
}

/** When a plan lays a hem's tape, and when the colours of its room are coated by then: minutes since the epoch. */
export interface PlannedLay {
  readonly at: number
  /** By step; a step that the plan does not place keeps its estimate. */
  readonly coatedAt: ReadonlyMap<string, number>
}

interface JudgeRoomSetup {
  readonly job: Job
  readonly room: Room
  readonly hems: readonly Hem[]
  readonly clocks: JobClocks
  readonly nextShift: (at: number) => number
  readonly parameters: Parameters
  /** What a plan says of the laying of some hems, where that is later than the first guess. */
  readonly lays?: ReadonlyMap<HemId, PlannedLay> | undefined
  /** How long a plan leaves the tape of some hems on, min, where that differs from the first guess. */
  readonly stays?: ReadonlyMap<HemId, number> | undefined
}

/** Judges every hem of a room. Hems along the same two faces differ in length only and share their candidates. */
export function judgeRoom({
  job,
  room,
  hems,
  clocks,
  nextShift,
  parameters,
  lays,
  stays,
}: JudgeRoomSetup): JudgedHem[] {
  const times = estimateStepTimes(job, room, nextShift)
  const shared = judgedBefore(room, job, clocks, parameters)
  if (shared.size > MOST_KEPT) shared.clear()
  return hems.map((hem) => {
    const stepLay = sure(times.layAt.get(nth(hem.stepIds, 0)))
    const last = hem.keepStepId === null ? faceOf(room, hem.keep).last?.at : null
    // A keep side coated shortly before the job gets its night as well.
    const rested = last ? nextShift(parseInstant(last) + 60 * job.house.restHours) : stepLay
    const planned = lays?.get(hem.id)
    const at = {
      layAt: Math.max(stepLay, rested, planned?.at ?? 0),
      isPlanned: planned !== undefined,
      stayMin: stays?.get(hem.id),
      coatedAt: (stepId: string) => planned?.coatedAt.get(stepId) ?? sure(times.coatedAt.get(stepId)),
      stepAt: (stepId: string) => sure(times.layAt.get(stepId)),
    }
    const ctx = contextOf(
      hem,
      [room, job.house, job.shelf, job.kit, job.site, job.crews, clocks, parameters, ...timesOf(room, at)],
      () => hemContext({ job, room, hem, clocks, parameters, times: at }),
    )
    const key = judgingKey(ctx)
    const judged = shared.get(key) ?? judgeCandidates(ctx)
    shared.set(key, judged)
    return { ctx, judged }
  })
}

/** What decides a hem's recipe, by all of a job that it reads. */
const contextOf = whileSame<HemContext>()

const timesOf = ({ steps }: Room, { layAt, isPlanned, stayMin, coatedAt, stepAt }: HemTimes) => [
  layAt,
  isPlanned,
  stayMin,
  ...steps.flatMap(({ id }) => [coatedAt(id), stepAt(id)]),
]

/** Judgings kept of one room: its lines change their hours as the day goes on, and old hours are not asked for again. */
const MOST_KEPT = 500

/** What was judged in a room already, by what decides it within the room; kept while nothing else that decides it changes. */
const judgedBefore = (room: Room, { shelf, house, kit, site }: Job, clocks: JobClocks, parameters: Parameters) =>
  judgedIn(room, shelf, house, kit, site, clocks, parameters)

const judgedIn = lastFor(
  (
    _room: Room,
    ..._decides: readonly [Job['shelf'], Job['house'], Job['kit'], Job['site'], JobClocks, Parameters]
  ): Map<string, readonly Candidate[]> => new Map(),
)
