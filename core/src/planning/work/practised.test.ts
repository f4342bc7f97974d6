import { planJob } from '../../answers/chain/planJob'
import type { Crew, Job } from '../../base/nouns'
import { sayText } from '../../edge/words'
import { jobOf } from '../../../tests/oneHem'

/** A proven hand cuts the line, whoever has the room. Common practice, no published source. */
const base = jobOf({ house: { school: 'freehand', provenHand: true } })
const crew = (id: string, ...skills: Crew['people'][number]['skill'][]): Crew => ({
  ...base.crews[0]!,
  id,
  name: id,
  people: skills.map((skill, i) => ({ name: `${id}${i}`, skill })),
})
const planOf = (crews: readonly Crew[]) => {
  const job: Job = { ...base, crews, rooms: base.rooms.map((room) => ({ ...room, crewId: crews[0]!.id })) }
  const plan = planJob(job)
  const cut = plan.tasks.filter((task) => task.work.some(({ part }) => part === 'freehand'))
  return { plan, cut, crewsOf: new Set(cut.map((task) => task.crewId)) }
}

test('beginners keep the room, but lines by hand go to the crew that has a practised one', () => {
  const { plan, cut, crewsOf } = planOf([crew('young', 'beginner', 'beginner'), crew('old', 'practised')])
  expect(cut.length).toBeGreaterThan(0)
  expect([...crewsOf]).toEqual(['old'])
  expect(plan.tasks.filter((task) => task.kind === 'cover').every((task) => task.crewId === 'young')).toBe(true)
  // All of it finds a place, ties and all.
  expect(plan.misses.filter(({ kind }) => kind !== 'outside-shift')).toEqual([])
  const placed = new Map(plan.placed.map((task) => [task.taskId, task]))
  for (const task of cut) expect(placed.get(task.id)?.crewId).toBe('old')
})

test('a crew with one practised hand does its own; where nobody is, that is told once for the room', () => {
  expect([...planOf([crew('mixed', 'beginner', 'practised'), crew('old', 'practised')]).crewsOf]).toEqual(['mixed'])
  const { plan } = planOf([crew('young', 'beginner')])
  const told = plan.problems.map(sayText).filter((text) => text.includes('no crew has anybody practised'))
  expect(told).toHaveLength(1)
})
