import { tapeOf } from '../../survey/shelf/find'
import type { HemId, Job } from '../../base/nouns'
import { sure } from '../../base/units/sure'
import { parseInstant } from '../../base/units/time'
import { stayDaysOf, stayUsed } from '../../nature/risk/residue'
import type { PlacedTask } from '../../planning/plan/placement'
import { laysOf, type Work } from '../../planning/work'
import { PLAN_STEP_MIN, safeAsPlanned, type JudgedGround } from './asPlanned'

/**
 * Hems whose tape a plan leaves on for so much longer, or shorter, than was expected that another tape may be right: longer than
 * the chosen one stays, or short enough for one that was ruled out by its stay. With that time; what was found longer before stays,
 * since the careful answer counts. Tape that is on already was chosen by the times people were told.
 */
export function staysThatMatter(
  ground: JudgedGround,
  work: Pick<Work, 'activities' | 'rounds'>,
  placed: readonly PlacedTask[],
): ReadonlyMap<HemId, number> {
  const wanted = staysToTry(ground, work, placed)
  const expected = new Map(ground.answers.flatMap((answer) => (answer.safe ? [[answer.hemId, answer.stayMin]] : [])))
  const found = new Map<HemId, number>()
  // Where nothing would be safe for so long, what lasts longest is better than what there is, and its pull may be told as too late.
  for (const share of SHARES) {
    const stays = new Map(
      [...wanted].flatMap(([id, stayMin]): [HemId, number][] => {
        const part = Math.floor(stayMin * share)
        const before = ground.stays.get(id) ?? expected.get(id) ?? stayMin
        return found.has(id) || (share < 1 && part <= before) ? [] : [[id, part]]
      }),
    )
    for (const [id, stayMin] of safeFor(ground, stays)) found.set(id, stayMin)
  }
  return found
}

/** Shares of a planned stay for which something safe is looked for, all of it first. From memory. */
const SHARES = [1, 0.9, 0.8, 0.7] as const

/** Of some stays those for which something is safe. */
const safeFor = (ground: JudgedGround, stays: ReadonlyMap<HemId, number>): ReadonlyMap<HemId, number> =>
  stays.size === 0
    ? new Map()
    : new Map(safeAsPlanned(ground, { stays }).map(({ hem }) => [hem.id, sure(stays.get(hem.id))]))

function staysToTry(
  { jobOfRecipes: job, answers, clocks, parameters, stays }: JudgedGround,
  work: Pick<Work, 'activities' | 'rounds'>,
  placed: readonly PlacedTask[],
): ReadonlyMap<HemId, number> {
  const times = new Map(placed.map((task) => [task.taskId, task]))
  const told = toldTimes(job)
  const lays = laysOf(work)
  const pulls = new Map(
    work.rounds.flatMap((round) => round.pulls.flatMap((pull) => pull.hemIds.map((id) => [id, pull.taskId] as const))),
  )
  const outdoors = new Set(job.rooms.filter(({ kind }) => kind === 'elevation').map(({ id }) => id))
  const roomOf = new Map(work.rounds.flatMap((round) => round.hemIds.map((id) => [id, round.roomId] as const)))
  return new Map(
    answers.flatMap((answer): [HemId, number][] => {
      if (!answer.safe || !answer.tapeId) return []
      const ids = [lays.get(answer.hemId) ?? '', pulls.get(answer.hemId) ?? ''] as const
      const [lay, pull] = stands(ids, times, told)
      const roomId = roomOf.get(answer.hemId)
      if (!lay || !pull || roomId === undefined) return []
      const stayMin = Math.max(
        stays.get(answer.hemId) ?? 0,
        Math.ceil((pull.to - lay.from) / PLAN_STEP_MIN) * PLAN_STEP_MIN,
      )
      if (stayMin === answer.stayMin) return []
      const isShorter = stayMin < answer.stayMin && answer.ruledOut.some(({ why }) => why.code === 'out.stay')
      const days = stayDaysOf(tapeOf(job.shelf, answer.tapeId), outdoors.has(roomId))
      const used = stayUsed(clocks(roomId).stay, days, lay.from, lay.from + stayMin)
      const isTooLong = stayMin > answer.stayMin && used > parameters.residue.stayMargin.value
      return isShorter || isTooLong ? [[answer.hemId, stayMin]] : []
    }),
  )
}

type Times = ReadonlyMap<string, Pick<PlacedTask, 'from' | 'to'>>

const toldTimes = ({ published }: Job): Times =>
  new Map(
    (published?.tasks ?? []).map(({ taskId, from, to }) => [
      taskId,
      { from: parseInstant(from), to: parseInstant(to) },
    ]),
  )

/** When a lay and its pull are: as planned, and as told once the tape is on. */
function stands([layId, pullId]: readonly [string, string], times: ReadonlyMap<string, PlacedTask>, told: Times) {
  const [lay, pull] = [times.get(layId), times.get(pullId)]
  const [toldLay, toldPull] = [told.get(layId), told.get(pullId)]
  return lay?.done && toldLay && toldPull ? [toldLay, toldPull] : [lay, pull]
}
