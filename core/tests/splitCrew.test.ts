import fc from 'fast-check'
import { planWithProblem } from '../src/answers/chain/planJob'
import { whoDoes } from '../src/planning/published/whoDoes'
import { readActivity, roomOfActivity, type Crew, type Job, type Room } from '../src/base/nouns'
import { isMist } from '../src/planning/problem/mist'
import { newRoom } from '../src/survey/rooms/roomTemplate'
import { byPrice } from './early'
import { jobOf, PLAIN_ROOM } from './oneHem'
import { runsOf } from './runsOf'

/** A pair: one sprays while the other masks in the next room. Common practice, no published source. */
const base = byPrice(jobOf())
const [painter] = base.crews[0]!.people
const crewOf = (...skills: Crew['people'][number]['skill'][]): Crew => ({
  ...base.crews[0]!,
  id: 'ash',
  name: 'Ash',
  people: skills.map((skill, i) => ({ ...painter!, name: `P${i}`, skill })),
})
const square = (wide: number, deep: number) => [wide, deep, wide, deep].map((lengthMm) => ({ lengthMm, turnDeg: 90 }))
const sprayed = (room: Room): Room => ({ ...room, steps: room.steps.map((step) => ({ ...step, tool: 'spray' })) })
const HALL: Room = { ...sprayed(newRoom('r1', 'Hall', square(9000, 6000))), crewId: 'ash' }
const PARLOUR: Room = { ...PLAIN_ROOM, id: 'r2', name: 'Parlour', crewId: 'ash' }
const job = (change: Partial<Job> = {}): Job => ({
  ...base,
  crews: [crewOf('practised', 'practised')],
  rooms: [HALL, PARLOUR],
  ...change,
})
type Planned = ReturnType<typeof planWithProblem>
const tasksIn = ({ plan }: Planned) => [...plan.placed].sort((a, b) => a.from - b.from)
const isGun = (id: string) => /\/gun-(up|down)\d*$/.test(id)
const alone = (planned: Planned) => tasksIn(planned).filter(({ hands }) => hands === 1)

describe('a pair, a sprayed hall and a parlour', () => {
  const planned = planWithProblem(job())
  const sprays = new Set(
    planned.plan.tasks.flatMap(({ id, kind, roomId }) => (kind === 'coat' && roomId === 'r1' ? id : [])),
  )

  test('one holds the gun, the other masks next door meanwhile; nothing is broken', () => {
    // As early as it can be; by price a pair may do better to wait for the gun together.
    const goals = [...base.planning.goals].reverse()
    const busy = planWithProblem(job({ planning: { ...base.planning, goals } }))
    for (const each of [planned, busy]) {
      expect(each.plan.misses).toEqual([])
      for (const { taskId, hands } of tasksIn(each)) if (sprays.has(taskId) || isGun(taskId)) expect(hands).toBe(1)
    }
    const meanwhile = alone(busy).filter(
      (task) =>
        !task.taskId.startsWith('r1/') &&
        alone(busy).some((gun) => gun.taskId.startsWith('r1/') && gun.from < task.to && gun.to > task.from),
    )
    expect(meanwhile.length).toBeGreaterThan(1)
  })

  test('a beginner stays beside somebody practised: with two practised ones the second goes along, with one all stay together', () => {
    const [three, two] = [crewOf('practised', 'practised', 'beginner'), crewOf('practised', 'beginner')]
    const apart = planWithProblem(job({ crews: [three] }))
    expect(apart.plan.misses).toEqual([])
    expect(tasksIn(apart).some(({ hands }) => hands === 2)).toBe(true)
    const who = whoDoes([three], apart.plan.placed, (id) => roomOfActivity(id) ?? undefined)
    for (const { taskId, hands } of tasksIn(apart))
      if (hands !== undefined) expect(who.get(taskId)).toEqual(hands === 1 ? [0] : [1, 2])
    expect(tasksIn(planWithProblem(job({ crews: [two] }))).every(({ hands }) => hands === undefined)).toBe(true)
  })

  test('takes fewer hours than a pair that stays together', () => {
    // Who learns works beside the other: the same pair then stays together.
    const together = planWithProblem(job({ crews: [{ ...crewOf('practised', 'beginner') }] }))
    expect(alone(together)).toEqual([])
    const idle = ({ plan }: Planned) => plan.price.parts.find(({ part }) => part === 'idle')!.amount
    const worked = ({ plan }: Planned) => plan.price.parts.find(({ part }) => part === 'work')!.amount
    expect(idle(planned) + worked(planned)).toBeLessThan(idle(together) + worked(together))
  })

  test('by name: nobody does two things at once, and whoever is in a room goes on there', () => {
    const { crews } = job()
    const who = whoDoes(crews, planned.plan.placed, (id) => roomOfActivity(id) ?? undefined)
    const busy = crews[0]!.people.map((_, i) =>
      tasksIn(planned).filter(({ taskId }) => (who.get(taskId) ?? [0, 1]).includes(i)),
    )
    for (const own of busy)
      for (const [k, task] of own.slice(1).entries()) expect(task.from).toBeGreaterThanOrEqual(own[k]!.to)
    for (const { taskId } of alone(planned)) expect(who.get(taskId)).toHaveLength(1)
  })
})

/** What no plan of any crew does: counted on the plan itself. */
test(`in ${runsOf(200, 5)} random jobs nobody is in two places, in the mist of a gun, or learns alone`, () => {
  const skill = fc.constantFrom('practised', 'practised', 'beginner')
  const people = fc.array(skill, { minLength: 1, maxLength: 3 })
  const room = (i: number) =>
    fc
      .record({
        wide: fc.integer({ min: 2500, max: 8000 }),
        deep: fc.integer({ min: 2500, max: 6000 }),
        tools: fc.array(fc.boolean(), { minLength: 3, maxLength: 3 }),
      })
      .map(({ wide, deep, tools }): Room => {
        const made = newRoom(`r${i}`, `Room ${i}`, square(wide, deep))
        return { ...made, steps: made.steps.map((step, k) => ({ ...step, tool: tools[k] ? 'spray' : step.tool })) }
      })
  fc.assert(
    fc.property(fc.tuple(people, people), fc.tuple(room(1), room(2), room(3)), ([one, two], rooms) => {
      const crews = [crewOf(...one), { ...crewOf(...two), id: 'birch', name: 'Birch' }]
      const planned = planWithProblem(job({ crews, rooms: [...rooms] }))
      const kinds = planned.plan.misses.map(({ kind }) => kind)
      expect(kinds).not.toContain('crew-twice')
      expect(kinds).not.toContain('resource-twice')
      const tasks = tasksIn(planned)
      const tool = (id: string) => {
        const ref = readActivity(id)
        const step = ref?.of === 'round' && ref.act === 'coat' ? ref.round.stepId : null
        return rooms.find((each) => each.id === roomOfActivity(id))?.steps.find((each) => each.id === step)?.tool
      }
      for (const coat of tasks.filter(({ taskId }) => tool(taskId) === 'spray'))
        for (const other of tasks)
          if (other !== coat && roomOfActivity(other.taskId) === roomOfActivity(coat.taskId))
            expect(other.pieces.every((piece) => piece.from >= coat.to || piece.to <= coat.from)).toBe(true)
      for (const { taskId, crewId, hands, from } of tasks) {
        const crew = crews.find(({ id }) => id === crewId)!
        if (hands === 1 && crew.people.some(({ skill: own }) => own === 'beginner'))
          expect(isGun(taskId) || tool(taskId) === 'spray').toBe(true)
        const atOnce = tasks.filter(
          (task) => task.crewId === crewId && task.pieces.some((piece) => piece.from <= from && piece.to > from),
        )
        expect(atOnce.reduce((sum, task) => sum + (task.hands ?? crew.people.length), 0)).toBeLessThanOrEqual(
          crew.people.length,
        )
      }
      expect(planned.problem.resources.filter(({ id }) => isMist(id)).length).toBeLessThanOrEqual(3)
    }),
    { numRuns: runsOf(200, 5), seed: 20 },
  )
}, 240_000)
