import { renderToStaticMarkup as html } from 'react-dom/server'
import { planJob, whatWouldChange, type Layer } from '@crisp-hem/core'
import { ternQuaySurvey } from '../../../../demo'
import { LayerSection, layerWords } from '../../app/drawing/LayerSection'
import { differences } from '../site/differences'
import { ChangeList } from './ChangeList'
import { sayText } from '../../app/words'
import { early } from '../../../../core/tests/early'

const job = early(ternQuaySurvey())
const plan = planJob(job)
const safe = plan.recipes.flatMap((answer) => (answer.safe ? [answer] : []))

describe('the layers of a recipe', () => {
  test('every recipe of the demo draws all its layers in order, inside the picture', () => {
    for (const recipe of safe) {
      const drawn = html(<LayerSection layers={recipe.layers} setting={recipe.setting} units="metric" />)
      expect(drawn.match(/<li /g)).toHaveLength(recipe.layers.length)
      expect(drawn).not.toMatch(/NaN|undefined/)
      const places = recipe.layers.map((layer) => drawn.indexOf(`>${layer.name.replace('&', '&amp;')}<`))
      expect([...places].sort((a, b) => a - b)).toEqual(places)
      for (const x of [...drawn.matchAll(/<circle cx="([\d.-]+)" cy="14"/g)]) expect(Number(x[1])).toBeGreaterThan(0)
    }
  })
  test('in words: what, how wide, how it sits, where it is tacked', () => {
    const film: Layer = {
      kind: 'film',
      coverId: null,
      name: 'Skein',
      widthMm: 2600,
      edge: null,
      tackMm: 600,
      seat: 'beside',
    }
    expect(layerWords(film, 'metric')).toBe('Skein 2.6 m (film, a tack every 600 mm)')
    expect(layerWords(film, 'imperial')).toBe("Skein 8' 6 3/8\" (film, a tack every 2')")
    const tape: Layer = {
      kind: 'tape',
      coverId: null,
      name: 'T',
      widthMm: 48,
      edge: 'barrier',
      tackMm: null,
      seat: 'tucked',
    }
    expect(layerWords(tape, 'metric')).toBe('T 48 mm (tape, barrier, half tucked under)')
  })
})

test('what would change a hem is listed in words, or said to be nothing', () => {
  const list = safe.slice(0, 6).flatMap((recipe) => whatWouldChange(job, recipe.hemId))
  expect(list.length).toBeGreaterThan(0)
  const drawn = html(<ChangeList list={list.slice(0, 1)} />)
  expect(drawn).toContain(sayText(list[0]!.what).replace(/'/g, '&#x27;'))
  expect(html(<ChangeList list={[]} />)).toContain('Nothing that is known here makes it cheaper.')
})

test('rules that differ are counted, each rate as one', () => {
  const { house } = job
  expect(differences(house, house)).toBe(0)
  const other = { ...house, stackSeals: true, rates: { ...house.rates, layPerM: 2, peelPerM: 1 } }
  expect(differences(house, other)).toBe(3)
})
