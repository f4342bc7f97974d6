import { carryWays, crewWays } from '../problem/places'
import { problem } from '../../../tests/smallProblem'
import { Route } from './route'
import { firstFree, unitsOf } from './units'

const far = problem([], {
  places: [
    { id: 'site', roomIds: ['here', 'next'], minutes: [0, 25] },
    { id: 'p', roomIds: ['there'], minutes: [25, 0] },
  ],
  resources: [{ id: 'tower', capacity: 2, carryMin: 30 }],
})
const tower = far.resources[0]!
const stop = (roomId: string, from: number, to: number) => ({ roomId, from, to })

test('a crew is on its way between addresses, and next door at once, by hand', () => {
  const route = new Route(crewWays(far)!)
  route.add(stop('here', 100, 160))
  expect(route.reached(stop('next', 160, 200))).toBe(160)
  expect(route.reached(stop('there', 160, 200))).toBe(185)
  // It must be back in time as well: what would not be is put behind.
  expect(route.reached(stop('there', 50, 75))).toBe(50)
  expect(route.reached(stop('there', 60, 80))).toBe(185)
})

test('a tower is carried from room to room, and driven to another address; where it stands it is at hand', () => {
  const way = carryWays(far, tower)!
  expect([way('here', 'here'), way('here', 'next'), way('here', 'there')]).toEqual([0, 30, 55])
  expect(carryWays(far, { ...tower, carryMin: 0 })!('here', 'next')).toBe(0)
  expect(carryWays({ places: [] }, { ...tower, carryMin: 0 })).toBeNull()
})

test('of two the one that is there sooner is taken; where they stood last is remembered from what is done', () => {
  const done = [
    { id: 'a', roomId: 'here', crewId: 'a', uses: ['tower'], from: 0, to: 60 },
    { id: 'b', roomId: 'there', crewId: 'a', uses: ['tower'], from: 10, to: 90 },
    { id: 'c', roomId: 'next', crewId: 'a', uses: [], from: 20, to: 95 },
  ]
  const units = unitsOf({ ...far, done }, tower)
  expect(firstFree(units, stop('there', 90, 120))).toBe(90)
  expect(firstFree(units, stop('here', 70, 100))).toBe(70)
  // Room "next" has none: one is carried over from next door, 30 min behind its last use.
  expect(firstFree(units, stop('next', 70, 100))).toBe(90)
})
