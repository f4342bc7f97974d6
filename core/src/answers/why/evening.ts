import { isGunDown, readActivity, said, when, type Job, type Room, type Said, type HemId } from '../../base/nouns'
import { instantOfGain, type RateClock } from '../../nature/cure/rateClock'
import { DEFAULT_PARAMETERS, type Parameters } from '../../base/parameters/parameters'
import { MIN_PER_DAY } from '../../base/units/time'
import { tapeOf } from '../../survey/shelf/find'
import type { PlacedTask } from '../../planning/plan/placement'
import { clocksOfTables } from '../../planning/plan/tableClocks'
import type { PullRule } from '../../planning/problem/problem'
import { activityName } from '../../planning/work'
import { groupedBy } from '../../base/units/groupedBy'
import { workDayOf } from '../../nature/calendar/workDay'
import { foldLog, UNTOUCHED } from '../../planning/progress/hemStates'
import { throughAt } from '../../planning/progress/activityProgress'
import { wetPassedAt } from '../../planning/windows/wetPassed'
import { planWithProblem, type Chain } from '../chain/planJob'
import type { Task } from '../tell/task'
import type { VanItem } from '../van/vanItems'
import { vanPlanOf } from '../chain/vanPlanOf'

/** What a lead goes through before the lights go out. */
export interface Evening {
  /** Work of the day that is not done. */
  readonly open: readonly Said[]
  /** Tape beside wet paint that would skin or harden overnight: off before anybody goes. */
  readonly mustBeOff: readonly Said[]
  /** Guns with paint in them whose next coat is on another day. */
  readonly guns: readonly Said[]
  /** Tape that stays on overnight, and why that is safe, or is not. */
  readonly stays: readonly { readonly line: Said; readonly isSafe: boolean }[]
  /** Rooms whose floor or furniture stays under cover. */
  readonly covered: readonly string[]
  /** What each crew begins with next, and what to load for that day. */
  readonly next: readonly {
    readonly crewId: string
    readonly at: number
    readonly first: readonly Said[]
    readonly load: readonly VanItem[]
  }[]
}

/** Tasks told of a crew's next day. */
const FIRST = 3

/** The close of a day by the plan people work by. @param now  minutes since the epoch, some time of that day */
export function evening(job: Job, now: number, parameters: Parameters = DEFAULT_PARAMETERS): Evening {
  const chain = planWithProblem(job, now, parameters)
  const { plan } = chain
  // By shift: a night shift closes in the morning.
  const dayOf = workDayOf(job)
  const day = dayOf(now)
  const left = plan.placed.filter((task) => !task.done)
  const stillOpen = (task: PlacedTask) =>
    said('evening.open', { what: activityName(job.rooms, task.taskId), when: when(task.from, now, job.site.zone) })
  const isTonight = (task: PlacedTask) => dayOf(task.from) <= day
  const wet = plan.pulls.filter((pull) => pull.manner === 'wet' && pull.coated)
  const wetIds = new Set<string>(wet.map((pull) => pull.taskId))
  const onWall = new Set(tapeOn(job, chain).map(({ activityId }) => activityId))
  return {
    open: left.filter((task) => isTonight(task) && !wetIds.has(task.taskId) && !onWall.has(task.taskId)).map(stillOpen),
    mustBeOff: [
      ...missedTape(job, chain, now, isTonight),
      ...wet.flatMap((pull) => {
        const span = pull.spans.find((each) => each.kind === 'wet')
        if (!span || span.to === null || dayOf(span.from) > day || wetPassedAt(pull, now)) return []
        const facts = { what: activityName(job.rooms, pull.taskId), due: when(span.to, now, job.site.zone) }
        return [said('evening.must_be_off', facts)]
      }),
    ],
    guns: gunsOf(job, chain, day, dayOf),
    stays: [...staysOf({ job, chain, now, day, dayOf }), ...holdsOn({ job, chain, now, day, dayOf })],
    covered: coveredOf(job, chain, day, dayOf),
    next: nextOf({ job, chain, now, day, dayOf }),
  }
}

type DayOf = (at: number) => number

/** Pulls of tape that is on the wall by what was ticked: laid, and neither off nor left out. */
function tapeOn(job: Job, { plan, problem }: Chain): PullRule[] {
  const { hems } = foldLog(job.log)
  const isOn = (hemId: HemId) => {
    const state = hems.get(hemId) ?? UNTOUCHED
    const laid = throughAt({ kind: 'lay', coat: null }, state)
    return laid !== null && state.pulledAt === null
  }
  const hemsOf = new Map(plan.rounds.flatMap((round) => round.pulls.map((pull) => [pull.taskId, pull.hemIds] as const)))
  return problem.pulls.filter(({ activityId }) => (hemsOf.get(activityId) ?? []).some(isOn))
}

/** Tape on the wall that was to be off by now or tonight: first what its wet window has passed, then the rest. */
function missedTape(job: Job, chain: Chain, now: number, isTonight: (task: PlacedTask) => boolean): Said[] {
  const { plan } = chain
  const placed = new Map(plan.placed.map((task) => [task.taskId, task]))
  const windows = new Map(plan.pulls.map((pull) => [pull.taskId, pull]))
  const told = tapeOn(job, chain).flatMap(({ activityId }): { rank: number; line: Said }[] => {
    const at = placed.get(activityId)
    const window = windows.get(activityId)
    if (!at || at.done || !isTonight(at)) return []
    const what = activityName(job.rooms, activityId)
    const closed = window && wetPassedAt(window, now)
    if (closed) return [{ rank: 0, line: said('evening.wet_passed', { what, due: when(closed, now, job.site.zone) }) }]
    // What is wet still is told with its own hour.
    if (window?.manner === 'wet' && window.coated) return []
    return [{ rank: 1, line: said('evening.off_today', { what, when: when(at.from, now, job.site.zone) }) }]
  })
  return told.sort((a, b) => a.rank - b.rank).map(({ line }) => line)
}

/** A gun that sprayed by tonight and is cleaned by the plan on another day only: paint dries in it. */
function gunsOf(job: Job, { plan, problem }: Chain, day: number, dayOf: DayOf): Said[] {
  const placed = new Map(plan.placed.map((task) => [task.taskId, task]))
  const isBy = (id: string) => {
    const at = placed.get(id)?.from
    return at !== undefined && dayOf(at) <= day
  }
  const cleaned = problem.lags.filter(({ from, to }) => isGunDown(to) && readActivity(from)?.act === 'coat')
  const fromOf = (id: string) => placed.get(id)?.from ?? Number.POSITIVE_INFINITY
  const stale = [...groupedBy(cleaned, ({ from }) => from)].flatMap(([coatId, lags]) => {
    const [soonest] = lags.map(({ to }) => to).sort((a, b) => fromOf(a) - fromOf(b))
    return isBy(coatId) && soonest !== undefined && !isBy(soonest) ? [soonest] : []
  })
  return [...new Set(stale)].map((downId) => said('evening.gun', { what: activityName(job.rooms, downId) }))
}

interface StaysSetup {
  readonly job: Job
  readonly chain: Chain
  readonly now: number
  readonly day: number
  readonly dayOf: DayOf
}

/** Tape that is on when the day ends and comes off on another. */
function staysOf({ job, chain: { plan, problem }, now, day, dayOf }: StaysSetup): Evening['stays'] {
  const clocks = clocksOfTables(problem.clocks)
  const placed = new Map(plan.placed.map((task) => [task.taskId, task]))
  // What is on by the log: tape that was never laid does not stay on.
  return tapeOn(job, { plan, problem }).flatMap((rule) => {
    const pull = placed.get(rule.activityId)
    if (!pull || pull.done || dayOf(pull.from) <= day) return []
    const lays = rule.stays.map((stay) => ({ stay, at: stay.laidAt }))
    if (lays.length === 0)
      return [
        {
          isSafe: true,
          line: said('evening.mask_stays', {
            what: activityName(job.rooms, rule.activityId),
            when: when(pull.from, now, job.site.zone),
          }),
        },
      ]
    const due = soonestDue(lays, clocks)
    const isSafe = due === null || pull.to <= due
    const facts = {
      what: activityName(job.rooms, rule.activityId),
      when: when(pull.from, now, job.site.zone),
      due: due === null ? null : when(due, now, job.site.zone),
    }
    return [
      {
        isSafe,
        line: said(due === null ? 'evening.stays_long' : isSafe ? 'evening.stays' : 'evening.stays_too_long', facts),
      },
    ]
  })
}

/** When the first tape of a pull has to be off; null where its stay ends behind what is known of the air. */
function soonestDue(
  lays: readonly { readonly stay: PullRule['stays'][number]; readonly at: number | null }[],
  clocks: ReadonlyMap<string, RateClock>,
): number | null {
  const dues = lays.flatMap(({ stay, at }) => {
    const clock = clocks.get(stay.clock)
    const due = at === null || !clock ? null : instantOfGain(clock, at, stay.amount)
    return due === null ? [] : [due]
  })
  return dues.length > 0 ? Math.min(...dues) : null
}

const coveredOf = (job: Job, chain: Chain, day: number, dayOf: DayOf): string[] =>
  coveredSince(job, chain, day, dayOf).map(({ room }) => room.name)

/** Rooms that stay under cover tonight, since when and until when. */
function coveredSince(
  job: Job,
  { plan }: Chain,
  day: number,
  dayOf: DayOf,
): { readonly room: Room; readonly from: number; readonly to: number }[] {
  const of = (roomId: string, kind: Task['kind']) => {
    const ids = new Set(plan.tasks.flatMap((task) => (task.roomId === roomId && task.kind === kind ? [task.id] : [])))
    return plan.placed.filter((task) => ids.has(task.taskId))
  }
  return job.rooms.flatMap((room) => {
    const down = of(room.id, 'cover').filter((task) => dayOf(task.from) <= day)
    const up = of(room.id, 'uncover').filter((task) => !task.done && dayOf(task.from) > day)
    if (down.length === 0 || up.length === 0) return []
    return [{ room, from: Math.min(...down.map((task) => task.from)), to: Math.max(...up.map((task) => task.to)) }]
  })
}

/** Tape that holds papers and films overnight, room by room. */
function holdsOn({ job, chain, now, day, dayOf }: StaysSetup): Evening['stays'] {
  const { holding } = chain.plan.load
  if (!holding) return []
  const tape = tapeOf(job.shelf, holding.tapeId).name
  const held = coveredSince(job, chain, day, dayOf).filter(({ room }) => holding.roomIds.includes(room.id))
  return held.map(({ room, from, to }) => {
    const due = from + holding.stayDays * MIN_PER_DAY
    const isSafe = to <= due
    const facts = { room: room.name, tape, due: when(due, now, job.site.zone) }
    return { isSafe, line: said(isSafe || due > now ? 'evening.covers_stay' : 'evening.covers_too_long', facts) }
  })
}

interface NextSetup {
  readonly job: Job
  readonly chain: Chain
  readonly now: number
  readonly day: number
  readonly dayOf: DayOf
}

function nextOf({ job, chain: { plan }, now, day, dayOf }: NextSetup): Evening['next'] {
  const { lists } = vanPlanOf(job, plan)
  return job.crews.flatMap((crew) => {
    const tasks = plan.placed
      .filter((task) => !task.done && task.crewId === crew.id && dayOf(task.from) > day)
      .sort((a, b) => a.from - b.from)
    const [first] = tasks
    if (!first) return []
    const ofDay = tasks.filter((task) => dayOf(task.from) === dayOf(first.from))
    return [
      {
        crewId: crew.id,
        at: first.from,
        first: ofDay.slice(0, FIRST).map((task) =>
          said('evening.first', {
            what: activityName(job.rooms, task.taskId),
            when: when(task.from, now, job.site.zone),
          }),
        ),
        load: lists.find((list) => list.crewId === crew.id && list.day === dayOf(first.from))?.items ?? [],
      },
    ]
  })
}
