import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import type { Cover, Room, Shelf } from '../../base/nouns'
import { newRoom } from '../../survey/rooms/roomTemplate'
import { clothShelves } from './clothShelves'
import { floorPlan } from './floorPlan'

/** One van’s cloths over several floors at a time. */
const field = STARTER_SHELF.covers.find((cover) => cover.id === 'hessian-field')!
const cloth = (id: string, widthMm: number, owned: number): Cover => ({ ...field, id, widthMm, owned })
const shelfOf = (large: number, middle: number): Shelf => ({
  ...STARTER_SHELF,
  covers: [
    ...STARTER_SHELF.covers.filter((cover) => cover.id !== 'hessian-field'),
    cloth('large', 3658, large),
    cloth('middle', 2743, middle),
  ],
})
const room = (id: string): Room =>
  newRoom(
    id,
    id,
    [6000, 3500, 6000, 3500].map((lengthMm) => ({ lengthMm, turnDeg: 90 })),
  )
const laidIn = (rooms: readonly Room[], shelf: Shelf) => {
  const shelves = clothShelves(rooms, shelf)
  return rooms.map((each) => {
    const ids = floorPlan(each, shelves.get(each.id) ?? shelf, false)!.field.map(({ coverId }) => coverId)
    return { large: ids.filter((id) => id === 'large').length, middle: ids.filter((id) => id === 'middle').length }
  })
}

// By hand: 6 m × 3.5 m takes one large and one middle, else two large, or three middle (layFloor.test).
test('rooms take of the cloths what those before them left, by hand', () => {
  const rooms = ['a', 'b', 'c'].map(room)
  expect(laidIn(rooms, shelfOf(3, 3))).toEqual([
    { large: 1, middle: 1 },
    { large: 1, middle: 1 },
    { large: 1, middle: 1 },
  ])
  expect(laidIn(rooms.slice(0, 2), shelfOf(3, 1))).toEqual([
    { large: 1, middle: 1 },
    { large: 2, middle: 0 },
  ])
  expect(laidIn(rooms.slice(0, 2), shelfOf(1, 4))).toEqual([
    { large: 1, middle: 1 },
    { large: 0, middle: 3 },
  ])
})

test('where none is left the next room is laid from all of them: by then the first are taken up', () => {
  expect(laidIn([room('a'), room('b')], shelfOf(1, 1))).toEqual([
    { large: 1, middle: 1 },
    { large: 1, middle: 1 },
  ])
  // A room without work takes none.
  expect(laidIn([{ ...room('a'), steps: [] }, room('b')], shelfOf(1, 1))[1]).toEqual({ large: 1, middle: 1 })
})
