import { sayText, ENGLISH, speaker } from '../src/edge/words'
import { door, sash } from '../../demo/parts'
import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import { planJob, type Plan } from '../src/answers/chain/planJob'
import { coverNeeds } from '../src/masking/covers/coverNeeds'
import type { Face, Job, Opening, PaintStep } from '../src/base/nouns'
import { jobKit } from '../src/masking/kit/jobKit'
import type { Recipe } from '../src/masking/recipes/recipe'
import { USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import { CEILING, jobOf, PLAIN_ROOM, TRIM, WALLS } from './oneHem'

/** Whole small jobs as a foreman would think them through: common practice, no published source. */
const recipesOf = (plan: Plan): Map<string, Recipe> =>
  new Map(plan.recipes.flatMap((answer) => (answer.safe ? [[answer.hemId, answer] as const] : [])))
const at = (plan: Plan, match: (id: string) => boolean) => plan.placed.filter((task) => match(task.taskId))

describe('a bedroom: ceiling, trim, walls in three days', () => {
  const job: Job = jobOf({
    room: {
      openings: [sash({ id: 'o1', wallId: 'w1', atMm: 700, widthMm: 1200 }), door('o2', 'w3', 700)],
      steps: [CEILING, TRIM, WALLS],
    },
  })
  const plan = planJob(job)
  test('nothing is unsafe, and nothing stands in the way', () => {
    expect(plan.recipes.every((answer) => answer.safe)).toBe(true)
    expect(plan.problems.map(sayText)).toEqual([])
  })
  test('trim fills the hours in which the ceiling dries; walls come behind both, with a night between them and the tape on them', () => {
    const coats = (stepId: string) => at(plan, (id) => id.startsWith(`r/${stepId}/`) && id.includes('/coat'))
    const [ceiling, trim, walls] = [CEILING, TRIM, WALLS].map((step) => coats(step.id))
    const from = (tasks: typeof ceiling) => Math.min(...tasks!.map((task) => task.from))
    const to = (tasks: typeof ceiling) => Math.max(...tasks!.map((task) => task.to))
    expect(from(trim)).toBeGreaterThanOrEqual(Math.min(...ceiling!.map((task) => task.to)))
    expect(from(trim)).toBeLessThan(to(ceiling))
    expect(from(walls)).toBeGreaterThan(to(ceiling))
    // Tape lies on the trim of its own walls, and waits its night for no other.
    const lays = plan.tasks.filter(({ stepId, kind }) => stepId === WALLS.id && kind === 'lay')
    expect(lays.length).toBeGreaterThan(0)
    for (const lay of lays) {
      const walls = plan.rounds.find(({ id }) => id === lay.roundId)!.wallIds
      const below = plan.rounds.filter(
        ({ stepId, wallIds }) => stepId === TRIM.id && wallIds.some((id) => walls.includes(id)),
      )
      const last = below.flatMap((round) => at(plan, (id) => id.startsWith(`${round.id}/coat`)))
      expect(at(plan, (id) => id === lay.id)[0]!.from - to(last)).toBeGreaterThanOrEqual(12 * 60)
    }
  })
  test('fresh trim and ceiling take a gentle tape, the old floor may take a stronger one', () => {
    const grip = (key: string) =>
      STARTER_SHELF.tapes.find((tape) => tape.id === recipesOf(plan).get(`r/${key}`)!.tapeId)!.gripN25
    expect(grip('wall:w1|ceiling')).toBeLessThanOrEqual(2.2)
    expect(grip('wall:w1|casing:o1')).toBeLessThanOrEqual(2.2)
    expect(grip('skirting|floor#w1:')).toBeGreaterThan(grip('wall:w1|ceiling'))
  })
  test('three or four kinds do nearly what every hem’s best would', () => {
    const { points } = jobKit(job)
    const few = points.find((point) => point.kinds.length <= 4)!
    expect(few.hemsMinor).toBeLessThan(1.05 * points[0]!.hemsMinor)
  })
  test('the van carries what the room takes: cloths, two layers at the door, tape with its ends', () => {
    expect(plan.load.covers.map((line) => line.coverId)).toEqual(['hessian-field', 'hessian-runner'])
    for (const line of plan.load.tapes) expect(line.totalMm).toBeGreaterThan(line.hemMm)
    expect(plan.load.tools.map((line) => line.kind)).toContain('press-tool')
  })
})

describe('new work sprayed through: walls and ceiling in one colour, trim kept', () => {
  const spray = (step: PaintStep, more: Partial<PaintStep> = {}): PaintStep => ({ ...step, tool: 'spray', ...more })
  const bare: Face = { ...USUAL_FACES.wall, soundness: 'bare-board-paper', texture: 'smooth' }
  const room = {
    walls: PLAIN_ROOM.walls.map((wall) => ({ ...wall, face: bare })),
    openings: [sash({ id: 'o1', wallId: 'w1', atMm: 700, widthMm: 1200 }), door('o2', 'w3', 700)],
    steps: [spray(WALLS, { targets: ['walls', 'ceiling'], coatingId: 'quay-matt' })],
  }
  const job = jobOf({ room, house: { pull: 'either' } })
  const plan = planJob(job)
  const recipes = recipesOf(plan)
  test('one colour on wall and ceiling: no hem between them', () => {
    expect([...recipes.keys()].some((id) => id.endsWith('|ceiling'))).toBe(false)
  })
  test('plain tape under the gun, pulled dry since matt snaps, windows and doors under taut film', () => {
    for (const [id, recipe] of recipes) {
      expect([id, recipe.way]).toEqual([id, 'mask-and-spray'])
      expect(recipe.pull).toBe('dry')
      expect(recipe.score).toBe(false)
    }
    const taut = coverNeeds(job.rooms[0]!, job.shelf, 'metric').filter((need) => need.hold === 'taut')
    expect(taut.map((need) => need.what).sort()).toEqual(['door 2', 'window 1'])
  })
  test('nothing is cut in by hand, and the labour says so', () => {
    for (const recipe of recipes.values()) expect(recipe.costParts.cutIn).toBe(0)
  })
  test('paper over the whole floor, and a doubled cloth to wipe soles on', () => {
    const floor = coverNeeds(job.rooms[0]!, job.shelf, 'metric').filter((need) =>
      /floor|way/.test(speaker(ENGLISH).fact(need.what)),
    )
    expect(floor.map((need) => need.why.code)).toEqual(['cover.mist', 'cover.soles', 'cover.ladder'])
  })
})

describe('a hall with a pair of many-paned doors, painted by hand', () => {
  const doors: Opening = sash({
    id: 'o1',
    wallId: 'w1',
    atMm: 700,
    widthMm: 1200,
    more: {
      id: 'o3',
      name: 'hall doors',
      kind: 'glazed-doors',
      wallId: 'w1',
      atMm: 400,
      sillMm: 0,
      widthMm: 1500,
      heightMm: 2040,
      leaf: USUAL_FACES.trim,
      glazing: { leaves: 2, wide: 3, high: 5, sides: 2, barMm: 25, textured: false },
    },
  })
  const room = { openings: [doors], steps: [{ ...TRIM, targets: ['leaves'] }, WALLS] }
  const plan = planJob(jobOf({ room }))
  test('masked by can in the time a pane or two would be taped, cut a day after the last coat', () => {
    const round = plan.rounds.find((each) => each.pulls.some((pull) => pull.manner === 'peel'))!
    const peel = round.pulls.find((pull) => pull.manner === 'peel')!
    const [cut, coat] = [peel.taskId, `${round.id}/coat${TRIM.coats}`].map((id) => at(plan, (each) => each === id)[0]!)
    expect(cut!.from - coat!.to).toBeGreaterThanOrEqual(24 * 60)
    const lay = plan.tasks.find((task) => task.id === `${round.id}/lay`)!
    const taped = planJob(jobOf({ room, house: { liquidOnPanes: false } }))
    const tapedLay = taped.tasks.find((task) => task.kind === 'lay' && task.stepId === TRIM.id)!
    expect(lay.minutes).toBeLessThan(tapedLay.minutes / 3)
  })
  test('the mask is clear before colour goes on', () => {
    const round = plan.rounds.find((each) => each.pulls.some((pull) => pull.manner === 'peel'))!
    const coat1 = plan.tasks.find((task) => task.id === `${round.id}/coat1`)!
    expect(coat1.after).toContainEqual({ taskId: `${round.id}/lay`, gap: { clock: 'drying', amount: 45 } })
  })
})

describe('a proven hand on close colours', () => {
  const pale: PaintStep = { ...WALLS, colour: 'Off-white', swatch: '#f4f0e6' }
  const room = { ceiling: { ...USUAL_FACES.ceiling, texture: 'smooth' as const }, steps: [pale] }
  const byHand = planJob(jobOf({ room, house: { school: 'freehand', provenHand: true } }))
  const taped = planJob(jobOf({ room }))
  test('ceiling lines carry no tape, are in no pull, and are still coated', () => {
    const recipe = recipesOf(byHand).get('r/wall:w1|ceiling')!
    expect(recipe.way).toBe('freehand')
    expect(byHand.rounds.some((round) => round.hemIds.includes('r/wall:w1|ceiling'))).toBe(true)
    expect(byHand.rounds.flatMap((round) => round.pulls.flatMap((pull) => pull.hemIds))).not.toContain(
      'r/wall:w1|ceiling',
    )
    expect(byHand.pulls.flatMap((pull) => pull.hemIds)).not.toContain('r/wall:w1|ceiling')
  })
  test('less tape is loaded than by the house that tapes', () => {
    const metres = (plan: Plan) => plan.load.tapes.reduce((sum, line) => sum + line.totalMm, 0)
    expect(metres(byHand)).toBeLessThan(metres(taped))
  })
})
