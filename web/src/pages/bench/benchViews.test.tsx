import {
  benchOfHem,
  judgeBench,
  known,
  overKeepAge,
  overPullTime,
  parseInstant,
  revealEdge,
  STARTER_SHELF as SHELF,
  TEXTURES,
  type BenchSetup,
} from '@crisp-hem/core'
import { renderToStaticMarkup } from 'react-dom/server'
import { ConstantRows } from '../../app/ui/ConstantRows'
import { ternQuay, TERN_QUAY_NOW } from '../../../../demo'
import { drawnAt, MISSING, openOnDesk, setDesk } from '../../testing/desk'
import type { BenchView } from './bench.worker'

beforeAll(setDesk)
const view = (setup: BenchSetup): BenchView => ({
  setup,
  answer: judgeBench(setup, SHELF),
  reveal: revealEdge(setup, SHELF),
  overPull: overPullTime(setup, SHELF),
  overAge: overKeepAge(setup, SHELF),
})

test('every hem of the demo opens on the Bench: controls, result and what it rests on', async () => {
  const job = ternQuay()
  const plan = await openOnDesk(job, parseInstant(TERN_QUAY_NOW))
  const { BenchControls } = await import('./BenchControls')
  const { BenchResult } = await import('./BenchResult')
  const { RestsOn } = await import('./RestsOn')
  // One of each setting is enough: the others differ in length only.
  const seen = new Set<string>()
  for (const hem of plan.hems) {
    const answer = plan.recipes.find((recipe) => recipe.hemId === hem.id)!
    const kind = answer.safe ? `${answer.setting} ${answer.way}` : 'unsafe'
    if (seen.has(kind)) continue
    seen.add(kind)
    const setup = benchOfHem(job, plan, hem)
    const html = await drawnAt(
      '/',
      <>
        <BenchControls setup={setup} onChange={() => undefined} />
        <BenchResult name="A" view={view(setup)} />
        <RestsOn setup={setup} />
      </>,
    )
    expect([hem.id, MISSING.exec(html)?.[0] ?? '']).toEqual([hem.id, ''])
    expect(html).toContain('300 mm of edge')
  }
  expect(seen.size).toBeGreaterThan(7)
})

test('extremes are drawn too: every texture, freezing and saturated, in storm and sun', async () => {
  const job = ternQuay()
  const plan = await openOnDesk(job, parseInstant(TERN_QUAY_NOW))
  const { BenchResult } = await import('./BenchResult')
  const base = benchOfHem(job, plan, plan.hems[0]!)
  const sun = { latDeg: 41, lonDeg: -8, facingDeg: 180, cloud: 0 }
  const ends: Partial<BenchSetup>[] = [
    ...TEXTURES.map((texture) => ({ texture })),
    { tempC: 2, rh: 98 },
    { tempC: 38, rh: 20, windMs: 6, sun },
    { ageDays: null },
    { ageDays: 0 },
    { pullAfterMin: 0, laidBeforeMin: 0 },
    { pullAfterMin: 2880, laidBeforeMin: 20160, scored: true, speed: 'fast', foldDeg: 120 },
  ]
  for (const change of ends) {
    const html = await drawnAt('/', <BenchResult name={null} view={view({ ...base, ...change })} />)
    expect([change, MISSING.exec(html)?.[0] ?? '']).toEqual([change, ''])
  }
})

test('a figure from own records shows how far it may be off; one nobody has measured does not', () => {
  const lift = { ...known(2, 'N/25 mm', 'own-log', 'Own pulls'), spread: 0.1 }
  const rows = renderToStaticMarkup(
    <table>
      <ConstantRows list={[{ name: 'grip', value: lift }]} />
    </table>,
  )
  // e^(1.645 × 0.1) is 1.179.
  expect(rows).toContain('± 18 %')
  const { spread: _, ...plain } = lift
  expect(renderToStaticMarkup(<ConstantRows list={[{ name: 'grip', value: plain }]} />)).not.toContain('±')
})
