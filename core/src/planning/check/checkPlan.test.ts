import { wetRule } from '../../../tests/pullRule'
import { act, problem as anyProblem } from '../../../tests/smallProblem'
import fc from 'fast-check'
import { instantOfGain } from '../../nature/cure/rateClock'
import { clocksOfTables } from '../plan/tableClocks'
import type { PlacedTask } from '../plan/placement'
import type { ProblemActivity, PullRule, ScheduleProblem } from '../problem/problem'
import { checkPlan } from './checkPlan'
import { reach } from './reach'

/** One crew from 480 to 960 with a meal at 720 to 750, one gun, and a clock at label speed. */
const SHIFTS = [
  [480, 720],
  [750, 960],
] as const
const problem = (activities: readonly ProblemActivity[], more: Partial<ScheduleProblem> = {}): ScheduleProblem =>
  anyProblem(activities, {
    from: 480,
    crews: [{ id: 'a', shifts: SHIFTS }],
    resources: [{ id: 'gun', capacity: 1, carryMin: 0 }],
    clocks: [
      { id: 'drying', startMin: 0, rates: [1] },
      { id: 'damp', startMin: 0, rates: [1, 0] },
      { id: 'stay', startMin: 0, rates: [1] },
    ],
    ...more,
  })
const at = (taskId: string, from: number, to: number, more: Partial<PlacedTask> = {}): PlacedTask => ({
  taskId,
  crewId: 'a',
  from,
  to,
  pieces: [{ from, to }],
  done: false,
  ...more,
})
const found = (of: ScheduleProblem, placed: readonly PlacedTask[]) =>
  checkPlan(of, { placed }).map(({ kind, activityId, minutes }) => [kind, activityId, minutes])

describe('places, by hand', () => {
  const one = problem([act('one', 60)])
  test('a plan that can be obeyed misses nothing', () => expect(found(one, [at('one', 480, 540)])).toEqual([]))
  test('over the meal', () => expect(found(one, [at('one', 700, 760)])).toEqual([['outside-shift', 'one', null]]))
  test('too short', () => expect(found(one, [at('one', 480, 530)])).toEqual([['wrong-length', 'one', -10]]))
  test('before its release', () =>
    expect(found(problem([act('one', 60, { release: 600 })]), [at('one', 480, 540)])).toEqual([
      ['before-its-time', 'one', 120],
    ]))
  test('broken up by a meal though it may not be', () => {
    const pieces = [
      { from: 690, to: 720 },
      { from: 750, to: 780 },
    ]
    expect(found(one, [at('one', 690, 780, { pieces })])).toEqual([['broken-up', 'one', null]])
    expect(found(problem([act('one', 60, { divisible: true })]), [at('one', 690, 780, { pieces })])).toEqual([])
  })
  test('one crew in two places', () => {
    const two = problem([act('one', 60), act('two', 60)])
    expect(found(two, [at('one', 480, 540), at('two', 530, 590)])).toEqual([['crew-twice', 'two', null]])
    expect(found(two, [at('one', 480, 540), at('two', 540, 600)])).toEqual([])
  })
  test('one gun for two crews', () => {
    const both = problem(
      [act('one', 60, { uses: ['gun'] }), act('two', 60, { uses: ['gun'], modes: [{ crewId: 'b', minutes: 60 }] })],
      {
        crews: ['a', 'b'].map((id) => ({ id, shifts: SHIFTS })),
      },
    )
    const placed = [at('one', 480, 540), at('two', 500, 560, { crewId: 'b' })]
    expect(found(both, placed)).toEqual([['resource-twice', 'two', null]])
    expect(found({ ...both, resources: [{ id: 'gun', capacity: 2, carryMin: 0 }] }, placed)).toEqual([])
  })
  test('one tower for two fronts is taken down, carried and put up; two stand where they are', () => {
    const both = (count: number) =>
      problem(
        [act('one', 60, { uses: ['tower'], roomId: 'north' }), act('two', 60, { uses: ['tower'], roomId: 'south' })],
        { resources: [{ id: 'tower', capacity: count, carryMin: 30 }] },
      )
    const soon = [at('one', 480, 540), at('two', 550, 610)]
    expect(found(both(1), soon)).toEqual([['not-brought-yet', 'two', 20]])
    expect(found(both(1), [at('one', 480, 540), at('two', 570, 630)])).toEqual([])
    expect(found(both(2), soon)).toEqual([])
  })
  test('from one address to the other a crew is on its way', () => {
    const far = problem([act('one', 60, { roomId: 'here' }), act('two', 60, { roomId: 'there' })], {
      places: [
        { id: 'site', roomIds: ['here'], minutes: [0, 25] },
        { id: 'other', roomIds: ['there'], minutes: [25, 0] },
      ],
    })
    expect(found(far, [at('one', 480, 540), at('two', 540, 600)])).toEqual([['on-the-way', 'two', 25]])
    expect(found(far, [at('one', 480, 540), at('two', 565, 625)])).toEqual([])
  })
  test('work nobody knows, or that stands twice', () => {
    expect(found(one, [at('one', 480, 540), at('other', 600, 660)])).toEqual([['lost', 'other', null]])
  })
})

describe('lags, by hand', () => {
  const two = (min: ScheduleProblem['lags'][number]['min'], max: ScheduleProblem['lags'][number]['max'] = null) =>
    problem([act('one', 60), act('two', 30)], { lags: [{ from: 'one', to: 'two', min, max }] })
  test('drying not waited for', () => {
    const of = two({ clock: 'drying', amount: 90 })
    // Ended at 540, dry at 630; begun at 600.
    expect(found(of, [at('one', 480, 540), at('two', 600, 630)])).toEqual([['lag-too-short', 'two', 30]])
    expect(found(of, [at('one', 480, 540), at('two', 630, 660)])).toEqual([])
  })
  test('a tie that has come apart', () => {
    const of = two({ clock: null, amount: 0 }, { clock: null, amount: 0 })
    expect(found(of, [at('one', 480, 540), at('two', 545, 575)])).toEqual([['lag-too-long', 'two', 5]])
  })
})

const RULE = wetRule({ openMin: 45, hardDryMin: 240 })

// Coated 480 to 500: runs no more from 500, skins at 480 + 45 = 525, is hard at 500 + 240 = 740.
describe('pulls, by hand', () => {
  const shifts = [[480, 2000]] as const
  const of = (rule: Partial<PullRule>) =>
    problem([act('coat', 20), act('pull', 10)], { pulls: [{ ...RULE, ...rule }], crews: [{ id: 'a', shifts }] })
  const pulled = (from: number, rule: Partial<PullRule> = {}) =>
    found(of(rule), [at('coat', 480, 500), at('pull', from, from + 10)])
  test('wet in its wet span', () => expect(pulled(500)).toEqual([]))
  test('wet, and its last minutes too late', () => expect(pulled(520)).toEqual([['wet-overrun', 'pull', 5]]))
  test('in the tacky hours', () => expect(pulled(600)).toEqual([['pull-tacky', 'pull', 75]]))
  test('meant wet, and dry by then', () => expect(pulled(760)).toEqual([['wet-missed', 'pull', 235]]))
  test('a bead wiped at 470 that skins after 30 shuts it at 500: no wet span', () => {
    const bead = { sealId: 'bead', sealedAt: 470, skinMin: 30 }
    expect(pulled(500, { bead })).toEqual([['no-wet-span', 'pull', 10]])
  })
  test('dry, before it is hard, and once it is', () => {
    expect(pulled(700, { manner: 'dry' })).toEqual([['pull-too-soon', 'pull', 40]])
    expect(pulled(740, { manner: 'dry' })).toEqual([])
  })
  test('tape laid at 300 that may stay 400 had to be off by 700', () => {
    const stays = [{ layId: 'lay', laidAt: 300, clock: 'stay', amount: 400 }]
    expect(pulled(740, { manner: 'dry', stays })).toEqual([['past-stay', 'pull', 50]])
  })
  test('a mask is cut so long after the coat', () => {
    expect(pulled(600, { manner: 'peel', cutAfterMin: 120 })).toEqual([['pull-too-soon', 'pull', 20]])
    expect(pulled(620, { manner: 'peel', cutAfterMin: 120 })).toEqual([])
  })
  test('a coat that was ticked late moves its span after the plan was made', () => {
    // Planned for 500; the log says the coat ended at 560, so the edge runs until then.
    expect(pulled(500, { coated: { from: 540, to: 560 } })).toEqual([['pull-too-soon', 'pull', 60]])
  })
})

describe('what has no place, by hand', () => {
  test('no stretch holds it', () => expect(found(problem([act('one', 300)]), [])).toEqual([['no-stretch', 'one', 300]]))
  test('nor it and what must follow at once', () => {
    const lags = [{ from: 'one', to: 'two', min: { clock: null, amount: 0 }, max: { clock: null, amount: 0 } }]
    const of = problem([act('one', 200), act('two', 60)], { lags })
    expect(found(of, [])).toEqual([
      ['no-stretch', 'one', 260],
      ['no-stretch', 'two', 260],
    ])
  })
  test('what it waits for never dries', () => {
    const lags = [{ from: 'one', to: 'two', min: { clock: 'damp', amount: 90 }, max: null }]
    const of = problem([act('one', 60), act('two', 60)], { lags })
    // The damp clock gains its last minute in hour 0 and stands still for good.
    expect(found(of, [at('one', 480, 540)])).toEqual([['never-ready', 'two', null]])
  })
  test('nobody is on shift, or there is no crew', () => {
    expect(found(problem([act('one', 60)], { crews: [] }), [])).toEqual([['no-crew', 'one', null]])
    expect(found(problem([act('one', 60)], { crews: [{ id: 'a', shifts: [] }] }), [])).toEqual([
      ['no-crew', 'one', null],
    ])
  })
  test('the time laid out has run out; what waits for it says so', () => {
    const lags = [{ from: 'one', to: 'two', min: { clock: null, amount: 0 }, max: null }]
    expect(found(problem([act('one', 60), act('two', 60)], { lags }), [])).toEqual([
      ['past-horizon', 'one', null],
      ['waits-for-unplaced', 'two', null],
    ])
  })
})

test('a room that is late, by hand', () => {
  const goals = [{ goal: 'hand-back', roomId: 'r', activityIds: ['one'], by: 500 }] as const
  expect(found(problem([act('one', 60)], { goals }), [at('one', 480, 540)])).toEqual([['late-hand-back', 'one', 40]])
})

test('its own way through a clock’s hours comes to the same instant as the plan’s', () => {
  const rates = fc.array(fc.double({ min: 0, max: 5, noNaN: true }), { minLength: 1, maxLength: 30 })
  fc.assert(
    fc.property(
      rates,
      fc.integer({ min: -500, max: 3000 }),
      fc.integer({ min: 0, max: 5000 }),
      (list, from, amount) => {
        const table = { id: 'c', startMin: 17, rates: [...list, 1] }
        const plan = instantOfGain(clocksOfTables([table]).get('c')!, from, amount)
        expect(reach(table, from, amount)).toBeCloseTo(plan ?? Number.NaN, 5)
      },
    ),
  )
})
