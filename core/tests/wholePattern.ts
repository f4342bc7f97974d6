import { planJob } from '../src/answers/chain/planJob'
import type { Job, Room } from '../src/base/nouns'
import { jobOf } from './oneHem'

/** A whole job of a room with a pattern: each line of its colour has a recipe, is marked, taped and pulled, and nothing is missed. */
export function expectWholePattern(room: Room, stepId: string): void {
  const job: Job = { ...jobOf(), rooms: [room], published: null, log: [] }
  const made = planJob(job)
  const lines = new Set(made.hems.filter((hem) => hem.stepId === stepId).map(({ id }) => id))
  expect(made.recipes.filter(({ hemId, safe }) => lines.has(hemId) && !safe)).toEqual([])
  const of = (kind: string) => made.tasks.filter((task) => task.kind === kind && task.stepId === stepId)
  expect(of('mark')).toHaveLength(1)
  expect(new Set(of('pull').flatMap(({ subjects }) => subjects))).toEqual(lines)
  expect(made.misses).toEqual([])
}
