import { sure } from '../../base/units/sure'
import {
  type HemChoice,
  type School,
  type Shelf,
  type TapeEdge,
  coatOf,
  readActivity,
  type ActivityId,
  type PaintStep,
  type Room,
  type JobFacts,
  type EdgeKey,
} from '../../base/nouns'
import { airAt } from '../../nature/air/airSeries'
import { areaAir } from '../../nature/air/areaAir'
import { FILM_SHARE } from '../../nature/cure/film'
import { coatingOf, tapeOf } from '../../survey/shelf/find'
import type { Hem } from '../../survey/hems/deriveHems'
import type { Plan } from '../chain/planJob'
import { pressingsOf } from '../../masking/recipes/pressing'
import { faceOf, lastCoatOf, stepOf } from '../../survey/rooms/faces'
import { gentleStroke } from '../../nature/risk/bleed'
import { parseInstant } from '../../base/units/time'
import { seedOf } from '../../base/units/seeded'
import { isByLearner } from '../../masking/recipes/byLearner'
import { starterBench, type BenchSetup } from './benchSetup'
import { judgeBench } from './judgeBench'

/** A finish with no recent coat is as old as the Bench goes. */
const OLD_DAYS = 40

/** A hem of a job as a Bench setup: its faces, its recipe, and the times the plan has for it. */
export function benchOfHem(job: JobFacts, plan: Plan, hem: Hem): BenchSetup {
  const room = sure(job.rooms.find((each) => each.id === hem.roomId))
  const step = sure(room.steps.find((each) => each.id === hem.stepId))
  const face = faceOf(room, hem.keep)
  const keepStep = hem.keepStepId ? (stepOf(room, hem.keep)?.step ?? null) : null
  const answer = plan.recipes.find((each) => each.hemId === hem.id)
  const recipe = answer?.safe ? answer : null
  const round = plan.rounds.find((each) => each.stepId === hem.stepId && each.hemIds.includes(hem.id))
  const placed = (id: ActivityId | undefined) => plan.placed.find((task) => task.taskId === id)
  const coatedAt = placed(round && coatOf(round, lastCoatOf(room, step)))?.to ?? plan.at
  const laidAt =
    placed(plan.tasks.find((task) => task.kind === 'lay' && task.subjects.includes(hem.id))?.id)?.from ?? coatedAt - 60
  const keepCoated = keepStep
    ? Math.max(...plan.placed.filter((task) => isCoat(task.taskId, room, keepStep)).map((task) => task.to))
    : face.last?.at
      ? parseInstant(face.last.at)
      : null
  const pull = round?.pulls.find((each) => each.hemIds.includes(hem.id))
  const pullAt = placed(pull?.taskId)?.from ?? coatedAt + 15
  const ageDays =
    keepCoated !== null && Number.isFinite(keepCoated)
      ? Math.max(0, (laidAt - keepCoated) / 1440)
      : face.last
        ? null
        : OLD_DAYS
  const air = airAt(areaAir(job, room), coatedAt)
  const base = starterBench(job.shelf, Math.round(coatedAt))
  const { latDeg, lonDeg } = job.site
  return {
    ...base,
    sun:
      room.facingDeg !== null && latDeg !== null && lonDeg !== null
        ? { latDeg, lonDeg, facingDeg: room.facingDeg, cloud: 0.25 }
        : null,
    texture: face.texture,
    soundness: keepStep && face.soundness.startsWith('bare') ? 'sound' : face.soundness,
    dusty: face.dusty,
    crossCut: keepStep ? null : face.crossCut,
    ageDays: ageDays === null ? null : Number(ageDays.toFixed(2)),
    keepTool: keepStep?.tool ?? face.last?.tool ?? 'roller',
    keepSwatch: keepStep?.swatch ?? face.swatch,
    coatingId: coatingOf(job.shelf, step.coatingId).id,
    coatSwatch: step.swatch,
    stroke: recipe?.stroke ?? gentleStroke(step.tool),
    filmShare: FILM_SHARE[step.tool],
    earlierCoats: room.steps.reduce((sum, each) => sum + (hem.stepIds.includes(each.id) ? each.coats : 0), -1),
    tapeId: recipe?.tapeId ?? base.tapeId,
    hand: isByLearner(job.crews, room.crewId) ? 'beginner' : 'practised',
    pressing: recipe?.pressing ?? sure(pressingsOf(job.house).at(-1)),
    seal: recipe?.seal ?? 'none',
    sealantId: recipe?.sealantId ?? base.sealantId,
    tempC: Number(air.tempC.toFixed(1)),
    rh: Math.round(air.rh),
    windMs: Number(air.windMs.toFixed(1)),
    laidBeforeMin: Math.max(0, Math.round(coatedAt - laidAt)),
    pullAfterMin: Math.max(0, Math.round(pullAt - coatedAt)),
    scored: recipe?.score ?? false,
    seed: seedOf(hem.id) % 9973,
  }
}

/** The house school a Bench setup amounts to. */
export function schoolOfSetup({ seal, stroke }: Pick<BenchSetup, 'seal' | 'stroke'>, edge: TapeEdge): School {
  if (seal === 'wiped-sealant') return 'wiped-sealant'
  if (seal === 'own-colour') return 'own-colour-seal'
  if (seal === 'clear-glaze') return 'clear-glaze'
  if (edge === 'barrier') return 'barrier-edge'
  return stroke === 'spray' ? 'plain-sprayed' : 'press-only'
}

/** What is on the Bench as a choice for one edge: its tape, seal, pressing, and a wet or a dry pull. */
export function choiceOfBench(setup: BenchSetup, shelf: Shelf, edge: EdgeKey, reason: string): HemChoice {
  const { pullSpan: span } = judgeBench(setup, shelf)
  return {
    edge,
    school: schoolOfSetup(setup, tapeOf(shelf, setup.tapeId).edge),
    tapeId: setup.tapeId,
    liquidId: null,
    pressing: setup.pressing === 'none' ? null : setup.pressing,
    // Pulled while it is tacky is no way to choose; the house rules decide then.
    pull: span === 'wet' || span === 'too-wet' ? 'wet' : span === 'dry' ? 'dry' : null,
    reason,
  }
}

/** Whether an activity is the last coat of a step. */
function isCoat(id: ActivityId, room: Room, step: PaintStep): boolean {
  const ref = readActivity(id)
  return (
    ref?.of === 'round' &&
    ref.act === 'coat' &&
    ref.coat === lastCoatOf(room, step) &&
    ref.round.roomId === room.id &&
    ref.round.stepId === step.id
  )
}
