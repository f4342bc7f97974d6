import type { Room } from '../../base/nouns'
import { door, sash } from '../../../../demo/parts'
import { STARTER_SHELF } from '../shelf/starterShelf'
import { newRoom } from '../rooms/roomTemplate'
import { deriveHems } from './deriveHems'

const rectangle = [4000, 3000, 4000, 3000].map((lengthMm) => ({ lengthMm, turnDeg: 90 }))
const entrance = door('o1', 'w1', 1000)
const window = sash({ id: 'o2', wallId: 'w3', atMm: 1000, widthMm: 1200, more: { sillMm: 900, heightMm: 1200 } })
const room: Room = { ...newRoom('r', 'Room', rectangle), openings: [entrance, window] }
const hemsOf = (change: Partial<Room> = {}) => deriveHems({ ...room, ...change }, STARTER_SHELF).hems
const find = (key: string, change: Partial<Room> = {}) => hemsOf(change).find((hem) => hem.id === `r/${key}`)

test('lengths by hand: ceiling line, skirting cut by a door, round a casing, glass', () => {
  expect(find('wall:w1|ceiling')?.lengthMm).toBe(4000)
  expect(find('wall:w1|skirting#..o1')?.lengthMm).toBe(1000 - 70)
  expect(find('wall:w1|skirting#o1..')?.lengthMm).toBe(4000 - 1000 - 826 - 70)
  // Door: two sides of 2040 + 70 and a head of 826 + 140; window: all four sides outside its casing.
  expect(find('wall:w1|casing:o1')).toMatchObject({ lengthMm: 2 * 2110 + 966, corners: 2 })
  expect(find('wall:w3|casing:o2')).toMatchObject({ lengthMm: 4 * 1340, corners: 4 })
  expect(find('casing:o2|leaf:o2')?.lengthMm).toBe(4800)
})

test('the side coated later is the paint side, and changing the order turns it over', () => {
  expect(find('wall:w1|ceiling')).toMatchObject({ keep: 'ceiling', paint: 'wall:w1', keepStepId: 's1' })
  const [ceiling, trim, walls] = room.steps
  expect(find('wall:w1|ceiling', { steps: [walls!, trim!, ceiling!] })).toMatchObject({
    keep: 'wall:w1',
    paint: 'ceiling',
    keepStepId: 's3',
  })
})

test('equal colours and unpainted pairs need no hem; other sheens do', () => {
  const [ceiling, trim, walls] = room.steps
  const white = { ...walls!, colour: ' white', coatingId: ceiling!.coatingId }
  expect(find('wall:w1|ceiling', { steps: [ceiling!, trim!, white] })).toBeUndefined()
  expect(find('wall:w1|ceiling', { steps: [ceiling!, trim!, { ...white, coatingId: 'quay-satin' }] })).toBeDefined()
  expect(hemsOf({ steps: [] })).toEqual([])
  expect(find('wall:w1|wall:w2')).toBeUndefined()
})

test('a wall of another colour gets hems at both its corners', () => {
  const accent = { ...room.steps[2]!, id: 's4', targets: ['wall:w2'], colour: 'Plum' }
  const hems = hemsOf({ steps: [...room.steps, accent] })
  expect(hems.filter((hem) => hem.kind === 'wall-to-wall').map((hem) => hem.paint)).toEqual(['wall:w2', 'wall:w2'])
})

test('scope decides: shielded, left out and fittings taken off drop their hems, with the reason', () => {
  const edgeNotes = [{ edge: 'wall:w1|ceiling', note: 'shielded' as const, reason: 'coving' }]
  const fittings = (['mask', 'take-off', 'takes-wall-colour'] as const).map((scope, i) => ({
    id: `f${i}`,
    name: `socket ${i}`,
    kind: 'socket' as const,
    on: 'wall' as const,
    wallId: 'w2',
    atMm: 300 * i + 100,
    bottomMm: 300,
    widthMm: 86,
    heightMm: 86,
    scope,
  }))
  const { hems, bare } = deriveHems({ ...room, edgeNotes, fittings }, STARTER_SHELF)
  expect(hems.some((hem) => hem.id === 'r/wall:w1|ceiling')).toBe(false)
  expect(hems.filter((hem) => hem.kind === 'wall-to-fitting').map((hem) => hem.keep)).toEqual(['fitting:f0'])
  expect(bare.find((edge) => edge.edge === 'wall:w1|ceiling')).toMatchObject({ why: 'shielded', note: 'coving' })
})

test('a hem keeps its identity when sizes change', () => {
  const ids = (change: Partial<Room>) => hemsOf(change).map((hem) => hem.id)
  const wider = room.walls.map((wall) => ({ ...wall, lengthMm: wall.lengthMm + 400 }))
  expect(ids({ walls: wider, heightMm: 2900 })).toEqual(ids({}))
})
