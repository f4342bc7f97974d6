import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import type { Face, HouseRules, Job } from '../../base/nouns'
import { ternQuaySurvey } from '../../../../demo'
import { planJob } from '../../answers/chain/planJob'
import { formatInstant, parseInstant } from '../../base/units/time'
import { sayText } from '../../edge/words'
import type { Recipe } from './recipe'
import { whatWouldChange } from './whatWouldChange'

const HEM = 'practice2/wall:w1|ceiling'

/** Practice room 2 alone, its ceiling and house rules those of a case. */
function job(ceiling: Partial<Face>, house: Partial<HouseRules> = {}): Job {
  const base = ternQuaySurvey()
  const [room] = base.rooms
  return {
    ...base,
    air: { tempC: 23, rh: 50, windows: 'shut', outside: null },
    house: { ...base.house, ...house },
    rooms: [{ ...room!, ceiling: { ...room!.ceiling, ...ceiling } }],
  }
}
const recipe = (of: Job): Recipe => {
  const answer = planJob(of).recipes.find((each) => each.hemId === HEM)!
  if (!answer.safe) throw new Error('nothing safe')
  return answer
}
const codes = (of: Job) => whatWouldChange(of, HEM).map((change) => change.what.code)

/** A smooth ceiling rolled the evening before: a gentle, dearer tape goes on first. */
const fresh: Partial<Face> = {
  texture: 'smooth',
  last: { at: '2027-05-10T18:00:00Z', tool: 'roller', coatingId: 'lime-ceiling', coats: 1, tempC: null, rh: null },
}

test('the first hour a cheaper tape becomes safe is the hour from which the plan takes it', () => {
  // Crews that work round the clock and no night of rest, so that laying may begin at any hour.
  const base = job(fresh, { restHours: 0, kindMinor: 0 })
  const shifts = [{ days: [0, 1, 2, 3, 4, 5, 6], from: '00:00', to: '23:59', breaks: [] }]
  const from = (hours: number): Job => ({
    ...base,
    start: formatInstant(parseInstant(base.start) + 60 * hours),
    crews: base.crews.map((crew) => ({ ...crew, shifts })),
  })
  const wait = whatWouldChange(from(0), HEM).find((change) => change.what.code === 'change.wait')!
  expect(wait.savingMinor).toBeGreaterThan(0)
  const then = STARTER_SHELF.tapes.find(({ name }) => sayText(wait.what).includes(name))!
  const { at } = wait.what.facts.when as { readonly at: number }
  const hours = (at - parseInstant(base.start)) / 60
  const since = (hour: number) => recipe(from(hour)).tapeId
  expect([since(hours), since(hours - 1) === then.id]).toEqual([then.id, false])
})

test('a dusty face, a free hand, one rule more: each is judged anew and named with what it spares', () => {
  const dusty = job({ texture: 'stipple', dusty: true }, { school: 'barrier-edge', maxBleedMm: 1.2 })
  expect(codes(dusty)).toContain('change.clean')
  for (const change of whatWouldChange(dusty, HEM)) expect(sayText(change.what)).not.toMatch(/\{\w+\}/)
  const sealed = job({ texture: 'smooth' }, { sealAlways: true, school: 'least-cost' })
  expect(codes(sealed)).toContain('change.where_needed')
})

test('savings are those of the plan once the rule is changed', () => {
  const of = job({ texture: 'smooth' }, { sealAlways: true, school: 'least-cost', kindMinor: 0, tinMinor: 0 })
  const said = whatWouldChange(of, HEM).find((change) => change.what.code === 'change.where_needed')!
  const changed = recipe({ ...of, house: { ...of.house, sealAlways: false } })
  expect(Math.abs(recipe(of).cost.total - changed.cost.total - said.savingMinor)).toBeLessThanOrEqual(2)
})

test('where nothing is safe, what makes something safe is told; unknown hems have nothing', () => {
  const chalk = job({ soundness: 'chalky' })
  const list = whatWouldChange(chalk, HEM)
  expect(list.map((change) => change.what.code)).toContain('change.hand')
  expect(list.every((change) => change.savingMinor === 0)).toBe(true)
  expect(whatWouldChange(chalk, 'practice2/nowhere')).toEqual([])
})
