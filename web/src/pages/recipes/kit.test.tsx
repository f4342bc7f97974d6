import { renderToStaticMarkup } from 'react-dom/server'
import { compareSchools, jobKit } from '@crisp-hem/core'
import { ternQuaySurvey } from '../../../../demo'
import { KitCurve } from './KitCurve'
import { RiskBar } from './RiskBar'
import { SchoolsTable } from './SchoolsTable'

test('the curve has a bag for every kit, says its cost, and rings the cheapest', () => {
  const { points } = jobKit(ternQuaySurvey())
  const drawn = renderToStaticMarkup(
    <KitCurve points={points} picked={0} best={1} currency="EUR" onPick={() => undefined} />,
  )
  expect(drawn.match(/role="button"/g)).toHaveLength(points.length)
  expect(drawn).toContain(`${points[0]!.kinds.length} kinds, hems cost €`)
  expect(drawn.match(/, cheapest in all/g)).toHaveLength(1)
  expect(drawn).not.toMatch(/NaN/)
})

test('one kit alone is drawn too', () => {
  const [only] = jobKit(ternQuaySurvey()).points
  const drawn = renderToStaticMarkup(
    <KitCurve points={[only!]} picked={0} best={0} currency="EUR" onPick={() => undefined} />,
  )
  expect(drawn).not.toMatch(/NaN|Infinity/)
})

test('a risk bar stays inside its frame, however large the risk', () => {
  for (const mean of [0, 0.001, 0.3, 400]) {
    const drawn = renderToStaticMarkup(
      <RiskBar name="Bleed" estimate={{ mean, low: mean / 2, high: mean * 2 }} limit={0.5} text="x" />,
    )
    const edges = [...drawn.matchAll(/<rect x="([\d.]+)"[^>]*width="([\d.]+)"/g)].map(
      (m) => Number(m[1]) + Number(m[2]),
    )
    expect(Math.max(...edges)).toBeLessThanOrEqual(182.1)
  }
})

test('house ways side by side: one line each, the house’s own in bold, strips no longer than their room', () => {
  const outcomes = compareSchools(ternQuaySurvey())
  const drawn = renderToStaticMarkup(<SchoolsTable outcomes={outcomes} own="wiped-sealant" currency="EUR" />)
  expect(drawn.match(/<tr /g)).toHaveLength(outcomes.length)
  expect(drawn).toMatch(/font-bold"><td[^>]*>wiped sealant/)
  expect(drawn.match(/mending to expect €/g)).toHaveLength(outcomes.length)
  const ends = [...drawn.matchAll(/<rect x="([\d.]+)" width="([\d.]+)"/g)].map((m) => Number(m[1]) + Number(m[2]))
  expect(ends).toHaveLength(outcomes.length)
  expect(Math.max(...ends)).toBeLessThanOrEqual(120.001)
  expect(drawn).not.toMatch(/NaN|undefined|Infinity/)
})
