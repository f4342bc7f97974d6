import { runsOf } from '../../../tests/runsOf'
import { madeInstance, type Family } from '../../../tests/madeInstances'
import { seededNumbers } from '../../base/units/seeded'
import { Anneal } from './anneal'
import { improve } from './improve'
import { modelOf, startsById } from './instance'
import { makespanOf, type Schedule } from './model'
import { validate } from './validate'

const DAY = 1440

describe('bringing everything home by an instant', () => {
  it('tells only schedules that keep all, and says so when all is home', () => {
    const instance = madeInstance('tight-shifts', 60, 2)
    const model = modelOf(instance)
    const { bound } = improve(model, { random: seededNumbers(1), isOver: () => false, rounds: 1 })
    const end = (bound ?? 0) + 240
    const told: Schedule[] = []
    const isHome = Anneal.towards(model, end, seededNumbers(1))?.run(
      6000,
      () => false,
      (schedule) => told.push(schedule),
    )
    for (const schedule of told) expect(validate(instance, startsById(instance, schedule))).toEqual([])
    expect(isHome).toBe(told.some((schedule) => makespanOf(model, schedule) <= end))
  })

  it('sets out for nothing that lags and shifts alone forbid', () => {
    const model = modelOf(madeInstance('overnight', 20, 1))
    expect(Anneal.towards(model, 481, seededNumbers(1))).toBeNull()
  })

  // Found by measuring: a day above their bound after ten seconds, where a minute brought them home.
  it.each<[Family, number]>([['mixed', 2]])(
    'tasks that fill every shift, %s %i: no day more than the bound says',
    (family, seed) => {
      const instance = madeInstance(family, runsOf(150, 80), seed)
      let isClose = false
      const answer = improve(modelOf(instance), {
        random: seededNumbers(1),
        rounds: 12,
        isOver: () => isClose,
        onProgress: (best, bound) => (isClose ||= best !== null && best <= 1.01 * bound),
      })
      expect(isClose).toBe(true)
      expect((answer.makespan ?? 0) - (answer.bound ?? 0)).toBeLessThan(DAY / 2)
      expect(validate(instance, startsById(instance, answer.schedule ?? new Int32Array()))).toEqual([])
    },
  )
})
