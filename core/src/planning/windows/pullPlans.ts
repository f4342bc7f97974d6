import { groupedBy } from '../../base/units/groupedBy'
import type { Parameters } from '../../base/parameters/parameters'
import { sure } from '../../base/units/sure'
import { type ActivityId, type Job, type PaintStep, actOf, coatOf, type HemId, type RoundId } from '../../base/nouns'
import type { JobClocks } from '../../nature/cure/areaClocks'
import { sealantOf, tapeOf } from '../../survey/shelf/find'
import { openOn } from '../../nature/cure/film'
import { coatAtPull } from '../../nature/cure/softPull'
import { filmClockOf, surfaceClockOf } from '../../nature/cure/paintClocks'
import { dryOnly, keptUntil, peelWindow, pullWindow, type PullSpan } from '../../nature/cure/pullWindow'
import type { Recipe } from '../../masking/recipes/recipe'
import { offBy, stayDaysOf } from '../../nature/risk/residue'
import { isDrunkInRound } from '../../survey/rooms/drinks'
import { lastCoatOf } from '../../survey/rooms/faces'
import type { Round, RoundPull, Work } from '../work'
import type { PlacedTask } from '../plan/placement'
import { UNTOUCHED, type LogState } from '../progress/hemStates'
import { strokesOf } from '../progress/strokes'

/** Hems of one round that were, or will be, coated together, and when their tape may come off. */
export interface PullPlan {
  readonly roundId: RoundId
  /** The task that takes these off, and how: tape wet or dry, or a liquid mask. */
  readonly taskId: ActivityId
  readonly manner: RoundPull['manner']
  readonly roomId: string
  readonly crewId: string
  readonly hemIds: readonly HemId[]
  readonly coatedFrom: number
  readonly coatedTo: number
  /** The last coat is on; otherwise times are planned. */
  readonly coated: boolean
  /** Minutes the coat came later than the board expected, when that was told. */
  readonly lateMin: number | null
  readonly spans: readonly PullSpan[]
  /** When the plan has the crew pull it, or null. */
  readonly plannedAt: number | null
}

interface WindowsSetup {
  readonly job: Job
  readonly clocks: (roomId: string) => JobClocks
  readonly recipes: ReadonlyMap<string, Recipe>
  /** Which activity lays each hem's tape. */
  readonly layOf: ReadonlyMap<string, ActivityId>
  /** What each activity takes. */
  readonly minutes: ReadonlyMap<ActivityId, number>
  readonly log: LogState
  /** What stays on floors until walls and ceilings are done. */
  readonly keeps: Work['keeps']
  readonly parameters: Pick<Parameters, 'work'>
}

const stepOfRound = (job: Job, round: Round): PaintStep =>
  sure(sure(job.rooms.find((room) => room.id === round.roomId)).steps.find((step) => step.id === round.stepId))

/** Windows of every hem not yet pulled, grouped by round and time of the last coat. */
export function pullPlans(
  setup: WindowsSetup,
  rounds: readonly Round[],
  placed: ReadonlyMap<string, PlacedTask>,
): PullPlan[] {
  return rounds.flatMap((round) => round.pulls.flatMap((pull) => plansOf(setup, round, pull, placed)))
}

function plansOf(
  setup: WindowsSetup,
  round: Round,
  pull: RoundPull,
  placed: ReadonlyMap<string, PlacedTask>,
): PullPlan[] {
  const step = stepOfRound(setup.job, round)
  const left = pull.hemIds.filter((hemId) => {
    const state = setup.log.hems.get(hemId) ?? UNTOUCHED
    return state.pulledAt === null && state.skipped === null
  })
  return [...groupedBy(left, (hemId) => lastCoat(setup.log, hemId, lastCoatIn(setup, round, step)))].flatMap(
    ([at, hemIds]) => {
      const plan = at === null ? plannedCoat(setup, round, step, placed) : struck(setup, round, step, hemIds)
      return plan
        ? [onePlan({ setup, round, manner: pull, step, hemIds, coat: plan, coated: at !== null, placed })]
        : []
    },
  )
}

const lastCoat = (log: LogState, hemId: HemId, coats: number): number | null =>
  log.hems.get(hemId)?.coatedAt[coats - 1] ?? null

/** The number of a round's last coat. */
const lastCoatIn = ({ job }: WindowsSetup, round: Round, step: PaintStep): number =>
  lastCoatOf(sure(job.rooms.find((room) => room.id === round.roomId)), step)

function struck(setup: WindowsSetup, round: Round, step: PaintStep, hemIds: readonly HemId[]) {
  const { log, minutes } = setup
  const last = lastCoatIn(setup, round, step)
  const tick = (hemId: HemId) => lastCoat(log, hemId, last)
  return strokesOf(hemIds.map(tick), round.hemIds.map(tick), sure(minutes.get(coatOf(round, last))))
}

function plannedCoat(
  setup: WindowsSetup,
  round: Round,
  step: PaintStep,
  placed: ReadonlyMap<string, PlacedTask>,
): { from: number; to: number } | null {
  const task = placed.get(coatOf(round, lastCoatIn(setup, round, step)))
  return task ? { from: task.from, to: task.to } : null
}

interface OnePlanSetup {
  readonly setup: WindowsSetup
  readonly round: Round
  readonly manner: RoundPull
  readonly step: PaintStep
  readonly hemIds: readonly HemId[]
  readonly coat: { from: number; to: number }
  readonly coated: boolean
  readonly placed: ReadonlyMap<string, PlacedTask>
}

function onePlan({ setup, round, manner, step, hemIds, coat, coated, placed }: OnePlanSetup): PullPlan {
  const pull = placed.get(manner.taskId)
  const late = hemIds.map((hemId) => setup.log.hems.get(hemId)?.coatLateMin ?? null).filter((each) => each !== null)
  return {
    roundId: round.id,
    taskId: manner.taskId,
    manner: manner.manner,
    roomId: round.roomId,
    // Whoever takes it off; where that has no place, whoever coats it.
    crewId: (pull ?? placed.get(coatOf(round, lastCoatIn(setup, round, step))))?.crewId ?? round.crewId,
    hemIds,
    coatedFrom: coat.from,
    coatedTo: coat.to,
    coated,
    lateMin: coated && late.length ? Math.max(...late) : null,
    spans: spansOf({ setup, round, pull: manner, step, hemIds, coat, placed }),
    plannedAt: pull && !pull.done ? pull.from : null,
  }
}

interface SpansSetup {
  readonly setup: WindowsSetup
  readonly round: Round
  readonly pull: RoundPull
  readonly step: PaintStep
  readonly hemIds: readonly HemId[]
  readonly coat: { from: number; to: number }
  readonly placed: ReadonlyMap<string, PlacedTask>
}

/** Spans for hems coated together; the strictest tape and the first bead decide. */
function spansOf({ setup, round, pull, step, hemIds, coat, placed }: SpansSetup): PullSpan[] {
  if (pull.manner === 'peel') return peelWindow(coat.from, coat.to + pull.afterH * 60)
  const { job, recipes, log, minutes, layOf } = setup
  const clocks = setup.clocks(round.roomId)
  const room = sure(job.rooms.find(({ id }) => id === round.roomId))
  const outdoors = room.kind === 'elevation'
  const recipeList = hemIds.map((hemId) => recipes.get(hemId)).filter((recipe) => recipe !== undefined)
  const beads = recipeList.flatMap((recipe) => (recipe.sealantId ? [sealantOf(job.shelf, recipe.sealantId)] : []))
  const sealant = [...beads].sort((a, b) => a.skinMin - b.skinMin)[0] ?? null
  const beaded = round.hemIds.filter((hemId) => recipes.get(hemId)?.sealantId)
  const sealTick = (hemId: HemId) => log.hems.get(hemId)?.sealedAt ?? null
  const beadId = actOf(round, 'bead')
  const wiped =
    sealant && (strokesOf(hemIds.map(sealTick), beaded.map(sealTick), sure(minutes.get(beadId))) ?? placed.get(beadId))
  const limits = hemIds.flatMap((hemId) => {
    const recipe = recipes.get(hemId)
    const laid = log.hems.get(hemId)?.laidAt ?? placed.get(layOf.get(hemId) ?? '')?.from ?? coat.from
    const days = recipe?.tapeId && stayDaysOf(tapeOf(job.shelf, recipe.tapeId), outdoors)
    const limit = days ? offBy(clocks.stay, days, laid) : null
    return limit === null ? [] : [limit]
  })
  const onPaint = coatAtPull(job.shelf, { house: job.house, room, step })
  const isFirst = isDrunkInRound(room, step, lastCoatOf(room, step), round.id)
  const coating = openOn(onPaint, isFirst, setup.parameters.work.drunkShare)
  const spans = pullWindow({
    drying: clocks.paint(surfaceClockOf(coating)),
    hardening: clocks.paint(filmClockOf(coating)),
    beadDrying: clocks.drying,
    coating,
    settleShare: setup.parameters.work.settleShare.value,
    coatedFrom: coat.from,
    coatedTo: coat.to,
    sealant,
    sealedAt: sealant ? Math.min(coat.from, wiped?.from ?? coat.from) : null,
    offBy: limits.length ? Math.min(...limits) : null,
  })
  if (pull.manner !== 'dry') return spans
  const keep = setup.keeps.find(({ pullId }) => pullId === pull.taskId)
  const drips = keep?.coatIds.flatMap((id) => placed.get(id)?.to ?? []) ?? []
  return keptUntil(dryOnly(spans), Math.max(...drips, Number.NEGATIVE_INFINITY))
}
