import fc from 'fast-check'
import { ternQuaySurvey } from '../../demo'
import { planWithProblem } from '../src/answers/chain/planJob'
import type { Job, PaintStep } from '../src/base/nouns'
import { parseInstant } from '../src/base/units/time'
import { sayText } from '../src/edge/words'
import { spanAt } from '../src/nature/cure/pullWindow'
import { checkPlan } from '../src/planning/check/checkPlan'
import { anyRoom } from './anyRoom'
import { jobOf, PLAIN_ROOM, TRIM, WALLS } from './oneHem'
import { runsOf } from './runsOf'
import { putAt, toldOf } from './tried'

/** Tape, paper and cloth stay on a floor until the last coat that drips on it. Common practice, no published source (C29). */
const planned = (job: Job) => planWithProblem(job, parseInstant(job.start))
const floorPulls = ({ plan }: ReturnType<typeof planned>) =>
  plan.rounds.flatMap(({ pulls }) => pulls.filter(({ stays }) => stays))
const ofFloor = (hemId: string) => hemId.includes('floor')

describe('a room whose trim is painted before its walls, by a house that pulls wet', () => {
  const made = planned(jobOf({ room: { steps: [TRIM, WALLS] }, house: { pull: 'wet' } }))
  const { plan, problem } = made
  const at = new Map(plan.placed.map((task) => [task.taskId, task]))
  const walls = plan.tasks.filter(({ stepId, kind }) => stepId === WALLS.id && (kind === 'coat' || kind === 'roll'))
  const wallsEnd = Math.max(...walls.map(({ id }) => at.get(id)!.to))
  const [pull] = floorPulls(made)

  test('the strips along the floor come off behind the walls, and before cloths are taken up', () => {
    expect(pull!.hemIds.length).toBeGreaterThan(0)
    expect(pull!.hemIds.filter(ofFloor)).toEqual(pull!.hemIds)
    const uncover = plan.tasks.find(({ kind, stepId }) => kind === 'uncover' && stepId === null)!
    expect(at.get(pull!.taskId)!.from).toBeGreaterThanOrEqual(wallsEnd)
    expect(at.get(uncover.id)!.from).toBeGreaterThanOrEqual(at.get(pull!.taskId)!.to)
  })

  test('the walls do not wait for it, and their own tape comes off wet', () => {
    expect(
      problem.lags
        .filter(({ from }) => from === pull!.taskId)
        .map(({ to }) => plan.tasks.find(({ id }) => id === to)!.kind),
    ).not.toContain('lay')
    expect(plan.rounds.filter(({ stepId }) => stepId === WALLS.id).every(({ wet }) => wet)).toBe(true)
  })

  test('its recipe is dry, scored, for a tape that stays so long, and says why', () => {
    const recipes = plan.recipes.flatMap((recipe) =>
      recipe.safe && pull!.hemIds.includes(recipe.hemId) ? [recipe] : [],
    )
    expect(recipes.length).toBe(pull!.hemIds.length)
    for (const recipe of recipes) {
      expect([recipe.pull, recipe.keptFor]).toEqual(['dry', WALLS.id])
      expect(recipe.stayMin).toBeGreaterThan(1440)
      expect(recipe.reasons.map(sayText).join(' ')).toMatch(/stay until Walls is done/)
    }
    expect(plan.misses).toEqual([])
  })

  test('until then its window says that it stays on', () => {
    const window = plan.pulls.find(({ taskId }) => taskId === pull!.taskId)!
    expect(spanAt(window.spans, wallsEnd - 1)!.kind).toBe('kept')
    expect(spanAt(window.spans, wallsEnd + 1)!.kind).toBe('dry')
  })

  test('taken off by hand before, it is told', () => {
    const early = wallsEnd - 30
    const placed = putAt(plan, pull!.taskId, early, 3)
    const misses = checkPlan(problem, { placed }).filter(({ kind }) => kind === 'bare-floor')
    expect(misses.map(({ activityId, minutes }) => [activityId, minutes])).toEqual([[pull!.taskId, 30]])
    expect(toldOf(plan, placed, misses)).toMatch(/drips on the bare floor/)
  })
})

test('where trim comes last its floor tape comes off with it', () => {
  const made = planned(jobOf({ room: { steps: [WALLS, TRIM] }, house: { pull: 'wet' } }))
  expect(floorPulls(made)).toEqual([])
  expect(
    made.plan.rounds.flatMap(({ pulls }) => pulls.flatMap(({ hemIds }) => hemIds.filter(ofFloor))).length,
  ).toBeGreaterThan(0)
})

test('random jobs, two hundred on a drill: no floor is bare below a wall or a ceiling that is still to be painted', () => {
  const base = ternQuaySurvey()
  let kept = 0
  for (const room of fc.sample(anyRoom, { numRuns: runsOf(200, 8), seed: 29 })) {
    // Trim first, as half of all painters have it, and then whatever else there is of broad faces.
    const isBroad = ({ targets }: PaintStep) => targets.includes('walls') || targets.includes('ceiling')
    const broad = room.steps.filter(isBroad)
    const steps = [TRIM, ...(broad.length > 0 ? broad : [WALLS])]
    const made = planned({ ...base, rooms: [{ ...room, skirting: room.skirting ?? PLAIN_ROOM.skirting, steps }] })
    const at = new Map(made.plan.placed.map((task) => [task.taskId, task]))
    for (const { taskId } of floorPulls(made)) {
      const pull = at.get(taskId)
      const drips = made.plan.tasks.filter(({ kind, stepId }) => kind === 'coat' && stepId !== TRIM.id)
      const after = drips.flatMap(({ id }) => at.get(id) ?? [])
      if (!pull || after.length < drips.length) continue
      kept++
      expect(pull.from).toBeGreaterThanOrEqual(Math.max(...after.map(({ to }) => to)))
    }
    expect(made.plan.misses.filter(({ kind }) => kind === 'bare-floor')).toEqual([])
  }
  expect(kept).toBeGreaterThan(5)
})
