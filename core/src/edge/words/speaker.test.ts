import { jobRecipes } from '../../masking/recipes/jobRecipes'
import { length, listed, PULL_OPINIONS, roughLength, said, type Said, SCHOOLS, word } from '../../base/nouns'
import type { UnitSystem } from '../../base/units/length'
import { parseInstant } from '../../base/units/time'
import { ternQuay, ternQuaySurvey } from '../../../../demo'
import { planJob } from '../../answers/chain/planJob'
import { EN } from './en'
import { ENGLISH, pseudo, sayText, speaker } from './index'
import { early } from '../../../tests/early'

const namesIn = (template: string): string[] => [...template.matchAll(/\{(\w+)[,}]/g)].map((match) => match[1]!)
const GAPS = new Map(Object.entries(EN).map(([code, template]) => [code, namesIn(template)]))
const GAP_NAMES = [...new Set([...GAPS.values()].flat())]

const english = speaker(ENGLISH)
const german = speaker({ ...ENGLISH, locale: 'de' })

test('a length is read off the rule the site has; one nobody measures out goes to the whole inch', () => {
  const texts = (units: UnitSystem) =>
    [
      length(24, units),
      length(1.5, units),
      length(2600, units),
      roughLength(150, units, 200),
      roughLength(1200, units),
    ].map(english.fact)
  expect(texts('metric')).toEqual(['24 mm', '1.5 mm', '2.6 m', '150 to 200 mm', '1.2 m'])
  // 24 mm is 15/16", 1.5 mm is 1/16": 25.4 mm an inch.
  expect(texts('imperial')).toEqual(['15/16"', '1/16"', '8\' 6 3/8"', '6" to 8"', "4'"])
})

test('a figure has two places that matter, never more', () => {
  expect([0, 0.004, 0.04, 0.26, 0.96, 1, 2.54, 9.96, 10.4, 1234.5].map(english.figure)).toEqual([
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
  expect(german.figure(2.54)).toBe('2,5')
})

test('words for times', () => {
  const [now, lisbon] = [parseInstant('2027-05-12T12:46:00Z'), 'Europe/Lisbon']
  expect(english.clock(now, lisbon)).toBe('13:46')
  expect(english.when(now + 20, now, lisbon)).toBe('14:06')
  expect(english.when(now + 1440, now, lisbon)).toBe('Thu 13:46')
  expect(english.when(now + 20 * 1440, now, lisbon)).toBe('Tue 1 Jun 13:46')
  expect([12, 185, 3120].map(english.span)).toEqual(['12 min', '3 h 05', '2 d 4 h'])
  expect(german.when(now + 1440, now, lisbon)).toBe('Do 13:46')
})

test('money, plurals and choices by locale', () => {
  expect(english.money(1240, 'EUR')).toBe('€12.40')
  expect(german.money(1240, 'EUR')).toBe('12,40\u00a0€')
  expect([1, 3].map((count) => english.text('step.coats', { count }))).toEqual(['One coat', '3 coats'])
  expect(english.text('step.press', { press: word('press', 'tool'), twice: word('twice', 'yes'), wait: 20 })).toBe(
    'Press the paint-side edge with a plastic tool, twice; again if it waits 20 min.',
  )
})

test('faces and places in words', () => {
  const wall = { is: 'face', kind: 'wall', name: 'C' } as const
  const place = {
    is: 'place',
    line: 'wall-to-skirting',
    wall,
    zone: null,
    of: null,
    beside: null,
    bandLine: null,
  } as const
  expect(english.fact({ ...place, left: 'door 1', right: 'window 2' })).toBe(
    'wall C, top of skirting between door 1 and window 2',
  )
  expect(english.fact({ ...place, left: '', right: 'window 2' })).toBe('wall C, top of skirting, left of window 2')
  expect(english.fact(listed(['a', 'b', wall]))).toBe('a, b, wall C')
})

test('in a language nobody speaks every message stands between brackets, and its gaps are still filled', () => {
  const nobody = speaker(pseudo(ENGLISH))
  expect(nobody.text('step.coats', { count: 3 })).toMatch(/^⟦.*3.*⟧$/)
  for (const code of Object.keys(EN))
    if (EN[code as keyof typeof EN] !== '') expect(nobody.text(code, FILLED)).toMatch(/^⟦[^]*⟧$/)
})
/** Something for every gap there is. */
const FILLED = new Proxy(
  {},
  {
    ownKeys: () => GAP_NAMES,
    getOwnPropertyDescriptor: () => ({ value: 2, enumerable: true, configurable: true }),
    get: () => 2,
  },
)

test('a saying is filled with its facts', () => {
  expect(sayText(said('why.leftover', { tape: 'Marram 24', metres: '12', spares: '0.4' }))).toBe(
    'Marram 24: 12 m lie on the van and are used up here; safe, and 0.4 of tape less to buy.',
  )
})

test('a sentence begins with a capital whatever fills its first gap; a part of one does not', () => {
  const seal = sayText(said('why.seal_closes', { seal: word('seal', 'wiped-sealant'), closes: '1.5' }))
  expect(seal).toBe('Wiped sealant closes gaps up to 1.5 mm.')
  expect(sayText(said('other.more', { part: 'laying', cost: '€1.00' }))).toBe('laying: €1.00 more')
})

/** Listens to every saying anywhere in some plain data; each object once, however often it is shared. */
function listen(value: unknown, hear: (saying: Said) => void, met = new Set<unknown>()): void {
  if (value === null || typeof value !== 'object' || met.has(value)) return
  met.add(value)
  const { code, facts } = value as Partial<Said>
  if (typeof code === 'string' && GAPS.has(code) && typeof facts === 'object') hear(value as Said)
  for (const part of Object.values(value)) listen(part, hear, met)
}

test('whatever a plan says has a fact for every gap of its sentence', () => {
  const base = early(ternQuaySurvey())
  const heard = new Set<string>()
  const missing = new Set<string>()
  const hear = ({ code, facts }: Said): void => {
    heard.add(code)
    for (const name of GAPS.get(code)!) if (facts[name] === undefined) missing.add(`${code} ${name}`)
  }
  const houses = [
    ...SCHOOLS.map((school) => ({ ...base.house, school, provenHand: true, stackSeals: true })),
    ...PULL_OPINIONS.map((pull) => ({ ...base.house, pull, rollOverEdge: false, runs: 'short-pieces' as const })),
  ]
  listen(planJob(ternQuay(), 30168886), hear)
  for (const house of houses) listen(jobRecipes({ ...base, house }), hear)
  expect([...missing]).toEqual([])
  expect(heard.size).toBeGreaterThan(70)
})

test('every sentence is whole: it ends as one, or is a part that others take in', () => {
  const parts =
    /^(error|at|expected|out|other|cover|round|plan|word|face|place|length|time|list|task|change|tape|ready|step\.coats)/
  for (const [code, text] of Object.entries(EN))
    if (!parts.test(code)) expect([code, /[.!?:]$|\{\w+\}$/.test(text)]).toEqual([code, true])
})
