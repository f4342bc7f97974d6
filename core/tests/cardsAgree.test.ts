import { ternQuaySurvey } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import { evening } from '../src/answers/why/evening'
import { tellReadied } from '../src/answers/tell/tellReadied'
import { holdingKind, type HoldingKind } from '../src/masking/load/holdingTape'
import { coverNeeds } from '../src/masking/covers/coverNeeds'
import type { Fitting, Job, PaintStep, Room } from '../src/base/nouns'
import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import { USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import { sayText } from '../src/edge/words'
import { orderFaults } from '../src/survey/rooms/orders'
import { CEILING, doorOf, jobOf, PLAIN_ROOM, recipeOf, stepCodes, TRIM, WALLS } from './oneHem'
import { early } from './early'

/** What cards, load, sheet and evening say of one thing, they say alike. Common practice, no published source. */
const sprayed = (step: PaintStep): PaintStep => ({ ...step, tool: 'spray' })

test('on a floor that is papered for the gun no strip of paper lies on the paper', () => {
  const floor = { ...USUAL_FACES.floor, material: 'tile' } as const
  const skirting = { ...PLAIN_ROOM.skirting!, gapMm: 2 }
  const foot = (walls: PaintStep) =>
    recipeOf({ room: { floor, skirting, steps: [TRIM, walls] }, house: { school: 'press-only' } }, 'skirting|floor#w1:')
  expect(foot(WALLS).layers.map(({ kind }) => kind)).toContain('paper')
  expect(foot(sprayed(WALLS)).layers.map(({ kind }) => kind)).not.toContain('paper')
})

test('the foot of a casing is a short torn piece in a clean joint', () => {
  const door = doorOf({ casingMm: 70, casing: USUAL_FACES.trim })
  const floor = { ...USUAL_FACES.floor, material: 'tile' } as const
  const recipe = recipeOf({ room: { floor, openings: [door], steps: [TRIM, WALLS] } }, 'casing:o1|floor')
  expect(stepCodes(recipe)).toEqual(expect.arrayContaining(['step.clean_joint', 'step.lay_foot']))
})

test('paper is never hung overhead: without film a sprayed ceiling line has no cover', () => {
  const covers = STARTER_SHELF.covers.filter(({ kind }) => kind !== 'film')
  const answer = planJob(jobOf({ room: { steps: [sprayed(CEILING)] }, shelf: { covers } })).recipes
  const hung = answer.filter((each) => each.safe && each.cover?.hold === 'hung')
  expect(hung).toEqual([])
})

test('primer as a colour of its own and as preparation: one card, no warning that all before it must be covered', () => {
  const primer = STARTER_SHELF.coatings.find((coating) => coating.primer)!
  const undercoat: PaintStep = { ...sprayed(WALLS), id: 'p', name: 'Primer', coatingId: primer.id, coats: 1 }
  const steps = [{ ...WALLS, id: 'a', targets: ['walls'], coats: 1 }, undercoat, sprayed(WALLS)]
  expect(orderFaults({ ...PLAIN_ROOM, steps: [undercoat, sprayed(WALLS)] }).map(({ code }) => code)).not.toContain(
    'order.spray_late',
  )
  expect(orderFaults({ ...PLAIN_ROOM, steps: [TRIM, ...steps] }).map(({ code }) => code)).toContain('order.spray_late')
})

describe('tape that holds covers', () => {
  const kind = (id: string): HoldingKind => {
    const tape = STARTER_SHELF.tapes.find((each) => each.id === id)!
    return { tape, roll: tape.rolls[0]! }
  }
  const job = jobOf()
  test('stays as long as they lie: no day tape for four days, and the longest where nothing does', () => {
    const of = (days: number) => holdingKind(job, [], 40_000, { days, isOutside: false })!.tape
    expect(of(0.5).stayDays).toBeGreaterThanOrEqual(0.5)
    expect(of(4).stayDays).toBeGreaterThanOrEqual(4)
    expect(of(4).id).not.toBe(of(0.5).id)
    const longest = Math.max(...STARTER_SHELF.tapes.filter(({ edge }) => edge === 'plain').map((tape) => tape.stayDays))
    expect(of(400).stayDays).toBe(longest)
  })
  test('outside it holds through a night’s dew and counts by its days in the sun', () => {
    const { tape } = holdingKind(job, [kind('rockrose-out')], 40_000, { days: 3, isOutside: true })!
    expect(tape.holdsIn).not.toBe('dry')
    expect(tape.sunStayDays).toBeGreaterThanOrEqual(3)
  })
  test('the evening says of a room under paper until when its tape may stay', () => {
    const own: Job = jobOf({ room: { steps: [sprayed(CEILING), WALLS] } })
    const plan = planJob(own)
    expect(plan.load.holding!.stayDays).toBeGreaterThanOrEqual(plan.load.holding!.days)
    const cover = plan.placed.find(({ taskId }) => taskId === 'r/cover')!
    const tick = {
      id: 'e1',
      kind: 'covered' as const,
      at: new Date(cover.to * 60_000).toISOString().replace('.000', ''),
      crewId: cover.crewId,
      subjects: ['room:r'] as const,
      coat: null,
      expectedAt: null,
      bleeds: null,
      note: null,
      undoes: null,
      origin: null,
      amount: null,
    }
    const { stays } = evening({ ...own, log: [tick as unknown as Job['log'][number]] }, cover.to)
    expect(stays.some(({ line, isSafe }) => line.code === 'evening.covers_stay' && isSafe)).toBe(true)
  })
})

test('a sprinkler in a sprayed room is bagged once for each coat, since it is free before people leave', () => {
  const sprinkler: Fitting = {
    id: 'f1',
    name: 'sprinkler',
    kind: 'sprinkler',
    wallId: PLAIN_ROOM.walls[0]!.id,
    atMm: 500,
    bottomMm: 2300,
    widthMm: 60,
    heightMm: 60,
    on: 'wall',
    scope: 'mask',
  }
  const of = (kind: Fitting['kind']) =>
    coverNeeds(
      { ...PLAIN_ROOM, fittings: [{ ...sprinkler, kind }], steps: [{ ...sprayed(WALLS), coats: 2 }] },
      STARTER_SHELF,
      'metric',
    ).find(({ what }) => what === 'sprinkler')!
  expect(of('sprinkler').cuts).toHaveLength(2 * of('light').cuts.length)
})

test('what makes a wall ready is told with its places and its grit, in the go in which it is done', () => {
  const room = {
    ...PLAIN_ROOM,
    steps: [WALLS],
    defects: [
      { id: 'd1', face: 'wall:w1', kind: 'crack', atMm: 800, heightMm: 1500, lengthMm: 600 } as const,
      { id: 'd2', face: 'wall:w1', kind: 'gap', atMm: 0, heightMm: 100, lengthMm: 2000 } as const,
    ],
  }
  const told = (act: string) => tellReadied(jobOf({ room }), room, `r/${act}`).map(sayText)
  expect(told('prep')).toEqual([
    expect.stringMatching(/seal open joints \(0 mm .*fill \(800 mm from the left and 1\.5 m up\)/),
  ])
  expect(told('smooth')).toEqual([expect.stringMatching(/sand with 120 and wipe off the dust|sand with 120, wipe off/)])
  // The room is cleared before its cloths lie; nothing is made ready then.
  expect(tellReadied(jobOf({ room }), room, 'r/cover').map(({ code }) => code)[0]).toBe('clear.room')
})

test('how it is done well stands beside every taped line, and its tools are in the load', () => {
  const recipe = recipeOf({ room: { steps: [WALLS] } }, 'wall:w1|ceiling')
  expect(recipe.craft.map(({ code }) => code)).toContain('craft.brush')
  const { tools } = planJob(jobOf({ room: { steps: [WALLS] } })).load
  expect(tools.map(({ kind }) => kind)).toContain('line-brush')
})

describe('the room is cleared before the first cloth lies', () => {
  const survey = early(ternQuaySurvey())
  const linesOf = (room: Room) => {
    const plan = planJob({ ...survey, rooms: [room] })
    const cover = plan.tasks.find(({ kind, stepId }) => kind === 'cover' && stepId === null)!
    return tellReadied(survey, room, cover.id).filter(({ code }) => !code.startsWith('floor.'))
  }
  test('loose things first, then furniture, then plates, with power off', () => {
    const kitchen = survey.rooms.find(({ id }) => id === 'kitchen')!
    const socket = {
      ...kitchen.fittings[0]!,
      id: 'so',
      name: 'socket by the door',
      kind: 'socket',
      scope: 'take-off',
    } as const
    const table = { ...kitchen.pieces[0]!, id: 'tb', name: 'table', kind: 'furniture' } as const
    const lines = linesOf({ ...kitchen, pieces: [table], fittings: [socket] })
    expect(lines.map(({ code }) => code)).toEqual(['clear.room', 'clear.from_walls', 'clear.take_off', 'care.power'])
    expect(lines.map(sayText).join(' ')).toMatch(/Table: off the walls.*Socket by the door: off/)
  })
  test('what is taken off has the caution of its kind, once: what is live, and what must hear or spray', () => {
    const kitchen = survey.rooms.find(({ id }) => id === 'kitchen')!
    const of = (kind: Fitting['kind'], id: string) =>
      ({ ...kitchen.fittings[0]!, id, name: id, kind, scope: 'take-off' }) as const
    const fittings = [of('sprinkler', 'a'), of('meter-box', 'b'), of('conduit', 'c'), of('tap', 'd')]
    const codes = linesOf({ ...kitchen, pieces: [], fittings }).map(({ code }) => code)
    expect(codes).toEqual(['clear.room', 'clear.take_off', 'care.sprinkler', 'care.power'])
  })
  test('a front is cleared of what leans on it', () => {
    const front = survey.rooms.find(({ kind }) => kind === 'elevation')!
    expect(linesOf(front).map(({ code }) => code)).toEqual(['clear.front'])
  })
})
