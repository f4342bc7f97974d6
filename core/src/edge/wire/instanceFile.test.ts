import { CoreError } from '../../base/nouns'
import { faultText } from '../words'
import type { Fault } from '../../base/units/faults'
import { readInstance } from './instanceFile'

const GOOD = {
  name: 'two rooms',
  resources: [
    { id: 'crew', capacity: 2, shifts: [[0, 480]] },
    { id: 'gun', capacity: 1 },
  ],
  tasks: [
    { id: 'lay', duration: 30, uses: { crew: 1 }, release: 0, deadline: 2000 },
    { id: 'dry', duration: 60 },
  ],
  lags: [{ from: 'lay', to: 'dry', min: -5, max: 240 }],
}

/** What is wrong with an instance, in words; null where nothing is. */
function wrong(change: (data: typeof GOOD) => unknown): string | null {
  const data = structuredClone(GOOD)
  const changed = change(data) ?? data
  try {
    readInstance(JSON.stringify(changed))
    return null
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    return faultText(error.facts as unknown as Fault)
  }
}

test('an instance is read as it is written; what may be left out stays out', () => {
  expect(readInstance(JSON.stringify(GOOD))).toEqual({
    ...GOOD,
    tasks: [GOOD.tasks[0], { id: 'dry', duration: 60, uses: {} }],
  })
  expect(readInstance('{"tasks":[]}')).toEqual({ resources: [], tasks: [], lags: [] })
})

test('a wrong one is refused with the place and what was expected', () => {
  expect(wrong(() => undefined)).toBeNull()
  expect(wrong((data) => Object.assign(data.tasks[0]!, { duration: 1.5 }) && data)).toBe(
    'tasks[0].duration: expected a whole number',
  )
  expect(wrong((data) => Object.assign(data.tasks[1]!, { id: 'lay' }) && data)).toMatch(
    /^tasks\[1\]\.id: expected an id/,
  )
  expect(wrong((data) => Object.assign(data.tasks[0]!, { uses: { van: 1 } }) && data)).toBe(
    'tasks[0].uses.van: expected a resource of this file, not “van”',
  )
  expect(wrong((data) => Object.assign(data.tasks[0]!, { uses: { crew: 0.5 } }) && data)).toMatch(
    /uses\.crew: expected/,
  )
  expect(wrong((data) => Object.assign(data.lags[0]!, { to: 'roll' }) && data)).toBe(
    'lags[0].to: expected a task of this file, not “roll”',
  )
  expect(wrong((data) => Object.assign(data.tasks[0]!, { relase: 3 }) && data)).toMatch(/relase/)
  expect(wrong((data) => Object.assign(data.resources[0]!, { shifts: [[480, 0]] }) && data)).toMatch(
    /^resources\[0\]\.shifts\[0\]\[1\]/,
  )
  expect(wrong(() => [])).toMatch(/^instance: expected/)
  expect(() => readInstance('{"tasks":')).toThrow('jobfile.not_json')
})

test('choices and ways are read, and refused by their place', () => {
  const choosy = {
    ...GOOD,
    resources: [{ id: 'crew', capacity: 1, travels: true }],
    tasks: [
      { id: 'lay', duration: 30, uses: { crew: 1 }, place: 'north' },
      { id: 'dry', duration: 60, uses: {} },
      { id: 'spray', duration: 5, uses: { crew: 1 }, place: 'south' },
    ],
    choices: [{ id: 'c', ways: [['lay'], ['dry', 'spray']] }],
    ways: [{ between: ['north', 'south'], minutes: 20 }],
  }
  expect(readInstance(JSON.stringify(choosy))).toEqual(choosy)
  expect(wrong(() => ({ ...choosy, choices: [{ id: 'c', ways: [['lay'], ['roll']] }] }))).toBe(
    'choices[0].ways[1][0]: expected a task of this file, not “roll”',
  )
  expect(wrong(() => ({ ...choosy, choices: [{ id: 'c', ways: [['lay'], ['lay']] }] }))).toMatch(/ways\[1\]\[0\]/)
  expect(wrong(() => ({ ...choosy, resources: [{ id: 'crew', capacity: 2, travels: true }] }))).toBe(
    'resources[0].capacity: expected 1 or less',
  )
  const far = [...choosy.ways, { between: ['south', 'west'], minutes: 5 }, { between: ['north', 'west'], minutes: 30 }]
  expect(wrong(() => ({ ...choosy, ways: far }))).toBe('ways[2].minutes: expected 25 or less')
})
