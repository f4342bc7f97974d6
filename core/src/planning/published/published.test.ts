import type { PublishedPlan, PublishedTask } from '../../base/nouns'
import type { PlacedTask } from '../plan/placement'
import { parseInstant } from '../../base/units/time'
import { planChanges, publishedTasks } from './planChanges'
import { standingPlan } from './standingPlan'

const DAY = '2027-05-12T'
const iso = (clock: string) => `${DAY}${clock}:00Z`
const task = (taskId: string, from: string, to: string, crewId = 'heron'): PublishedTask => ({
  taskId,
  crewId,
  hands: null,
  from: iso(from),
  to: iso(to),
  pieces: [{ from: iso(from), to: iso(to) }],
})
const placed = (taskId: string, from: string, to: string, done = false): PlacedTask => ({
  taskId,
  crewId: 'heron',
  from: parseInstant(iso(from)),
  to: parseInstant(iso(to)),
  pieces: [{ from: parseInstant(iso(from)), to: parseInstant(iso(to)) }],
  done,
})

describe('what people are told is new', () => {
  const before = [task('a', '08:00', '09:00'), task('b', '09:00', '10:00'), task('c', '10:00', '10:30')]
  test('nothing, where nothing is', () => expect(planChanges(before, before)).toEqual([]))
  test('a task that starts five minutes later has moved; of less, and of another end alone, nobody is told', () => {
    expect(planChanges(before, [before[0]!, task('b', '09:04', '10:04'), before[2]!])).toEqual([])
    expect(planChanges(before, [before[0]!, task('b', '09:05', '10:00'), before[2]!])).toEqual([
      { kind: 'moved', taskId: 'b', before: iso('09:00'), after: iso('09:05') },
    ])
    expect(planChanges(before, [task('a', '08:00', '09:20'), ...before.slice(1)])).toEqual([])
  })
  test('one that goes to another crew is told as that, moved or not', () => {
    expect(planChanges(before, [task('a', '08:30', '09:30', 'wren'), ...before.slice(1)])).toEqual([
      { kind: 'other-crew', taskId: 'a', before: iso('08:00'), after: iso('08:30') },
    ])
  })
  test('added and dropped stand in order of time among the rest', () => {
    const after = [task('d', '07:00', '07:30'), before[0]!, task('c', '11:00', '11:30'), task('e', '11:00', '12:00')]
    expect(planChanges(before, after).map((change) => [change.kind, change.taskId])).toEqual([
      ['added', 'd'],
      ['dropped', 'b'],
      ['moved', 'c'],
      ['added', 'e'],
    ])
  })
  test('and back again is the other way round', () => {
    const after = [task('b', '13:00', '14:00'), task('n', '08:00', '09:00')]
    const there = planChanges(before, after)
    const back = planChanges(after, before)
    const turned = { added: 'dropped', dropped: 'added', moved: 'moved', 'other-crew': 'other-crew' } as const
    const key = (kind: string, id: string) => `${kind} ${id}`
    expect(there.map((change) => key(turned[change.kind], change.taskId)).sort()).toEqual(
      back.map((change) => key(change.kind, change.taskId)).sort(),
    )
  })
})

test('what is done is not published; what is not keeps its pieces over the meal', () => {
  const split: PlacedTask = {
    ...placed('lay', '11:30', '13:00'),
    pieces: [
      { from: parseInstant(iso('11:30')), to: parseInstant(iso('12:00')) },
      { from: parseInstant(iso('12:30')), to: parseInstant(iso('13:00')) },
    ],
  }
  expect(publishedTasks([placed('cover', '08:00', '08:10', true), split])).toEqual([
    {
      ...task('lay', '11:30', '13:00'),
      pieces: [
        { from: iso('11:30'), to: iso('12:00') },
        { from: iso('12:30'), to: iso('13:00') },
      ],
    },
  ])
})

describe('the plan people work by', () => {
  const published: PublishedPlan = {
    number: 3,
    at: iso('06:00'),
    by: 'Office',
    why: 'rain',
    changes: [],
    tasks: [task('lay', '08:00', '08:30'), task('coat', '08:30', '09:00'), task('pull', '09:00', '09:10')],
  }
  test('has done tasks where they were done, the rest as published, whatever planning anew would say', () => {
    const proposed = [
      placed('lay', '08:20', '08:50', true),
      placed('coat', '10:00', '10:30'),
      placed('new', '11:00', '12:00'),
    ]
    expect(standingPlan(published, proposed)).toEqual([
      placed('lay', '08:20', '08:50', true),
      placed('coat', '08:30', '09:00'),
      placed('pull', '09:00', '09:10'),
    ])
  })
  test('goes to text and back without a change', () => {
    const all = [placed('lay', '08:00', '08:30'), placed('coat', '08:30', '09:00'), placed('pull', '09:00', '09:10')]
    expect(standingPlan({ ...published, tasks: publishedTasks(all) }, [])).toEqual(all)
  })
})
