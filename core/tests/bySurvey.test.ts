import fc from 'fast-check'
import { planJob, type Plan } from '../src/answers/chain/planJob'
import { floorPlan } from '../src/masking/covers/floorPlan'
import { PIECE_KINDS, type Job, type PaintStep, type Piece, type Room } from '../src/base/nouns'
import { USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import { anyRoom } from './anyRoom'
import { jobOf } from './oneHem'
import { runsOf } from './runsOf'

/**
 * What follows from a survey by plain counting, held against what a whole plan says: who stands on what, doors by their sides,
 * where soles are wiped, how long tape holds covers. The counting here shares no code with the plan. Common practice, no published
 * source.
 */
const RUNS = { numRuns: runsOf(200, 12) }

/** A piece that is painted, somewhere along the first wall. */
const anyPiece = fc
  .record({
    kind: fc.constantFrom(...PIECE_KINDS.filter((kind) => kind === 'cabinets' || kind === 'shutters')),
    count: fc.integer({ min: 1, max: 14 }),
    paintedSides: fc.constantFrom(1, 2),
    takenOff: fc.boolean(),
  })
  .map((made): Omit<Piece, 'wallId'> => ({
    ...made,
    id: 'p1',
    name: 'fronts',
    atMm: 200,
    bottomMm: 0,
    widthMm: 1500,
    heightMm: 720,
    depthMm: 560,
    inUse: false,
    face: USUAL_FACES.trim,
  }))

const DOORS = { id: 'doors', name: 'Doors', targets: ['pieces'], colour: 'Sand', swatch: '#d8c7a4' } as const

/** Any room, some of them a stairwell's height, with doors of which the survey says where they lead, and fronts to be painted. */
const anySurvey = fc
  .record({
    room: anyRoom,
    tall: fc.constantFrom(null, null, 4500, 5200),
    out: fc.array(fc.boolean(), { minLength: 4, maxLength: 4 }),
    piece: anyPiece,
    tool: fc.constantFrom('brush' as const, 'roller' as const, 'spray' as const),
    coats: fc.integer({ min: 1, max: 3 }),
  })
  .map(({ room, tall, out, piece, tool, coats }): Room => {
    const step: PaintStep = { ...room.steps[0]!, ...DOORS, targets: ['pieces'], tool, coats }
    const inside = room.kind === 'room'
    const others = room.steps.map((each) => ({
      ...each,
      targets: each.targets.filter((target) => target !== 'pieces'),
    }))
    return {
      ...room,
      crewId: null,
      heightMm: inside && tall !== null ? tall : room.heightMm,
      openings: room.openings.map((opening, i) => ({ ...opening, leadsOut: out[i]! })),
      pieces: inside ? [{ ...piece, wallId: room.walls[0]!.id }] : [],
      steps: [...others.filter(({ targets }) => targets.length > 0), ...(inside ? [step] : [])],
    }
  })

const job = (room: Room): Job => ({ ...jobOf(), rooms: [room] })
const eachPlan = (law: (plan: Plan, given: { job: Job; room: Room }) => void) =>
  fc.assert(
    fc.property(anySurvey, (room) => {
      const given = job(room)
      law(planJob(given), { job: given, room })
    }),
    RUNS,
  )

test('whoever masks above reach stands on something that the load holds, and nobody else carries any', () => {
  let high = 0
  eachPlan(({ recipes, hems, load }) => {
    const masked = recipes.flatMap((recipe) => (recipe.safe ? [hems.find(({ id }) => id === recipe.hemId)!] : []))
    const tops = masked.map(({ segments }) => Math.max(...segments.flatMap(({ y1, y2 }) => [y1, y2])))
    const kinds = load.tools.map(({ kind }) => kind)
    const [ladder, tower] = [tops.some((top) => top > 2400 && top <= 3600), tops.some((top) => top > 3600)]
    expect([kinds.includes('step-ladder'), kinds.includes('tower')]).toEqual([ladder, tower])
    high += Number(ladder || tower)
  })
  expect(high).toBeGreaterThan(0)
})

test('doors of cabinets and shutters take their minutes by side and coat, and come off and on again where they are taken off', () => {
  let doors = 0
  eachPlan(({ tasks }, { job: { house }, room: { pieces, steps } }) => {
    const [piece] = pieces
    const step = steps.find(({ id }) => id === DOORS.id)
    if (!piece || !step) return
    const { sprayedSideEach, cabinetSideEach, hangEach } = house.rates
    const each = step.tool === 'spray' ? sprayedSideEach : cabinetSideEach
    // Common practice: two to six minutes a side with a gun, six to twenty by hand.
    expect(each).toBeGreaterThanOrEqual(step.tool === 'spray' ? 2 : 6)
    expect(each).toBeLessThanOrEqual(step.tool === 'spray' ? 6 : 20)
    const parts = tasks.filter(({ stepId }) => stepId === step.id).flatMap(({ work }) => work)
    const coated = parts.filter(({ part }) => part === 'field' || part === 'spray')
    const sum = coated.reduce((all, { minutes }) => all + minutes, 0)
    expect(sum).toBeGreaterThanOrEqual(step.coats * piece.count * piece.paintedSides * each - 1)
    const hung = tasks.flatMap(({ work }) => work).filter(({ part }) => part === 'doors')
    const halfMin = (piece.count * hangEach) / 2
    const off = piece.takenOff ? [halfMin, halfMin] : []
    expect(hung.map(({ minutes }) => minutes)).toEqual(off)
    doors += piece.count
  })
  expect(doors).toBeGreaterThan(0)
})

test('soles are wiped at every door of which the survey says that it leads out of the work, on two layers, and nowhere else', () => {
  let ways = 0
  eachPlan((_, { job: { shelf }, room }) => {
    const painted = room.steps.some(({ targets }) => targets.includes('floor'))
    const out = room.openings.filter(({ kind, sillMm, leadsOut }) => kind !== 'window' && sillMm === 0 && leadsOut)
    const laid = room.kind === 'room' && !painted ? floorPlan(room, shelf, false) : null
    if (!laid) return
    expect(laid.waysOut.length).toBe(2 * out.length)
    ways += out.length
  })
  expect(ways).toBeGreaterThan(0)
})

test('what holds covers is never asked to stay longer than its label says, or that is told', () => {
  let held = 0
  eachPlan(({ load: { holding }, tasks, placed, problems }, { job: { shelf } }) => {
    if (!holding || holding.roomIds.length === 0) return
    const tape = shelf.tapes.find(({ id }) => id === holding.tapeId)!
    expect(holding.stayDays).toBe(holding.isOutside ? tape.sunStayDays : tape.stayDays)
    const at = new Map(placed.map((task) => [task.taskId, task]))
    const timeOf = (kind: string) => {
      const task = tasks.find((own) => own.kind === kind && own.stepId === null)
      return task && at.get(task.id)
    }
    const [on, off] = [timeOf('cover'), timeOf('uncover')]
    // One room: its covers are held from when it is covered until it is uncovered.
    if (on && off) expect(holding.days).toBeCloseTo((off.to - on.from) / 1440, 6)
    if (holding.days > holding.stayDays) expect(problems.map(({ code }) => code)).toContain('plan.holding_short')
    held++
  })
  expect(held).toBeGreaterThan(0)
})
