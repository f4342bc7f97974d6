import { ternQuay, ternQuaySurvey, TERN_QUAY_NOW } from '../../demo'
import { betterPlan } from '../src/answers/try/betterPlan'
import { planWithoutTurns, planWithProblem, type Chain } from '../src/answers/chain/planJob'
import { readActivity, type Job, type PaintStep, type Room } from '../src/base/nouns'
import { DEFAULT_PARAMETERS } from '../src/base/parameters/parameters'
import { publishedTasks } from '../src/planning/published/planChanges'
import type { PlacedTask } from '../src/planning/plan/placement'
import { formatInstant, parseInstant } from '../src/base/units/time'
import { logEvent } from './logEvent'

/** A gun holds one colour at a time, and none overnight. Common practice, no published source. */
const survey = ternQuaySurvey()
const [wren] = survey.crews
const sprayed = (room: Room): Room => ({
  ...room,
  crewId: wren!.id,
  neededBy: null,
  steps: room.steps.map((step): PaintStep => ({ ...step, tool: 'spray', coats: 2 })),
})
const only = (rooms: readonly Room[], guns = 1): Job => ({
  ...survey,
  rooms,
  log: [],
  published: null,
  shelf: {
    ...survey.shelf,
    tools: survey.shelf.tools.map((tool) => (tool.kind === 'gun' ? { ...tool, count: guns, retired: false } : tool)),
  },
})
const fronts = survey.rooms.filter((room) => room.kind === 'elevation')
const street = [...fronts, ...fronts.map((room) => ({ ...room, id: `${room.id}-b`, name: `${room.name} B` }))]
const kitchen = survey.rooms.find(({ id }) => id === 'kitchen')!
const alike = [kitchen, { ...kitchen, id: 'kitchen-b', name: 'Kitchen B' }]
const JOBS: readonly (readonly [string, Job])[] = [
  ['four fronts, trim and walls by one gun', only(street.map(sprayed))],
  ['the same with two guns', only(street.map(sprayed), 2)],
  [
    'two rooms, each colour of each sprayed',
    only(survey.rooms.filter(({ id }) => /kitchen|store/.test(id)).map(sprayed)),
  ],
  ['two kitchens alike in one colour', only(alike.map(sprayed))],
  ['the demo as surveyed', survey],
]

/** What a foreman who watches the guns would shout at: colours mixed, dirty guns filled, clean ones sprayed with, paint left overnight. */
function gunFaults({ problem }: Chain, placed: readonly PlacedTask[], guns: number): string[] {
  const runOf = new Map<string, string>()
  const link = (id: string): string => (runOf.get(id) === undefined ? id : link(runOf.get(id)!))
  const isGun = (id: string) => problem.activities.some((act) => act.id === id && act.uses.includes('gun'))
  // What is tied by the lags of one gun's work is one run, but for the order that two runs are put in.
  for (const { from, to } of problem.lags) {
    const [a, b] = [readActivity(from), readActivity(to)]
    const isCoat = (ref: typeof a) => ref?.of === 'round'
    if (isGun(from) && isGun(to) && (isCoat(a) || isCoat(b)) && link(from) !== link(to)) runOf.set(link(from), link(to))
  }
  const faults: string[] = []
  const filled = new Map<string, number>()
  const kindOf = (id: string) => {
    const ref = readActivity(id)
    return ref?.of === 'step' ? ref.act : 'coat'
  }
  for (const { taskId, from, to } of [...placed]
    .filter(({ taskId }) => isGun(taskId))
    .sort((a, b) => a.from - b.from)) {
    const [run, kind, when] = [link(taskId), kindOf(taskId), formatInstant(from)]
    const since = filled.get(run)
    if (kind === 'gun-up') {
      if (filled.size >= guns || since !== undefined) faults.push(`${when} ${taskId}: no clean gun`)
      filled.set(run, to)
    } else if (since === undefined) faults.push(`${when} ${taskId}: the gun is empty`)
    else if (from - since > 6 * 60) faults.push(`${when} ${taskId}: paint has stood in the gun`)
    if (kind === 'gun-down') filled.delete(run)
    else if (since !== undefined || kind === 'gun-up') filled.set(run, to)
  }
  return faults
}

test.each(JOBS)('%s: one colour in a gun at a time, none overnight, at first and in a better plan', (_, job) => {
  const chain = planWithProblem(job)
  const guns = job.shelf.tools.find(({ kind }) => kind === 'gun')!.count
  expect(chain.plan.tasks.filter(({ kind }) => kind === 'gun-up').length).toBeGreaterThan(0)
  expect(gunFaults(chain, chain.plan.proposed, guns)).toEqual([])
  const placement = { placed: chain.plan.proposed, unplaced: [] }
  const better = betterPlan(chain.problem, placement, { seed: 1, isOver: () => false, rounds: 4 })
  expect(gunFaults(chain, better.placement.placed, guns)).toEqual([])
})

test.each(JOBS)('%s: bounds are taken of work that every plan has to do', (_, job) => {
  const real = new Set(planWithProblem(job).problem.activities.map(({ id }) => id))
  const free = planWithoutTurns(job, parseInstant(job.start), DEFAULT_PARAMETERS).problem.activities
  expect(free.filter(({ id }) => !real.has(id))).toEqual([])
})

test('the watch itself shouts where guns are never cleaned between', () => {
  const [, job] = JOBS[0]!
  const chain = planWithProblem(job)
  const without = chain.plan.proposed.filter(({ taskId }) => !/gun-(up|down)\d$/.test(taskId))
  expect(gunFaults(chain, without, 1).length).toBeGreaterThan(0)
})

test('two guns clean less often than one', () => {
  const cleanings = ([, job]: (typeof JOBS)[number]) =>
    planWithProblem(job).plan.tasks.filter(({ kind }) => kind === 'gun-down').length
  expect(cleanings(JOBS[1]!)).toBeLessThanOrEqual(cleanings(JOBS[0]!))
})

test('the same paint in two rooms on one day is filled once: no gun is cleaned to be filled with what it held', () => {
  const trimOnly = alike.map((room) => ({ ...room, crewId: wren!.id, steps: room.steps.slice(0, 1) }))
  const { tasks, placed } = planWithProblem(only(trimOnly)).plan
  const days = new Set(placed.flatMap(({ taskId, from }) => (/coat/.test(taskId) ? [Math.floor(from / 1440)] : [])))
  expect(tasks.filter(({ kind }) => kind === 'gun-up')).toHaveLength(days.size)
  expect(tasks.filter(({ kind }) => kind === 'gun-down')).toHaveLength(days.size)
})

/** As many practice rooms in one colour, each by one of so many crews. */
const manyAlike = (count: number, coats: number, crews: number): readonly Room[] => {
  const like = sprayed(survey.rooms.find(({ id }) => id === 'practice1')!)
  return Array.from({ length: count }, (_, i) => ({
    ...like,
    id: `p${i}`,
    name: `Practice ${i}`,
    crewId: survey.crews[i % crews]!.id,
    steps: like.steps.slice(0, 1).map((step) => ({ ...step, coats })),
  }))
}

test.each([
  ['seven rooms, one coat, one crew', only(manyAlike(7, 1, 1)), 1],
  ['eight rooms, two coats, two crews', only(manyAlike(8, 2, 2)), 4],
])('%s: the gun is filled when what it sprays is masked, not each evening for what is left over', (_, job, most) => {
  const chain = planWithProblem(job)
  const { plan } = chain
  expect(plan.tasks.filter(({ kind }) => kind === 'gun-up').length).toBeLessThanOrEqual(most)
  expect(gunFaults(chain, plan.proposed, 1)).toEqual([])
  expect(plan.misses).toEqual([])
  // What is told keeps its turns: the same fillings and cleanings, and nothing is asked for twice.
  const published = {
    number: 1,
    at: job.start,
    by: 'Office',
    why: '',
    tasks: publishedTasks(plan.proposed),
    changes: [],
  }
  const told = planWithProblem({ ...job, published }).plan
  expect(told.tasks.map(({ id }) => id).sort()).toEqual(plan.tasks.map(({ id }) => id).sort())
})

describe('the demo’s kitchen, sprayed on one day and again on the next', () => {
  const now = parseInstant(TERN_QUAY_NOW)
  const names = (job: Job, at: number) =>
    planWithProblem(job, at)
      .plan.proposed.filter(({ taskId }) => /^kitchen\/s1\/(gun|w2\/coat)/.test(taskId))
      .sort((a, b) => a.from - b.from)
      .map(({ taskId, done }) => `${taskId.slice('kitchen/s1/'.length)}${done ? ' done' : ''}`)

  test('keeps its cleaning as it was ticked; the day after, nothing of it comes twice', () => {
    const job = ternQuay()
    const morning = parseInstant('2027-05-12T06:00:00Z')
    const log = job.log.filter(({ at }) => parseInstant(at) <= morning)
    expect(names({ ...job, log }, morning)).toEqual([
      'gun-up done',
      'w2/coat1 done',
      'gun-down1 done',
      'gun-up1',
      'w2/coat2',
      'gun-down',
    ])
  })

  test('sprayed again without a tick for the cleaning between: nobody is sent to clean it for last night', () => {
    const job = ternQuay()
    const log = job.log.filter(({ subjects }) => !subjects.some((subject) => /gun-(down|up)1/.test(subject)))
    const trim = planWithProblem(job, now).plan.rounds.find(({ id }) => id === 'kitchen/s1/w2')!
    const coated = logEvent('again', 'coated', formatInstant(now - 20), trim.hemIds, { crewId: 'wren' })
    expect(names({ ...job, log: [...log, coated] }, now)).not.toContain('gun-down1')
  })
})
