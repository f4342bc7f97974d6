import {
  deriveHems,
  faceKeys,
  faceOf,
  facesOfStep,
  moveCorner,
  newElevation,
  newRoom,
  OUTLINE_TEMPLATES,
  STARTER_SHELF,
  stepOf,
  traceOutline,
  type Room,
  withFace,
} from '@crisp-hem/core'
import { factsFaults, type JobFacts } from '@crisp-hem/core/wire'
import { readDxf } from '@crisp-hem/core/exchange'
import { ternQuaySurvey } from '../../../../demo'
import { planScale, snapCorner } from '../../app/drawing/planScale'
import { withoutTargets, withScope } from './editFace'
import { writeRoomDxf } from './drawingFiles'
import { newStep, toggled } from './newStep'
import { freeId, newBand, newFitting, newFoot, newHandHem, newOpening, newPiece, overlaps, withOpening } from './things'

const room = newRoom('r', 'Room', OUTLINE_TEMPLATES.rectangle)
const { log: _log, published: _published, ...facts } = ternQuaySurvey()
/** What the schema and its meaning say against a room in an otherwise right job. */
const faultsOf = (change: Room) => factsFaults({ ...facts, rooms: [change] } satisfies JobFacts)

describe('new things on a wall', () => {
  const [wall] = room.walls
  test.each(['door', 'window', 'glazed-doors', 'gap'] as const)('a %s can be taken as it is', (kind) => {
    expect(faultsOf({ ...room, openings: [newOpening(room, wall!, kind)] })).toEqual([])
  })
  test.each(['cabinets', 'radiator', 'furniture', 'stairs'] as const)('%s can be taken as they are', (kind) => {
    expect(faultsOf({ ...room, pieces: [newPiece(room, wall!, kind)] })).toEqual([])
  })
  test('so can a fitting, a band, another floor and a line by hand, all in one room', () => {
    const full: Room = {
      ...room,
      fittings: [newFitting(room, wall!)],
      bands: [newBand(room)],
      foot: [newFoot(room, wall!)],
      handHems: [newHandHem(room, wall!)],
    }
    expect(faultsOf(full)).toEqual([])
    expect(deriveHems(full, facts.shelf).hems.some((hem) => hem.kind === 'by-hand')).toBe(true)
  })
  test('on a wall that is too short they are made to fit', () => {
    const narrow = newRoom(
      'n',
      'Niche',
      [400, 600, 400, 600].map((lengthMm) => ({ lengthMm, turnDeg: 90 })),
    )
    const opening = newOpening(narrow, narrow.walls[0]!, 'window')
    expect([opening.atMm, opening.widthMm]).toEqual([0, 400])
  })
  test('ids are the first free ones', () => {
    expect(freeId('o', [])).toBe('o1')
    expect(freeId('o', [{ id: 'o1' }, { id: 'o3' }])).toBe('o4')
    expect(freeId('o', [{ id: 'o2' }])).toBe('o3')
  })
})

describe('faces', () => {
  const full: Room = {
    ...room,
    openings: [newOpening(room, room.walls[0]!, 'glazed-doors')],
    pieces: [newPiece(room, room.walls[1]!, 'cabinets')],
    bands: [newBand(room)],
    foot: [newFoot(room, room.walls[2]!)],
  }
  test('every face of a room can be changed, and only that one changes', () => {
    for (const key of faceKeys(full).filter((each) => !each.startsWith('glass:'))) {
      const changed = withFace(full, key, (face) => ({ ...face, colour: 'Test' }))
      const other = faceKeys(full).filter((each) => each !== key && faceOf(changed, each).colour === 'Test')
      expect([key, faceOf(changed, key).colour, other]).toEqual([key, 'Test', []])
    }
    expect(withFace(full, 'attic', (face) => face)).toBe(full)
  })
  test('all walls at once', () => {
    const walls = withFace(room, 'walls', (face) => ({ ...face, texture: 'heavy-spray' })).walls
    expect(new Set(walls.map((wall) => wall.face.texture))).toEqual(new Set(['heavy-spray']))
  })
  test('scope is said once for a face and taken back', () => {
    const kept = withScope(withScope(room, 'skirting', 'kept', 'oak'), 'skirting', 'replaced-soon')
    expect(kept.scopes).toEqual([{ face: 'skirting', scope: 'replaced-soon', note: '' }])
    expect(stepOf(kept, 'skirting')).toBeNull()
    expect(withScope(kept, 'skirting', null).scopes).toEqual([])
  })
  test('a thing that goes takes its targets along; a step without any goes too', () => {
    const steps = [
      { ...room.steps[0]!, targets: ['piece:p1'] },
      { ...room.steps[1]!, targets: ['walls', 'piece:p1'] },
    ]
    expect(withoutTargets({ ...room, steps }, ['piece:p1']).map((step) => step.targets)).toEqual([['walls']])
  })
})

describe('the small plan', () => {
  const plan = planScale(OUTLINE_TEMPLATES['L-shape'], 210)
  test('px and mm are one another’s inverse, and all corners lie inside', () => {
    for (const corner of plan.corners) {
      const px = plan.toPx(corner)
      expect(plan.toMm(px).x).toBeCloseTo(corner.x, 6)
      expect(px.x).toBeGreaterThanOrEqual(22)
      expect(px.x).toBeLessThanOrEqual(188.001)
      expect(px.y).toBeLessThanOrEqual(plan.height)
    }
  })
  test('a dragged corner snaps square to a neighbour, else to the grid', () => {
    const corners = traceOutline(OUTLINE_TEMPLATES.rectangle).corners
    expect(snapCorner(corners, 1, { x: 4310, y: 60 })).toEqual({ x: 4300, y: 0 })
    expect(snapCorner(corners, 1, { x: 4310, y: 730 })).toEqual({ x: 4300, y: 750 })
    const moved = moveCorner(room.walls, 1, snapCorner(corners, 1, { x: 4310, y: 730 }))!
    expect(faultsOf({ ...room, walls: moved })).toEqual([])
  })
})

test('the drawing goes out as DXF true to size: walls come back as the outlines they were', () => {
  const front = newElevation('e', 'Front', {
    widthMm: 8000,
    eavesMm: 3000,
    ridgeMm: 6000,
    facingDeg: 180,
    material: 'render',
    lapMm: null,
  })
  const { hems } = deriveHems(front, STARTER_SHELF)
  const drawing = readDxf(writeRoomDxf(front, hems))
  expect(drawing.unit).toBe('mm')
  const wall = drawing.rings.find((ring) => ring.name === 'walls')!
  const [xs, ys] = [wall.points.map((p) => p.x), wall.points.map((p) => p.y)]
  expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(8000, 3)
  expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(6000, 3)
  expect(drawing.lines).toHaveLength(hems.flatMap((hem) => hem.segments).length)
})

describe('a new step', () => {
  const bare = newRoom('r', 'Room', OUTLINE_TEMPLATES.rectangle)
  const { coatings } = STARTER_SHELF
  const added = (pick: Parameters<typeof newStep>[1]) => {
    const step = newStep(bare, pick, coatings)!
    return { step, after: { ...bare, steps: [...bare.steps, step] } }
  }
  test('for a picked wall paints that wall alone, in the wall’s paint, and the other walls stay as they were', () => {
    const { step, after } = added({ kind: 'face', key: 'wall:w3' })
    expect(step).toMatchObject({ targets: ['wall:w3'], coatingId: 'quay-satin', tool: 'roller' })
    expect(facesOfStep(after, step)).toEqual(['wall:w3'])
    expect(facesOfStep(after, after.steps[2]!)).toEqual(['wall:w1', 'wall:w2', 'wall:w4'])
    expect(faultsOf(after)).toEqual([])
  })
  test('for the ceiling is in the ceiling’s paint; with nothing picked it is for what nobody paints yet', () => {
    expect(added({ kind: 'face', key: 'ceiling' }).step).toMatchObject({
      targets: ['ceiling'],
      coatingId: 'lime-ceiling',
    })
    const door = { ...bare, openings: [newOpening(bare, bare.walls[0]!, 'door')] }
    expect(newStep(door, { kind: 'room' }, coatings)).toMatchObject({
      targets: ['leaves'],
      coatingId: 'bell-semi',
      tool: 'brush',
    })
    expect(added({ kind: 'room' }).step.targets).toEqual(['walls'])
    expect(newStep(bare, { kind: 'room' }, [])).toBeNull()
  })
  test('one wall is taken out of a step for all walls by naming the others; the last thing stays', () => {
    const walls = bare.steps[2]!
    const targets = toggled(bare, walls, 'wall:w2', false)!
    expect(targets).toEqual(['wall:w1', 'wall:w3', 'wall:w4'])
    const after = { ...bare, steps: [...bare.steps.slice(0, 2), { ...walls, targets }] }
    expect(stepOf(after, 'wall:w2')).toBeNull()
    expect(toggled(after, after.steps[2]!, 'wall:w2', true)).toEqual([...targets, 'wall:w2'])
    expect(toggled(bare, { ...walls, targets: ['wall:w2'] }, 'wall:w2', false)).toBeNull()
  })
})

describe('openings one after another', () => {
  const front = newElevation('f', 'Front', {
    widthMm: 14_000,
    eavesMm: 5200,
    ridgeMm: null,
    facingDeg: 180,
    material: 'render',
    lapMm: null,
  })
  const [wall] = front.walls
  const add = (before: Room) => withOpening(before, before.walls[0]!, 'window').room
  test('six windows are spread over the front, and a front begins with paint for outside', () => {
    const six = Array.from({ length: 6 }).reduce<Room>(add, front)
    const at = six.openings.map(({ atMm }) => atMm)
    const gaps = at.map((left, i) => left - (i === 0 ? 0 : at[i - 1]! + 1200))
    // (14,000 − 6 × 1,200) / 7 = 971.4 mm before, between and behind them.
    for (const gap of gaps) expect(Math.abs(gap - 971.4)).toBeLessThan(1.5)
    expect(overlaps(six)).toEqual([])
    expect(new Set(front.steps.map(({ coatingId }) => coatingId))).toEqual(new Set(['slip-siding']))
    expect(faultsOf(six)).toEqual([])
  })
  test('where a hand has moved one, the next goes into the widest gap and the others stay', () => {
    const two = add(add(front))
    const moved = {
      ...two,
      openings: two.openings.map((opening, i) => (i === 0 ? { ...opening, atMm: 300 } : opening)),
    }
    const three = add(moved)
    expect(three.openings.slice(0, 2)).toEqual(moved.openings)
    const between = three.openings[2]!.atMm
    expect(between).toBeGreaterThan(1500)
    expect(overlaps(three)).toEqual([])
  })
  test('what has no room lies over the others, and is told', () => {
    const narrow = { ...front, walls: [{ ...wall!, lengthMm: 2000 }] }
    const two = add(add(narrow))
    expect(overlaps(two)).toMatchObject([{ one: 'window 1', other: 'window 2' }])
    const socket = { ...newFitting(front, wall!), atMm: 6900, bottomMm: 1200 }
    expect(overlaps({ ...add(front), fittings: [socket] })).toHaveLength(1)
  })
})
