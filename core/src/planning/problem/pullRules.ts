import type { Parameters } from '../../base/parameters/parameters'
import { type ActivityId, actOf, coatOf, type Job, type Room, type HemId } from '../../base/nouns'
import { sealantOf, tapeOf } from '../../survey/shelf/find'
import { openOn } from '../../nature/cure/film'
import { coatAtPull } from '../../nature/cure/softPull'
import { filmClockOf, surfaceClockOf } from '../../nature/cure/paintClocks'
import { UNTOUCHED, type HemState, type LogState } from '../progress/hemStates'
import { strokesOf } from '../progress/strokes'
import type { Recipe } from '../../masking/recipes/recipe'
import { stayDaysOf } from '../../nature/risk/residue'
import { isDrunkInRound } from '../../survey/rooms/drinks'
import { lastCoatOf } from '../../survey/rooms/faces'
import { stepAt } from '../../survey/rooms/stepAt'
import { sure } from '../../base/units/sure'
import { MIN_PER_DAY } from '../../base/units/time'
import type { Round, RoundPull, Work } from '../work'
import type { ClockBook } from './clockBook'
import type { PullRule, Stay } from './problem'

interface PullRulesSetup {
  readonly job: Job
  readonly work: Pick<Work, 'rounds'>
  /** Which activity lays each hem's tape. */
  readonly layOf: ReadonlyMap<string, ActivityId>
  /** What each activity takes. */
  readonly minutes: ReadonlyMap<ActivityId, number>
  readonly log: LogState
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly parameters: Pick<Parameters, 'work'>
}

/** What every pull that is not done must keep to; the strictest tape and the first bead decide for its hems. */
export function pullRules(setup: PullRulesSetup, book: ClockBook): PullRule[] {
  return setup.work.rounds.flatMap((round) => round.pulls.flatMap((pull) => ruleOf(setup, book, round, pull)))
}

function ruleOf(setup: PullRulesSetup, book: ClockBook, round: Round, pull: RoundPull): PullRule[] {
  const { job, log, minutes } = setup
  const at = stepAt(job, round)
  const waiting = pull.hemIds.filter((hemId) => isOn(log.hems.get(hemId) ?? UNTOUCHED))
  if (!at || waiting.length === 0) return []
  const { room, step } = at
  const coating = coatAtPull(job.shelf, { house: job.house, room, step })
  const lastCoat = lastCoatOf(room, step)
  const coatId = coatOf(round, lastCoat)
  const coatTick = (hemId: HemId) => log.hems.get(hemId)?.coatedAt[lastCoat - 1] ?? null
  return [
    {
      activityId: pull.taskId,
      roundId: round.id,
      manner: pull.manner,
      coatId,
      coated: strokesOf(waiting.map(coatTick), round.hemIds.map(coatTick), sure(minutes.get(coatId))),
      clock: book.paint(surfaceClockOf(coating), room.id),
      filmClock: book.paint(filmClockOf(coating), room.id),
      beadClock: book.paint('drying', room.id),
      settleMin: coating.openMin * setup.parameters.work.settleShare.value,
      openMin: openOn(coating, isDrunkInRound(room, step, lastCoat, round.id), setup.parameters.work.drunkShare)
        .openMin,
      hardDryMin: coating.hardDryMin,
      bead: beadOf(setup, round, waiting),
      stays: pull.manner === 'peel' ? [] : staysOf(setup, book, room, waiting),
      cutAfterMin: pull.afterH * 60,
    },
  ]
}

function beadOf(
  { job, log, recipes, minutes }: PullRulesSetup,
  round: Round,
  hemIds: readonly HemId[],
): PullRule['bead'] {
  const skins = hemIds.flatMap((hemId) => {
    const id = recipes.get(hemId)?.sealantId
    return id ? [sealantOf(job.shelf, id).skinMin] : []
  })
  if (skins.length === 0) return null
  const sealId = actOf(round, 'bead')
  const beaded = round.hemIds.filter((hemId) => recipes.get(hemId)?.sealantId)
  const sealTick = (hemId: HemId) => log.hems.get(hemId)?.sealedAt ?? null
  const wiped = strokesOf(hemIds.map(sealTick), beaded.map(sealTick), sure(minutes.get(sealId)))
  return {
    sealId,
    sealedAt: wiped?.from ?? null,
    skinMin: Math.min(...skins),
  }
}

/** One stay for each instant at which tape was laid and each time it may lie. */
function staysOf(
  { job, log, recipes, layOf }: PullRulesSetup,
  book: ClockBook,
  room: Room,
  hemIds: readonly HemId[],
): Stay[] {
  const found = new Map<string, Stay>()
  for (const hemId of hemIds) {
    const tapeId = recipes.get(hemId)?.tapeId
    if (!tapeId) continue
    const laidAt = log.hems.get(hemId)?.laidAt ?? null
    const amount = stayDaysOf(tapeOf(job.shelf, tapeId), room.kind === 'elevation') * MIN_PER_DAY
    const layId = sure(layOf.get(hemId))
    found.set(`${layId} ${laidAt} ${amount}`, { layId, laidAt, clock: book.stay(room.id), amount })
  }
  return [...found.values()]
}

/** Its tape is on, or will be. */
const isOn = (state: HemState): boolean => state.pulledAt === null && state.skippedAt === null
