import { ternQuay, ternQuaySurvey, TERN_QUAY_NOW } from '../../demo'
import { evening } from '../src/answers/why/evening'
import { planJob } from '../src/answers/chain/planJob'
import { crewMessages } from '../src/planning/published/crewMessages'
import { planChanges, publishedTasks } from '../src/planning/published/planChanges'
import { tasksCsv } from '../src/planning/published/tasksCsv'
import { readCsv } from '../src/base/units/csvText'
import { formatInstant, fromLocal, parseInstant, toLocal } from '../src/base/units/time'
import { fewestChanges } from '../src/answers/chain/fewestChanges'
import { newBreaks, partly } from '../src/answers/try/acceptPart'
import { planWithProblem } from '../src/answers/chain/planJob'
import { placeFirst } from '../src/planning/plan/placeFirst'
import { judged } from '../src/answers/chain/judge'
import { UNSAID } from '../src/base/nouns'
import { foldLog } from '../src/planning/progress/hemStates'
import { sayText } from '../src/edge/words'

/** The second afternoon of the demo, its close, and what follows when things run late. */
const job = ternQuay()
const now = parseInstant(TERN_QUAY_NOW)
const plan = planJob(job, now)
const dayOf = (at: number) => toLocal(at, job.site.zone).day
const today = dayOf(now)

describe('the close of the day', () => {
  const told = evening(job, now)

  test('every wet pull whose coat is on is off before anybody goes, and all other tape on the wall that comes off today', () => {
    const wet = plan.pulls.filter((pull) => pull.manner === 'wet' && pull.coated)
    expect(told.mustBeOff.filter(({ code }) => code === 'evening.must_be_off')).toHaveLength(wet.length)
    expect(wet.length).toBeGreaterThan(0)
    // The strips along the floor of the recital room stay; its first wall is still to be coated and stripped today.
    const others = plan.pulls.filter(
      ({ manner, coated, plannedAt }) =>
        !(manner === 'wet' && coated) && plannedAt !== null && dayOf(plannedAt) <= today,
    )
    expect(told.mustBeOff.filter(({ code }) => code === 'evening.off_today')).toHaveLength(others.length)
  })

  test('all that was planned until tonight and is not ticked is told once', () => {
    const left = plan.placed.filter((task) => !task.done && dayOf(task.from) <= today)
    expect(told.open.length + told.mustBeOff.length).toBe(left.length)
  })

  test('tape that stays says until when it may, and none of the demo’s stays too long', () => {
    expect(told.stays.length).toBeGreaterThan(0)
    expect(told.stays.every((stay) => stay.isSafe)).toBe(true)
    for (const { line } of told.stays)
      expect(['evening.stays', 'evening.mask_stays', 'evening.covers_stay']).toContain(line.code)
  })

  test('tape that was never laid does not stay on, and tape that is laid does, with its date', () => {
    const log = foldLog(job.log)
    const laid = plan.rounds.filter(({ hemIds }) =>
      hemIds.some((id) => (log.hems.get(id)?.laidAt ?? null) !== null && log.hems.get(id)?.pulledAt === null),
    )
    const ofRounds = ({ stays }: typeof told) => stays.filter(({ line }) => line.code !== 'evening.covers_stay')
    expect(ofRounds(told).length).toBeLessThanOrEqual(laid.flatMap(({ pulls }) => pulls).length)
    const bare = evening(
      { ...job, log: job.log.filter(({ kind }) => kind !== 'laid' && kind !== 'sealed' && kind !== 'coated') },
      now,
    )
    expect([ofRounds(bare), bare.mustBeOff]).toEqual([[], []])
  })

  test('a wet window that closed with the tape on is said first, tonight and among the problems, until somebody decides', () => {
    const late = now + 60
    const { mustBeOff } = evening(job, late)
    expect(mustBeOff[0]?.code).toBe('evening.wet_passed')
    const problem = planJob(job, late).problems.find(({ code }) => code === 'plan.wet_passed')
    expect(problem && sayText(problem)).toMatch(/Practice room 2.*wet window closed 14:\d\d.*score/)
    const pull = planJob(job, late).pulls.find(({ coated, manner }) => coated && manner === 'wet')!
    const hold = { taskId: pull.taskId, at: formatInstant(late + 1440), crewId: null, why: 'left to harden' }
    const decided = planJob({ ...job, planning: { ...job.planning, holds: [hold] } }, late)
    expect(decided.problems.map(({ code }) => code)).not.toContain('plan.wet_passed')
    const off = { ...UNSAID, id: 'off', kind: 'pulled' as const, at: formatInstant(late), subjects: [...pull.hemIds] }
    expect(planJob({ ...job, log: [...job.log, off] }, late).problems.map(({ code }) => code)).not.toContain(
      'plan.wet_passed',
    )
  })

  test('tape that is not pulled before its stay is over is told as such', () => {
    const tapes = job.shelf.tapes.map((tape) => ({ ...tape, stayDays: 0.5, sunStayDays: 0.5 }))
    const laid = plan.tasks.find(({ kind, roomId }) => kind === 'lay' && roomId === 'recital')!
    const tick = {
      ...UNSAID,
      id: 'lay',
      kind: 'laid' as const,
      at: formatInstant(now - 1440),
      subjects: [...laid.subjects],
    }
    const { stays } = evening({ ...job, shelf: { ...job.shelf, tapes }, log: [...job.log, tick] }, now)
    expect(stays.filter((stay) => !stay.isSafe).map((stay) => stay.line.code)).toContain('evening.stays_too_long')
  })

  test('each crew begins with its first work of the next day, and loads tape for what it lays', () => {
    for (const { crewId, at, first, load } of told.next) {
      const tasks = plan.placed.filter((task) => task.crewId === crewId && !task.done && dayOf(task.from) > today)
      expect(at).toBe(Math.min(...tasks.map((task) => task.from)))
      expect(first.length).toBeGreaterThan(0)
      const lays = tasks.some((task) => dayOf(task.from) === dayOf(at) && /\/lay$/.test(task.taskId))
      expect(load.some((item) => item.unit === 'mm' && item.widthMm !== null)).toBe(lays)
    }
  })

  test('a gun whose next coat is another day is cleaned before anybody goes, and filled again before that coat', () => {
    expect(told.guns).toEqual([])
    const survey = ternQuaySurvey()
    const first = planJob(survey).placed.find((task) => task.taskId === 'kitchen/s1/w2/coat1')!
    const { day } = toLocal(first.from, survey.site.zone)
    const off = { from: fromLocal(day, 12 * 60, survey.site.zone), to: fromLocal(day + 1, 0, survey.site.zone) }
    const away = survey.crews.map((crew) => ({
      crewId: crew.id,
      from: formatInstant(off.from),
      to: formatInstant(off.to),
      person: null,
      why: 'funeral',
    }))
    const kitchen = { ...survey, rooms: survey.rooms.filter((room) => room.id === 'kitchen') }
    const parted = { ...kitchen, planning: { ...kitchen.planning, away } }
    const { placed, tasks } = planJob(parted)
    const order = [...placed]
      .sort((a, b) => a.from - b.from)
      .filter(({ taskId }) => /^kitchen.*(gun|coat)/.test(taskId))
    const own = order.filter(({ taskId }) => taskId.startsWith('kitchen/s1/')).map(({ taskId }) => taskId)
    const cleaned = own.indexOf('kitchen/s1/gun-down1')
    const dayOf = (id: string) => toLocal(placed.find((task) => task.taskId === id)!.from, survey.site.zone).day
    expect(own.slice(cleaned, cleaned + 2)).toEqual(['kitchen/s1/gun-down1', 'kitchen/s1/gun-up1'])
    expect(own.at(-1)).toBe('kitchen/s1/gun-down')
    expect([dayOf('kitchen/s1/gun-down1'), dayOf('kitchen/s1/gun-up1')]).toEqual([day, day + 1])
    expect(tasks.find(({ id }) => id === 'kitchen/s1/gun-down1')?.minutes).toBeGreaterThan(5)
    expect(evening(parted, parseInstant(survey.start)).guns).toEqual([])
    // Left to the next morning by hand, it is told.
    const down = placed.find(({ taskId }) => taskId === 'kitchen/s1/gun-down1')!
    const hold = {
      taskId: down.taskId,
      crewId: down.crewId,
      at: formatInstant(fromLocal(day + 1, 8 * 60, survey.site.zone)),
      why: 'forgotten',
    }
    const left = evening({ ...parted, planning: { ...parted.planning, holds: [hold] } }, parseInstant(survey.start))
    expect(left.guns.map((line) => line.code)).toEqual(['evening.gun'])
  })

  test('before anything is done nothing stays', () => {
    const survey = ternQuaySurvey()
    const before = evening(survey, parseInstant(survey.start) - 1440)
    expect([before.mustBeOff, before.stays, before.covered]).toEqual([[], [], []])
  })
})

describe('when it runs forty minutes late', () => {
  const late = now + 40
  const { plan: then, problem } = planWithProblem(job, late)
  const anew = placeFirst(problem)
  const placed = fewestChanges(problem, then.placed, anew)
  const changes = (to: typeof placed) => planChanges(publishedTasks(then.placed), publishedTasks(to))

  test('no more is told otherwise than by planning anew, and nothing goes wrong that would not then', () => {
    expect(changes(placed).length).toBeLessThanOrEqual(changes(anew.placed).length)
    expect(judged(problem, { placed, unplaced: [] }).misses.length).toBeLessThanOrEqual(
      judged(problem, anew).misses.length,
    )
  })

  test('two hours and a half late, no more things change than by planning anew', () => {
    const far = planWithProblem(job, now + 150)
    const all = placeFirst(far.problem)
    const count = (to: typeof placed) => planChanges(publishedTasks(far.plan.placed), publishedTasks(to)).length
    expect(count(fewestChanges(far.problem, far.plan.placed, all))).toBeLessThanOrEqual(count(all.placed))
  })

  test('taken whole it is the proposal, not at all the told plan, in part both', () => {
    const ids = changes(placed).map((change) => change.taskId)
    const by = (taken: readonly string[]) =>
      new Map(partly(then.placed, placed, new Set(taken)).map((task) => [task.taskId, task.from]))
    for (const task of placed)
      expect(by(ids).get(task.taskId)).toBe(ids.includes(task.taskId) ? task.from : by([]).get(task.taskId))
    for (const task of then.placed) expect(by([]).get(task.taskId)).toBe(task.from)
    const [one, two] = ids
    expect(by([one!]).get(two!)).toBe(then.placed.find((task) => task.taskId === two)?.from)
  })

  test('a part that lets a crew be in two places says so', () => {
    const moved = then.placed.map((task) => ({ ...task }))
    const [one, two] = moved.filter((each) => !each.done && each.from > late && each.crewId === 'wren')
    two!.from = one!.from
    two!.pieces = one!.pieces
    two!.to = one!.to
    expect(newBreaks(job, late, moved).map((breach) => breach.code)).toContain('miss.crew_twice')
    expect(newBreaks(job, late, then.placed)).toEqual([])
  })
})

test('each crew hears only of its own work; of work that changes hands both do', () => {
  const before = job.published!
  const [first, ...rest] = before.tasks
  const other = job.crews.find((crew) => crew.id !== first!.crewId)!
  const tasks = [{ ...first!, crewId: other.id }, ...rest]
  const next = { ...before, number: 2, tasks, changes: planChanges(before.tasks, tasks) }
  const messages = crewMessages(job, next, before)
  expect(messages.map(({ crewId, lines }) => [crewId, lines.map((line) => line.code)])).toEqual([
    [first!.crewId, ['message.given']],
    [other.id, ['message.added']],
  ])
})

test('a message has at most three things that come next, one line for what slips, and one for what others do now', () => {
  const before = job.published!
  const later = (iso: string, by: number) => formatInstant(parseInstant(iso) + by)
  const own = before.tasks.filter(({ crewId }) => crewId === 'wren')
  const other = job.crews.find(({ id }) => id !== 'wren')!
  const tasks = before.tasks.map((task) => {
    const i = own.indexOf(task)
    if (i < 0) return task
    // Five move by an hour, five by some minutes, eight go to others.
    if (i < 10) return { ...task, from: later(task.from, i < 5 ? 60 : 10), to: later(task.to, i < 5 ? 60 : 10) }
    return i < 18 ? { ...task, crewId: other.id } : task
  })
  const next = { ...before, number: 2, tasks, changes: planChanges(before.tasks, tasks) }
  const lines = crewMessages(job, next, before).find(({ crewId }) => crewId === 'wren')!.lines
  expect(lines.map(({ code }) => code)).toEqual([
    'message.moved',
    'message.moved',
    'message.moved',
    'message.slips',
    'message.gone_to',
    'message.more',
  ])
  const said = lines.map((line) => sayText(line)).join('\n')
  expect(said).toMatch(/5 more move by 15 min at most/)
  expect(said).toMatch(new RegExp(`8 tasks in .+ are ${other.name}’s now`))
  expect(said).toMatch(/And 2 more, in the plan/)
})

test('as CSV there is a row for each piece of work, at the hours of the site, and it reads back', () => {
  const { data } = readCsv(tasksCsv(job, plan.tasks, plan.placed, (task) => task.kind))
  expect(data).toHaveLength(plan.placed.reduce((sum, task) => sum + task.pieces.length, 0))
  for (const row of data) {
    const at = toLocal(parseInstant(row.from_utc!), job.site.zone)
    expect(row.from).toBe(
      `${String(Math.floor(at.minute / 60)).padStart(2, '0')}:${String(at.minute % 60).padStart(2, '0')}`,
    )
  }
  const minutes = data.reduce((sum, row) => sum + Number(row.minutes), 0)
  expect(minutes).toBe(
    plan.placed.flatMap((task) => task.pieces).reduce((sum, { from, to }) => sum + Math.round(to - from), 0),
  )
})
