import { said, when, type FaceKey, type Job, type PaintStep, type Room, type Said } from '../../base/nouns'
import { airAt } from '../../nature/air/airSeries'
import { filmFaults, paintFaults, tapeFaults } from '../../nature/air/paintLimits'
import { coatingOf } from '../../survey/shelf/find'
import type { Miss, MissKind } from '../../planning/check/miss'
import type { JobClocks } from '../../nature/cure/areaClocks'
import type { PlacedTask } from '../../planning/plan/placement'
import { dampFacesOf, dampLimit } from '../../survey/rooms/damp'
import { faceName, faceOf } from '../../survey/rooms/faces'
import { DAMP_GROUND } from '../../planning/problem/airRules'
import { airHelp } from './airHelp'
import { stepAt } from '../../survey/rooms/stepAt'
import type { Task } from './task'

interface AirProblemsSetup {
  readonly job: Job
  readonly clocks: (roomId: string) => JobClocks
  readonly tasks: readonly Task[]
  readonly placed: readonly PlacedTask[]
  readonly misses: readonly Miss[]
  /** The instant the plan was made for. */
  readonly from: number
}

/** Misses that are about the air. */
export const isOfAir = (kind: MissKind): boolean => kind === 'in-bad-air' || kind === 'no-air'

/** Coats and tape that meet, or wait in vain for better than, air they must not: with the figures of that hour, once for each coating, or for tape, and reason. */
export function airProblems({ job, clocks, tasks, misses, from }: AirProblemsSetup): Said[] {
  const byId = new Map(tasks.map((task) => [task.id, task]))
  const found = new Map<string, Said>()
  for (const miss of misses.filter(({ kind }) => isOfAir(kind)).sort((a, b) => (a.at ?? 0) - (b.at ?? 0))) {
    const task = byId.get(miss.activityId)
    const where = task && stepAt(job, task)
    if (!where || miss.at === null) continue
    const { room, step } = where
    const coating = coatingOf(job.shelf, step.coatingId)
    if (miss.other === DAMP_GROUND) {
      for (const key of dampFacesOf(room, step, task.roundId))
        found.set(`damp|${room.id}|${key}`, dampGround(room, step, key))
      continue
    }
    const air = airAt(clocks(room.id).air, miss.at)
    const isTape = task.kind === 'lay'
    const faults = isTape ? tapeFaults(air) : [...paintFaults(coating, air, step.tool), ...filmFaults(air)]
    const fault = faults.find(({ code }) => code === miss.other) ?? faults[0]
    const key = `${miss.kind}|${isTape ? 'tape' : coating.id}|${miss.other}`
    if (!fault || found.has(key)) continue
    const facts = { room: room.name, step: step.name, when: when(miss.at, from, job.site.zone), fault }
    if (isTape) {
      const help = said(room.kind === 'elevation' ? 'help.air_front' : 'help.air_room')
      found.set(
        key,
        miss.kind === 'no-air' ? said('plan.no_air_tape', { ...facts, help }) : said('plan.air_tape', facts),
      )
      continue
    }
    found.set(
      key,
      miss.kind === 'no-air'
        ? said('plan.no_air', { ...facts, help: airHelp(job.shelf, room, step, clocks(room.id)) })
        : said('plan.air', facts),
    )
  }
  return [...found.values()]
}

/** What a damp face says: what it reads, and what it may. */
function dampGround(room: Room, step: PaintStep, key: FaceKey): Said {
  const face = faceOf(room, key)
  const facts = { room: room.name, step: step.name, face: faceName(room, key) }
  return said(DAMP_GROUND, { ...facts, reading: face.moisturePct ?? 0, limit: dampLimit(face).value })
}
