import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import type { Crew } from '../../base/nouns'
import { newRoom, OUTLINE_TEMPLATES } from '../../survey/rooms/roomTemplate'
import { assignCrews } from './assignCrews'

const crew = (id: string, practised: number): Crew => ({
  id,
  name: id,
  people: Array.from({ length: practised }, (_, i) => ({ name: `${id}${i}`, skill: 'practised' as const })),
  shifts: [],
})
const room = (id: string, crewId: string | null = null) => ({ ...newRoom(id, id, OUTLINE_TEMPLATES.rectangle), crewId })

describe('rooms to crews', () => {
  // By hand: 90, 60, 50, 40 minutes. One pair and one alone: 90 to the pair (45), 60 to the single (60), 50 to the
  // pair (70), 40 to the pair (90) as the single would be at 100.
  test('longest first, each to the crew that is free soonest', () => {
    const rooms = ['a', 'b', 'c', 'd'].map((id) => room(id))
    const work = new Map([
      ['a', 90],
      ['b', 60],
      ['c', 50],
      ['d', 40],
    ])
    const given = assignCrews(rooms, [crew('pair', 2), crew('one', 1)], work, DEFAULT_PARAMETERS)
    expect(Object.fromEntries(given)).toEqual({ a: 'pair', b: 'one', c: 'pair', d: 'pair' })
  })
  test('a room that names its crew keeps it; crews without people get nothing; without crews nobody does', () => {
    const work = new Map([['a', 10]])
    expect(assignCrews([room('a', 'one')], [crew('pair', 2), crew('one', 1)], work, DEFAULT_PARAMETERS).get('a')).toBe(
      'one',
    )
    expect(
      assignCrews([room('a', 'empty')], [crew('empty', 0), crew('one', 1)], work, DEFAULT_PARAMETERS).get('a'),
    ).toBe('one')
    expect(assignCrews([room('a')], [crew('empty', 0)], work, DEFAULT_PARAMETERS).size).toBe(0)
  })
})
