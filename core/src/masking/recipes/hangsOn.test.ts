import { jobOf, PLAIN_ROOM, WALLS } from '../../../tests/oneHem'
import { planJob } from '../../answers/chain/planJob'
import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { sayText } from '../../edge/words'
import { answerAnew, contextOf, isSameWay } from './anew'
import { figureName, hangsOn, worthMeasuring } from './hangsOn'
import { figuresRead } from '../../base/parameters/figures'

const textured = (texture: 'heavy-spray' | 'light-spray' | 'smooth') =>
  jobOf({
    house: { school: 'least-cost' },
    room: { steps: [WALLS], ceiling: { ...PLAIN_ROOM.ceiling, texture } },
  })
const CEIL = 'r/wall:w1|ceiling'

test('at the figure told the models really answer otherwise, and just before it they do not', () => {
  for (const texture of ['heavy-spray', 'light-spray', 'smooth'] as const) {
    const job = textured(texture)
    const ctx = contextOf(job, CEIL, DEFAULT_PARAMETERS)!
    const now = answerAnew(ctx)!
    for (const each of hangsOn(job, CEIL)) {
      expect(sayText(each.what)).toMatch(/^Holds unless .* is (less|more) than [\d.]+ times what we think; then: /)
      if (each.figure !== 'valley-depth') continue
      const at = (factor: number) => {
        const facts = DEFAULT_PARAMETERS.textures[texture]
        const valleyUm = { ...facts.valleyUm, value: facts.valleyUm.value * factor }
        const by = {
          ...DEFAULT_PARAMETERS,
          textures: { ...DEFAULT_PARAMETERS.textures, [texture]: { ...facts, valleyUm } },
        }
        const then = answerAnew({ ...ctx, parameters: by })
        return then !== null && isSameWay(now, then)
      }
      expect(at(each.factor)).toBe(false)
      expect(at(1 + (each.factor - 1) / 20)).toBe(true)
    }
  }
})

test('every figure that nobody has measured, and that a recipe is judged by, has a name here', () => {
  const nameless = (['heavy-spray', 'smooth'] as const).flatMap((texture) => {
    const ctx = contextOf(textured(texture), CEIL, DEFAULT_PARAMETERS)!
    return figuresRead(DEFAULT_PARAMETERS, (by) => void answerAnew({ ...ctx, parameters: by }))
      .filter((path) => figureName(path) === null)
      .map((path) => path.join('.'))
  })
  expect([...new Set(nameless)]).toEqual([])
})

test('the most delicate figure comes first; a recipe on a light texture hangs on something nobody has measured', () => {
  const list = hangsOn(textured('light-spray'), CEIL)
  expect(list.length).toBeGreaterThan(0)
  const far = list.map((each) => Math.abs(Math.log(each.factor)))
  expect([...far].sort((a, b) => a - b)).toEqual(far)
  expect(hangsOn(textured('light-spray'), 'r/nowhere')).toEqual([])
})

test('over a job, what a trial should measure first: figures from memory, by the metres they decide', () => {
  const job = textured('light-spray')
  const { hems } = planJob(job)
  const wishes = worthMeasuring(job, hems)
  expect(wishes.length).toBeGreaterThan(0)
  for (const wish of wishes) expect(wish.hems).toBeGreaterThan(0)
  const memory = wishes.filter((wish) => wish.mark === 'from-memory').map((wish) => wish.metres)
  expect([...memory].sort((a, b) => b - a)).toEqual(memory)
})
