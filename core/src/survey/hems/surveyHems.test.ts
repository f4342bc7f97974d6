import { unreadLine } from '../../../tests/lineNote'
import type { Band, Opening, Piece, Room } from '../../base/nouns'
import { sash } from '../../../../demo/parts'
import { STARTER_SHELF } from '../shelf/starterShelf'
import { newElevation, newRoom, OUTLINE_TEMPLATES, USUAL_FACES } from '../rooms/roomTemplate'
import { faceAreaMm2 } from '../rooms/areas'
import { mirrorRoom } from '../rooms/roomOps'
import { panesOf } from '../rooms/glazing'
import { deriveHems } from './deriveHems'
import { arcMm } from '../rooms/curve'

const room = newRoom('r', 'Room', OUTLINE_TEMPLATES.rectangle)
const derive = (change: Partial<Room> = {}, base: Room = room) => deriveHems({ ...base, ...change }, STARTER_SHELF)
const hem = (key: string, change: Partial<Room> = {}, base: Room = room) =>
  derive(change, base).hems.find((each) => each.id === `${base.id}/${key}`)
const bare = (key: string, change: Partial<Room> = {}) => derive(change).bare.find((edge) => edge.edge === key)?.why

const opening = (more: Partial<Opening>): Opening =>
  sash({ id: 'o1', wallId: 'w1', atMm: 1000, widthMm: 1200, more: { sillMm: 900, heightMm: 1200, ...more } })

describe('panes', () => {
  // Worked example of the trade: a pair of doors of 15 panes, both sides, is 60 panes in all.
  const doors = opening({
    kind: 'glazed-doors',
    sillMm: 0,
    widthMm: 1600,
    heightMm: 2000,
    leaf: USUAL_FACES.trim,
    glazing: { leaves: 2, wide: 3, high: 5, sides: 2, barMm: 25, textured: false },
  })
  const steps = [{ ...room.steps[1]!, targets: ['leaves'] }]
  test('common practice, no published source: 60 panes in a pair of doors of 15', () => {
    expect(panesOf(doors).count).toBe(60)
    const found = hem('leaf:o1|glass:o1', { openings: [doors], steps })
    // Each pane (800 − 2·25)/3 = 250 by (2000 − 4·25)/5 = 380: 60 · 2 · 630 mm.
    expect(found).toMatchObject({ panes: 60, corners: 240, lengthMm: 60 * 2 * 630, keep: 'glass:o1' })
  })
  test('a plain window is one pane', () => expect(panesOf(opening({}))).toMatchObject({ count: 1, widthMm: 1200 }))
})

describe('bands', () => {
  const dado: Band = {
    id: 'b1',
    name: 'dado',
    kind: 'two-tone',
    wallIds: ['w1', 'w2', 'w3', 'w4'],
    fromMm: 0,
    toMm: 1200,
    shapes: [],
    face: USUAL_FACES.wall,
  }
  const lower = { ...room.steps[2]!, id: 's4', targets: ['band:b1'], colour: 'Plum', swatch: '#5a4660' }
  const twoTone = { bands: [dado], steps: [...room.steps, lower], openings: [opening({})] }
  test('the line is cut by a window that reaches through it, and keeps the colour above', () => {
    const left = hem('band:b1|wall:w1#over:..o1', twoTone)
    expect(left).toMatchObject({ kind: 'two-tone-line', lengthMm: 930, keep: 'wall:w1', paint: 'band:b1' })
    expect(left?.line).toBe('straighten')
    expect(hem('band:b1|wall:w1#over:o1..', twoTone)?.lengthMm).toBe(4000 - 2270)
    expect(hem('band:b1|wall:w2#over', twoTone)?.lengthMm).toBe(3000)
  })
  test('the casing’s hem is parted at the line, and both parts make the whole', () => {
    const parts = derive(twoTone).hems.filter((each) => each.kind === 'wall-to-casing')
    expect(parts.map((part) => part.paint).sort()).toEqual(['band:b1', 'wall:w1'])
    expect(parts.reduce((sum, each) => sum + each.lengthMm, 0)).toBe(4 * 1340)
  })
  test('the skirting’s top belongs to the lower colour; nothing lies at the floor', () => {
    expect(hem('band:b1|skirting#w1', twoTone)?.paint).toBe('band:b1')
    expect(derive(twoTone).hems.some((each) => each.id.includes('#under'))).toBe(false)
  })
  test('areas of wall and band make the old wall', () => {
    const whole = faceAreaMm2(room, 'wall:w2')
    const two = { ...room, bands: [{ ...dado, wallIds: ['w2'] }] }
    expect(faceAreaMm2(two, 'wall:w2') + faceAreaMm2(two, 'band:b1')).toBe(whole)
    expect(faceAreaMm2(two, 'band:b1')).toBe(3000 * (1200 - 120))
  })
})

describe('elevations', () => {
  const front = newElevation('e', 'Front', {
    widthMm: 8000,
    eavesMm: 3000,
    ridgeMm: 6000,
    facingDeg: 180,
    material: 'lapped-boards',
    lapMm: 150,
  })
  const windows = [1, 2, 3].map((n) => opening({ id: `o${n}`, atMm: n * 2000 - 600, widthMm: 900 }))
  // Each slope: √(4000² + 3000²) = 5000.
  test('the soffit line runs along both slopes of the gable', () => {
    expect(hem('wall:w1|ceiling', {}, front)).toMatchObject({ lengthMm: 10_000, corners: 1, keep: 'ceiling' })
    // Gable wall: 8 × 3 m and a triangle of 8 × 3 / 2.
    expect(faceAreaMm2(front, 'wall:w1')).toBe(36_000_000)
  })
  // Worked example: the casing goes from 830 to 2170; boards of 150 begin at 0, so it touches those from 750 on to 2250: ten strips a side.
  test('beside a window every board wants its strip', () => {
    expect(hem('wall:w1|casing:o1', { openings: windows }, front)).toMatchObject({ laps: 10 })
    const smooth = { ...front, walls: [{ ...front.walls[0]!, lapMm: null }] }
    expect(hem('wall:w1|casing:o1', { openings: windows }, smooth)?.laps).toBe(0)
  })
  test('an elevation has no corner hems and closes nothing', () => {
    expect(derive({}, front).hems.every((each) => each.kind !== 'wall-to-wall')).toBe(true)
  })
})

describe('scope', () => {
  const casing = { openings: [opening({})] }
  test('what is replaced soon or shielded drops its hems; what takes the wall’s colour joins it', () => {
    const say = (scope: 'replaced-soon' | 'shielded' | 'takes-wall-colour') =>
      bare('wall:w1|casing:o1', { ...casing, scopes: [{ face: 'casing:o1', scope, note: '' }] })
    expect(say('replaced-soon')).toBe('replaced-soon')
    expect(say('shielded')).toBe('shielded')
    expect(say('takes-wall-colour')).toBe('same-colour-both-sides')
    // Its glass still needs a hem: the casing is painted with the wall now.
    const glass = hem('casing:o1|leaf:o1', {
      ...casing,
      scopes: [{ face: 'casing:o1', scope: 'takes-wall-colour', note: '' }],
    })
    expect(glass?.stepId).toBe('s3')
  })
  test('a kept face wins over a step that names its group', () => {
    const kept = { scopes: [{ face: 'skirting', scope: 'kept' as const, note: 'oiled oak' }] }
    expect(hem('wall:w1|skirting', kept)).toMatchObject({ keep: 'skirting', keepStepId: null })
  })
  // Common practice, no published source: both sides painted, a true joint; one side, a straight line outside the worst.
  test('a wandering edge is straightened only where one side is kept', () => {
    const lines = [unreadLine('wall:w1|skirting', 6)]
    expect(hem('wall:w1|skirting', { lines })?.line).toBe('true-joint')
    const kept = { lines, scopes: [{ face: 'skirting', scope: 'kept' as const, note: '' }] }
    expect(hem('wall:w1|skirting', kept)).toMatchObject({ line: 'straighten', wanderMm: 6 })
    expect(hem('wall:w1|skirting', { lines: [{ ...lines[0]!, way: 'follow' }] })?.line).toBe('follow')
  })
})

describe('pieces', () => {
  const piece = (more: Partial<Piece>): Piece => ({
    id: 'p1',
    name: 'base cabinets',
    kind: 'cabinets',
    wallId: 'w1',
    atMm: 500,
    bottomMm: 0,
    widthMm: 2400,
    heightMm: 900,
    depthMm: 600,
    count: 4,
    inUse: true,
    paintedSides: 1,
    takenOff: false,
    face: { ...USUAL_FACES.trim, colour: 'Sage', swatch: '#a9b5a0' },
    ...more,
  })
  const cabinets = { pieces: [piece({})], steps: [{ ...room.steps[1]!, targets: ['pieces'] }] }
  test('cabinets in use: their edge to the wall, and every mouth', () => {
    expect(hem('wall:w1|piece:p1', cabinets)?.lengthMm).toBe(2 * 900 + 2400)
    expect(hem('piece:p1|inside', cabinets)).toMatchObject({ lengthMm: 4 * 2 * (600 + 900), keep: 'inside:p1' })
  })
  test('emptied cabinets have no mouths; furniture has no hems; the skirting stops at a cabinet', () => {
    expect(hem('piece:p1|inside', { ...cabinets, pieces: [piece({ inUse: false })] })).toBeUndefined()
    expect(derive({ pieces: [piece({ kind: 'furniture' })] }).hems.some((each) => each.id.includes('piece'))).toBe(
      false,
    )
    expect(hem('wall:w1|skirting#p1..', cabinets)).toBeUndefined()
    expect(hem('wall:w1|skirting#p1..', { pieces: [piece({})] })?.lengthMm).toBe(4000 - 2900)
  })
})

describe('the foot of a wall', () => {
  const foot = [
    {
      id: 'z1',
      wallId: 'w1',
      fromMm: 1000,
      toMm: 2500,
      gapMm: 4,
      floor: { ...USUAL_FACES.floor, material: 'carpet' as const, colour: 'Carpet' },
    },
  ]
  test('is split where floor or gap change; each part knows its floor', () => {
    const parts = derive({ foot }).hems.filter(
      (each) => each.kind === 'skirting-to-floor' && each.segments[0]!.wallId === 'w1',
    )
    expect(parts.map((part) => [part.lengthMm, part.keep, part.gapMm])).toEqual([
      [1000, 'floor', 0],
      [1500, 'floor:z1', 4],
      [1500, 'floor', 0],
    ])
    expect(hem('wall:w1|skirting', { foot })?.lengthMm).toBe(4000)
  })
})

describe('by hand', () => {
  const edge = 'wall:w1|ceiling'
  test('a split parts a hem, moves with its mark, and keeps its names', () => {
    const at = (atMm: number) =>
      derive({ splits: [{ id: 'a', edge, atMm }] }).hems.filter((each) => each.id.startsWith(`r/${edge}~`))
    expect(at(1500).map((each) => each.lengthMm)).toEqual([1500, 2500])
    expect(at(1800).map((each) => each.id)).toEqual(at(1500).map((each) => each.id))
  })
  test('joined edges are one hem; a join whose edges have gone is passed over', () => {
    const joins = [{ id: 'j', edges: [edge, 'wall:w2|ceiling'] }]
    expect(hem('join:j', { joins })).toMatchObject({ lengthMm: 7000, kind: 'wall-to-ceiling' })
    expect(hem(edge, { joins })).toBeUndefined()
    expect(hem(edge, { joins: [{ id: 'j', edges: [edge, 'wall:gone|ceiling'] }] })).toBeDefined()
  })
  // Half circle over a chord of 2 m: bend 1 m, length π · 1 m.
  test('a curve by hand has its arc’s length', () => {
    expect(arcMm(2000, 1000)).toBeCloseTo(1000 * Math.PI, 9)
    expect(arcMm(2000, 0)).toBe(2000)
    const curve = {
      id: 'h1',
      name: 'arch',
      wallId: 'w1',
      x1: 500,
      y1: 1000,
      x2: 2500,
      y2: 1000,
      bendMm: 1000,
      keep: 'ceiling',
      paint: 'wall:w1',
    }
    expect(hem('hand:h1', { handHems: [curve] })).toMatchObject({
      lengthMm: 3142,
      keep: 'ceiling',
      paint: 'wall:w1',
      curve: { radiusMm: 1000, arcDeg: 180 },
      radiusMm: 0,
    })
  })
  test('hems and their ids outlive a longer wall, a moved window and a higher room', () => {
    const ids = (change: Partial<Room>) => derive(change).hems.map((each) => each.id)
    const full = { openings: [opening({})], splits: [{ id: 'a', edge, atMm: 900 }] }
    const grown = {
      ...full,
      heightMm: 2800,
      walls: room.walls.map((wall) => ({ ...wall, lengthMm: wall.lengthMm + 500 })),
    }
    expect(ids({ ...grown, openings: [opening({ atMm: 1700 })] })).toEqual(ids(full))
  })
})

test('a room in the mirror has the same hems, lengths and area, and mirrored twice is itself', () => {
  const lShape = { ...newRoom('r', 'Room', OUTLINE_TEMPLATES['L-shape']), openings: [opening({})] }
  const mirrored = mirrorRoom(lShape)
  const lengths = (of: Room) => new Map(derive({}, of).hems.map((each) => [each.id, each.lengthMm]))
  expect(faceAreaMm2(mirrored, 'floor')).toBe(faceAreaMm2(lShape, 'floor'))
  expect(
    [...lengths(mirrored)]
      .filter(([id]) => !id.includes('wall:w6|wall'))
      .every(([id, mm]) => (lengths(lShape).get(id) ?? mm) === mm),
  ).toBe(true)
  expect(mirrorRoom(mirrored).walls.map((wall) => [wall.id, wall.lengthMm, wall.turnDeg])).toEqual(
    lShape.walls.map((wall) => [wall.id, wall.lengthMm, wall.turnDeg]),
  )
  expect(mirrorRoom(mirrored).openings).toEqual(lShape.openings)
})

test('a half-height wall meets no ceiling; a rounded corner carries its radius', () => {
  const walls = room.walls.map((wall, i) => (i === 0 ? { ...wall, free: true, cornerRadiusMm: 20 } : wall))
  expect(hem('wall:w1|ceiling', { walls })).toBeUndefined()
  const accent = { ...room.steps[2]!, id: 's4', targets: ['wall:w2'], colour: 'Plum' }
  expect(hem('wall:w1|wall:w2', { walls, steps: [...room.steps, accent] })?.radiusMm).toBe(20)
})
