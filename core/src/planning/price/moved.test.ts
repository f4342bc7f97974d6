import type { PublishedPlan } from '../../base/nouns'
import { formatInstant } from '../../base/units/time'
import { movedIn } from './moved'

const now = 29_000_000
const told = (taskId: string, crewId: string, from: number) => ({
  taskId,
  crewId,
  hands: null,
  from: formatInstant(from),
  to: formatInstant(from + 30),
  pieces: [],
})
const published: PublishedPlan = {
  number: 1,
  at: formatInstant(now - 60),
  by: 'office',
  why: '',
  tasks: [told('a', 'ash', now + 10), told('b', 'ash', now + 60), told('c', 'ash', now - 30)],
  changes: [],
}
const at = (taskId: string, crewId: string, from: number, done = false) => ({ taskId, crewId, from, done })

test('what crews were told counts where it goes to others, or begins five minutes or more sooner or later', () => {
  const count = movedIn(published, now)
  expect(count([at('a', 'ash', now + 10), at('b', 'ash', now + 64)])).toBe(0)
  expect(count([at('a', 'ash', now + 15), at('b', 'ash', now + 55)])).toBe(2)
  expect(count([at('a', 'birch', now + 10), at('b', 'birch', now + 90)])).toBe(2)
  // Done, never told, or due to have begun before now: nobody is told anything that could be spared.
  expect(count([at('a', 'birch', now + 99, true), at('new', 'ash', now + 5), at('c', 'birch', now + 40)])).toBe(0)
})

test('where nobody was told anything nothing is changed', () => {
  expect(movedIn(null, now)([at('a', 'birch', now + 99)])).toBe(0)
})
