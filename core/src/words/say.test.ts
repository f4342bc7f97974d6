import { PULL_OPINIONS, said, type Said, SCHOOLS } from '../ground'
import { ternQuay, ternQuaySurvey } from '../../../demo'
import { planJob } from '../plan'
import { EN } from './en'
import { figure } from '../units/figure'
import { sayText } from './say'

test('a figure has two places that matter, never more', () => {
  expect([0, 0.004, 0.04, 0.26, 0.96, 1, 2.54, 9.96, 10.4, 1234.5].map(figure)).toEqual([
    '0',
    '<0.01',
    '0.04',
    '0.3',
    '1',
    '1',
    '2.5',
    '10',
    '10',
    '1235',
  ])
})

test('a saying is filled with its facts', () => {
  expect(sayText(said('why.leftover', { tape: 'Marram 24', metres: '12', spares: '0.4' }))).toBe(
    'Marram 24: 12 m lie on the van and are used up here; safe, and 0.4 of tape less to buy.',
  )
})

test('a sentence begins with a capital whatever fills its first gap; a part of one does not', () => {
  const seal = sayText(said('why.seal_closes', { seal: 'wiped sealant', closes: '1.5' }))
  expect(seal).toBe('Wiped sealant closes gaps up to 1.5 mm.')
  expect(sayText(said('other.more', { part: 'laying', cost: '€1.00' }))).toBe('laying: €1.00 more')
})

const namesIn = (template: string): string[] => [...template.matchAll(/\{(\w+)\}/g)].map((match) => match[1]!)
const GAPS = new Map(Object.entries(EN).map(([code, template]) => [code, namesIn(template)]))

/** Listens to every saying anywhere in some plain data; each object once, however often it is shared. */
function listen(value: unknown, hear: (saying: Said) => void, met = new Set<unknown>()): void {
  if (value === null || typeof value !== 'object' || met.has(value)) return
  met.add(value)
  const { code, facts } = value as Partial<Said>
  if (typeof code === 'string' && GAPS.has(code) && typeof facts === 'object') hear(value as Said)
  for (const part of Object.values(value)) listen(part, hear, met)
}

test('whatever a plan says has a fact for every gap of its sentence', () => {
  const base = ternQuaySurvey()
  const heard = new Set<string>()
  const missing = new Set<string>()
  const hear = ({ code, facts }: Said): void => {
    heard.add(code)
    for (const name of GAPS.get(code)!) if (facts[name] === undefined) missing.add(`${code} ${name}`)
  }
  const houses = [
    ...SCHOOLS.map((school) => ({ ...base.house, school, provenHand: true, stackSeals: true })),
    ...PULL_OPINIONS.map((pull) => ({ ...base.house, pull, rollOverEdge: false, runs: 'short pieces' as const })),
  ]
  listen(planJob(ternQuay(), 30168886), hear)
  for (const house of houses) listen(planJob({ ...base, house }).recipes, hear)
  expect([...missing]).toEqual([])
  expect(heard.size).toBeGreaterThan(70)
})

test('every sentence is whole: it ends as one, or is a part that others take in', () => {
  const parts = /^(out|other|cover|round|plan)\./
  for (const [code, text] of Object.entries(EN))
    if (!parts.test(code)) expect([code, /[.!?:]$|\{\w+\}$/.test(text)]).toEqual([code, true])
})
