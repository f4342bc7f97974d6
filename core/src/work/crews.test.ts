import { DEFAULT_PARAMETERS } from '../parameters/parameters'
import type { Crew } from '../ground'
import fc from 'fast-check'
import { newRoom, OUTLINE_TEMPLATES } from '../survey/roomTemplate'
import { assignCrews } from './assignCrews'
import { longestWet, type HemMinutes } from './wetTimes'

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

describe('how long the worst hem stays wet', () => {
  // By hand, two hems: seal 2 + 3, coat 5 + 4, pull 1 + 1. The first bead lies from 0 and is off at 2+3+5+4+1 = 15; the
  // second from 2 to 16 = 14. The first's colour is on at 5 + 5 = 10 and off at 15; the second's at 14, off at 16.
  test('by hand', () => {
    const hems: HemMinutes[] = [
      { seal: 2, coat: 5, pull: 1, wetSeal: true, wetPull: true },
      { seal: 3, coat: 4, pull: 1, wetSeal: true, wetPull: true },
    ]
    expect(longestWet(hems)).toEqual({ bead: 15, paint: 5 })
    expect(longestWet(hems.map((hem) => ({ ...hem, wetSeal: false }))).bead).toBe(0)
  })
  test('equals playing the round through minute by minute', () => {
    const hem = fc.record({
      seal: fc.integer({ min: 0, max: 9 }),
      coat: fc.integer({ min: 1, max: 20 }),
      pull: fc.integer({ min: 1, max: 9 }),
      wetSeal: fc.boolean(),
      wetPull: fc.constant(true),
    })
    fc.assert(
      fc.property(fc.array(hem, { minLength: 1, maxLength: 9 }), (hems) => {
        let clock = 0
        const sealFrom: number[] = []
        const coatTo: number[] = []
        const off: number[] = []
        for (const each of hems) {
          sealFrom.push(clock)
          clock += each.seal
        }
        for (const each of hems) {
          clock += each.coat
          coatTo.push(clock)
        }
        for (const each of hems) {
          clock += each.pull
          off.push(clock)
        }
        const beads = hems.map((each, i) => (each.wetSeal ? off[i]! - sealFrom[i]! : 0))
        expect(longestWet(hems)).toEqual({
          bead: Math.max(0, ...beads),
          paint: Math.max(...hems.map((_, i) => off[i]! - coatTo[i]!)),
        })
      }),
    )
  })
})
