import fc from 'fast-check'
import type { Travel } from './model'
import { RouteProfile } from './route'

/** Three places in a row, ten minutes apart: by hand, and against looking at every minute. */
const travel: Travel = {
  places: Int32Array.from([0, 1, 2, 0, 1, 2, 0, 1]),
  minutes: Int32Array.from([0, 10, 20, 10, 0, 10, 20, 10, 0]),
  count: 3,
}

test('what comes next waits for the way to it, and what goes between needs both ways, by hand', () => {
  const route = new RouteProfile(travel)
  route.add(100, 130, 1, 0)
  // From place 0 to place 2 it is twenty minutes on, to place 0 none.
  expect([route.free(0, 30, 1, 2), route.free(110, 30, 1, 2), route.free(110, 30, 1, 3)]).toEqual([0, 150, 130])
  // Before it: 30 min of work and 20 of way have to be over by 100.
  expect([route.free(50, 30, 1, 2), route.free(51, 30, 1, 2)]).toEqual([50, 150])
  route.add(150, 180, 1, 2)
  // Between the two there are twenty minutes of way and none to spare.
  expect(route.free(60, 20, 1, 1)).toBe(60)
  expect(route.free(71, 20, 1, 1)).toBe(190)
  route.add(150, 180, -1, 2)
  expect(route.free(71, 20, 1, 1)).toBe(140)
})

test('the first minute that is free is the first of all minutes at which no way is cut short', () => {
  const task = fc.record({ task: fc.integer({ min: 0, max: 7 }), minutes: fc.integer({ min: 1, max: 40 }) })
  fc.assert(
    fc.property(
      fc.uniqueArray(task, { maxLength: 5, selector: (each) => each.task }),
      task,
      fc.integer({ min: 0, max: 200 }),
      (laid, next, from) => {
        const route = new RouteProfile(travel)
        const held: { at: number; to: number; task: number }[] = []
        for (const each of laid) {
          const at = route.free(0, each.minutes, 1, each.task)
          route.add(at, at + each.minutes, 1, each.task)
          held.push({ at, to: at + each.minutes, task: each.task })
        }
        const way = (a: number, b: number) => travel.minutes[travel.places[a]! * 3 + travel.places[b]!]!
        const fits = (at: number) =>
          held.every(
            (each) =>
              at >= each.to + way(each.task, next.task) || each.at >= at + next.minutes + way(next.task, each.task),
          )
        let first = from
        while (!fits(first)) first++
        expect(route.free(from, next.minutes, 1, next.task)).toBe(first)
      },
    ),
    { numRuns: 300, seed: 5 },
  )
})
