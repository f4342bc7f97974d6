import { planJob, problemOf, type Plan } from '../src/answers/chain/planJob'
import type { Job, PaintStep, Room } from '../src/base/nouns'
import { newElevation } from '../src/survey/rooms/roomTemplate'
import { faceAreaMm2 } from '../src/survey/rooms/areas'
import { facesOfStep } from '../src/survey/rooms/faces'
import { coatingOf } from '../src/survey/shelf/find'
import { sayText } from '../src/edge/words'
import { CEILING, jobOf, PLAIN_ROOM, TRIM, WALLS } from './oneHem'

/** Whole jobs read as a foreman would: how long a strip stays, and what goes on over it. */
const PRIMER: PaintStep = { ...TRIM, id: 'primer', name: 'Primer', colour: 'Primer grey', swatch: '#b9b9b4', coats: 1 }
const placed = (plan: Plan) =>
  new Map<string, (typeof plan.placed)[number]>(plan.placed.map((task) => [task.taskId, task]))
const tasksOf = (plan: Plan, stepId: string) => plan.tasks.filter((task) => task.stepId === stepId)
const kinds = (plan: Plan, stepId: string) => tasksOf(plan, stepId).map(actOf)
/** A coat with its number; a field that is rolled apart by its kind. */
const actOf = (task: { kind: string; coat: number | null }) => (task.kind === 'coat' ? `coat ${task.coat}` : task.kind)
const litres = (plan: Plan, colour: string) => plan.load.coatings.find((line) => line.name.startsWith(colour))

describe('a primer and two coats of colour on the same trim', () => {
  const job = jobOf({ room: { steps: [CEILING, PRIMER, TRIM, WALLS] } })
  const plan = planJob(job)
  const [room] = job.rooms as [Room]

  test('are all put on, one masking for the three', () => {
    expect([...new Set(kinds(plan, 'primer'))]).toEqual(['lay', 'coat 1'])
    expect(kinds(plan, 'primer')).toHaveLength(2)
    // The colour goes on wall by wall, each pulled while it is wet.
    expect([...new Set(kinds(plan, TRIM.id))].filter((kind) => kind !== 'seal')).toEqual(['coat 2', 'coat 3', 'pull'])
  })
  test('are all bought: the primer’s litres are its faces by its spread, to the next half litre', () => {
    const m2 = facesOfStep(room, PRIMER).reduce((sum, key) => sum + faceAreaMm2(room, key), 0) / 1e6
    expect(m2).toBeGreaterThan(1)
    const { spreadM2PerL } = coatingOf(job.shelf, PRIMER.coatingId)
    expect(litres(plan, 'Primer grey')?.amount).toBe(Math.ceil((m2 / spreadM2PerL) * 2) / 2)
    const trim = plan.load.coatings.find((line) =>
      line.id.startsWith(`${TRIM.coatingId}|${TRIM.colour.toLowerCase()}`),
    )!
    expect(trim.exact).toBeCloseTo((2 * m2) / spreadM2PerL, 6)
  })
  test('colour waits until the primer may be coated over, and the tape’s stay counts from before the primer', () => {
    const times = placed(plan)
    const at = (stepId: string, act: string) =>
      times.get(tasksOf(plan, stepId).find((task) => task.id.endsWith(`/${act}`))!.id)!
    const [primed, first, pull] = [at('primer', 'coat1'), at(TRIM.id, 'coat2'), at(TRIM.id, 'pull-floor')]
    expect(first.from - primed.to).toBeGreaterThan(60)
    expect(pull.from).toBeGreaterThanOrEqual(at(TRIM.id, 'coat3').to)
    const rule = problemOf(job).pulls.find((each) => each.activityId === pull.taskId)!
    expect(rule.stays.length).toBeGreaterThan(0)
    for (const stay of rule.stays) expect(stay.layId).toBe(at('primer', 'lay').taskId)
  })
  test('stand in every recipe along the trim, as layers and as steps in their order', () => {
    const own = plan.hems.filter((hem) => hem.stepId === TRIM.id).map((hem) => hem.id)
    expect(own.length).toBeGreaterThan(2)
    for (const recipe of plan.recipes) {
      if (!recipe.safe || !own.includes(recipe.hemId)) continue
      expect(recipe.layers.filter((layer) => layer.kind === 'colour').map((layer) => layer.name)).toEqual([
        'Primer grey × 1',
        `${TRIM.colour} × ${TRIM.coats}`,
      ])
      const said = recipe.steps.map(sayText).join(' ')
      expect(said.indexOf('Primer grey')).toBeLessThan(said.indexOf(`of ${TRIM.colour}`))
    }
  })
  test('a primer before the ceiling’s colour may run over its edge: nothing is masked for it there', () => {
    const early = planJob(jobOf({ room: { steps: [{ ...PRIMER, targets: ['walls'] }, CEILING, TRIM, WALLS] } }))
    expect(kinds(early, 'primer')).not.toContain('lay')
    const line = early.hems.find((hem) => hem.id.endsWith('wall:w1|ceiling'))!
    expect([line.stepIds, line.keepStepId]).toEqual([[WALLS.id], CEILING.id])
    expect(kinds(early, WALLS.id)).toContain('lay')
  })
})

test('one primer below cabinets of two colours: each colour waits for it, none is lost', () => {
  const piece = (id: string, atMm: number) => ({
    id,
    name: id,
    kind: 'cabinets' as const,
    wallId: 'w1',
    atMm,
    bottomMm: 0,
    widthMm: 800,
    heightMm: 900,
    depthMm: 600,
    count: 1,
    inUse: false,
    paintedSides: 1,
    takenOff: false,
    face: PLAIN_ROOM.walls[0]!.face,
  })
  const step = (id: string, targets: string[], colour: string, coats: number): PaintStep => ({
    ...TRIM,
    id,
    name: id,
    targets,
    colour,
    coats,
  })
  const room = {
    pieces: [piece('p1', 200), piece('p2', 1400)],
    steps: [
      step('primer', ['pieces'], 'Primer grey', 1),
      step('blue', ['piece:p1'], 'Blue', 2),
      step('white', ['piece:p2'], 'Milk', 2),
    ],
  }
  const plan = planJob(jobOf({ room }))
  for (const id of ['primer', 'blue', 'white']) expect(kinds(plan, id)).toContain(id === 'primer' ? 'coat 1' : 'coat 3')
  expect(
    ['Primer grey', 'Blue', 'Milk'].map((colour) => litres(plan, colour)?.amount ?? 0).every((amount) => amount > 0),
  ).toBe(true)
  const pulls = plan.pulls.flatMap((pull) => pull.hemIds)
  expect(new Set(pulls).size).toBe(pulls.length)
})

describe('an accent wall beside others', () => {
  const steps = [
    CEILING,
    TRIM,
    WALLS,
    { ...WALLS, id: 'accent', name: 'Accent', targets: ['wall:w2'], colour: 'Plum', swatch: '#5a4660' },
  ]
  const plan = planJob(jobOf({ room: { steps } }))
  test('is not painted in the walls’ colour first', () => {
    const hems = plan.hems.filter((hem) => hem.paint === 'wall:w2')
    expect(hems.length).toBeGreaterThan(2)
    for (const hem of hems) expect(hem.stepIds).toEqual(['accent'])
  })
  test('keeps the strips in its corners until its own last coat is on', () => {
    const times = placed(plan)
    const corners = plan.hems.filter((hem) => hem.kind === 'wall-to-wall' && hem.stepId === 'accent')
    expect(corners.length).toBe(2)
    for (const corner of corners) {
      const round = plan.rounds.find((each) => each.hemIds.includes(corner.id))!
      expect(round.wallIds).toContain('w2')
      const pull = round.pulls.find((each) => each.hemIds.includes(corner.id))!
      const coats = tasksOf(plan, 'accent').filter((task) => task.kind === 'coat' && task.roundId === round.id)
      for (const coat of coats) expect(times.get(pull.taskId)!.from).toBeGreaterThanOrEqual(times.get(coat.id)!.to)
    }
  })
})

describe('a seal goes on before the first coat that touches the tape', () => {
  const steps = (tool: PaintStep['tool']): PaintStep[] => [CEILING, TRIM, { ...WALLS, tool, coats: 2 }]
  const order = (job: Job) => {
    const plan = planJob(job)
    const times = placed(plan)
    const acts = tasksOf(plan, WALLS.id).filter((task) => times.has(task.id))
    return { plan, acts: [...acts].sort((a, b) => times.get(a.id)!.from - times.get(b.id)!.from) }
  }
  const rough = { ceiling: { ...PLAIN_ROOM.ceiling, texture: 'medium-spray' as const } }
  test.each(['wiped-sealant', 'clear-glaze', 'own-colour-seal'] as const)(
    '%s under a gun: never after a coat',
    (school) => {
      const { plan, acts } = order(
        jobOf({ room: { ...rough, steps: steps('spray') }, house: { school, holdFirstCoat: true, sealAlways: true } }),
      )
      for (const roundId of new Set(acts.map((task) => task.roundId))) {
        const own = acts.filter((task) => task.roundId === roundId).map((task) => task.kind)
        const seal = own.lastIndexOf('seal')
        if (seal >= 0) expect(seal).toBeLessThan(own.indexOf('coat'))
      }
      const walls = plan.hems.filter((hem) => hem.stepId === WALLS.id).map((hem) => hem.id)
      for (const recipe of plan.recipes)
        if (recipe.safe && walls.includes(recipe.hemId)) {
          expect([recipe.hemId, recipe.standOffMm]).toEqual([recipe.hemId, 0])
          expect(recipe.seal).not.toBe('wiped-sealant')
        }
    },
  )
  test('brushed or rolled with the first coat held off: sealed between the coats, and the recipe says both', () => {
    const { plan, acts } = order(
      jobOf({
        room: { ...rough, steps: steps('roller') },
        house: { school: 'clear-glaze', holdFirstCoat: true, sealAlways: true, fieldOrder: 'after-pull' },
      }),
    )
    const [round] = new Set(acts.map((task) => task.roundId))
    const own = acts.filter((task) => task.roundId === round).map(actOf)
    expect(own.filter((act) => act !== 'roll')).toEqual(['lay', 'coat 1', 'seal', 'coat 2', 'pull'])
    // Behind it every wall by itself.
    expect(own.slice(0, 5)).not.toContain('roll')
    expect(own.length).toBeGreaterThan(6)
    const line = plan.recipes.find((recipe) => recipe.hemId === 'r/wall:w1|ceiling')!
    expect(line.safe && line.standOffMm).toBe(1.5)
  })
  test('brushed or rolled with both coats onto the tape: sealed before the first, and never with a bead', () => {
    for (const school of ['clear-glaze', 'wiped-sealant'] as const) {
      const { plan, acts } = order(
        jobOf({
          room: { ...rough, steps: steps('roller') },
          house: { school, holdFirstCoat: false, sealAlways: true },
        }),
      )
      const [round] = new Set(acts.map((task) => task.roundId))
      const own = acts.filter((task) => task.roundId === round).map((task) => task.kind)
      expect(own.indexOf('coat')).toBeGreaterThan(own.lastIndexOf('seal'))
      const used = plan.recipes.flatMap((recipe) =>
        recipe.safe && recipe.seal === 'wiped-sealant' ? [recipe.hemId] : [],
      )
      const twoCoats = plan.hems.filter((hem) => hem.stepId === WALLS.id).map((hem) => hem.id)
      expect(used.filter((id) => twoCoats.includes(id))).toEqual([])
    }
  })
})

test('nothing is covered that the same step sprays: soffit and wall of a front in one go', () => {
  const front = newElevation('f', 'Front', {
    widthMm: 9000,
    eavesMm: 5200,
    ridgeMm: null,
    material: 'lapped-boards',
    facingDeg: 180,
    lapMm: 150,
  })
  const sprayed: PaintStep = {
    ...WALLS,
    id: 'all',
    name: 'All',
    targets: ['walls', 'ceiling'],
    tool: 'spray',
    coats: 2,
  }
  const covers = (steps: PaintStep[]) =>
    JSON.stringify(planJob({ ...jobOf(), rooms: [{ ...front, steps }] }).load.covers)
  expect(covers([sprayed])).not.toContain('"soffit"')
  // Alone, the wall's mist would reach a soffit that is kept.
  expect(covers([{ ...sprayed, targets: ['walls'] }])).toContain('"soffit"')
})
