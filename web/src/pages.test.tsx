import type { ComponentType } from 'react'
import { parseInstant, type Job } from '@crisp-hem/core'
import { gullRow, ternQuay, TERN_QUAY_NOW } from '../../demo'
import { drawnAt, MISSING, openOnDesk, openUnplanned, setDesk } from './testing/desk'

/**
 * Every page drawn from a job as it stands, without a browser: what a page says must be there, and no figure may be
 * missing. How pages behave when they are used is told by the browser's tests.
 */
const PAGES = {
  walk: () => import('./pages/walk/WalkPage').then((m) => m.WalkPage),
  scope: () => import('./pages/scope/ScopePage').then((m) => m.ScopePage),
  recipes: () => import('./pages/recipes/RecipesPage').then((m) => m.RecipesPage),
  load: () => import('./pages/load/LoadPage').then((m) => m.LoadPage),
  rounds: () => import('./pages/rounds/RoundsPage').then((m) => m.RoundsPage),
  pulls: () => import('./pages/pulls/PullsPage').then((m) => m.PullsPage),
  shelf: () => import('./pages/shelf/ShelfPage').then((m) => m.ShelfPage),
  site: () => import('./pages/site/SitePage').then((m) => m.SitePage),
} satisfies Record<string, () => Promise<ComponentType>>
type PageName = keyof typeof PAGES
const NAMES = Object.keys(PAGES) as PageName[]

async function drawn(job: Job, at: number, name: PageName, query = ''): Promise<string> {
  await openOnDesk(job, at)
  const Page = await PAGES[name]()
  return drawnAt(`/jobs/${job.id}/${name}${query}`, <Page />)
}

beforeAll(setDesk)
const metric = ternQuay()
const now = parseInstant(TERN_QUAY_NOW)
const imperial = gullRow()

describe.each(NAMES)('%s', (name) => {
  test('the demo in metres, under way: no figure is missing', async () => {
    const html = await drawn(metric, now, name)
    expect(html).toContain('<h1')
    expect(html).not.toMatch(MISSING)
  })
  test('a small job in feet and inches, before it has begun', async () => {
    const html = await drawn(imperial, parseInstant(imperial.start), name)
    expect(html).toContain('<h1')
    expect(html).not.toMatch(MISSING)
  })
  test('while its plan is worked out nothing is said to be missing that is only not there yet', async () => {
    const { W } = await import('./app/words')
    const store = await openUnplanned({ ...metric, id: `unplanned-${name}` }, now)
    expect(store.getState().plan.plan).toBeNull()
    const Page = await PAGES[name]()
    const html = await drawnAt(`/jobs/unplanned-${name}/${name}`, <Page />)
    for (const nothing of [W.recipes.empty, W.load.empty, W.rounds.empty, W.cut.none, W.floors.none])
      expect(html).not.toContain(nothing)
  })
  test('a job with nothing in it', async () => {
    const empty: Job = { ...imperial, id: 'empty', rooms: [], crews: [], log: [], published: null }
    const html = await drawn(empty, parseInstant(empty.start), name)
    expect(html).not.toMatch(MISSING)
  })
})

test('the load tells tape, covers with their reasons, masks, tools and paint', async () => {
  const html = await drawn(metric, now, 'load')
  // Of the glaze there is a smear to put on: less than a hundredth of a litre is not none.
  expect(html).toContain('exactly &lt;0.01')
  expect(html).not.toContain('exactly 0.00')
  for (const part of [
    'Marram Low',
    'doubled, cleans soles',
    'boards against knocks',
    'Heath Aerosol',
    'Snap-off blade',
  ])
    expect(html).toContain(part)
})

test('each view of the load is drawn: days, cuts, floors, ways, quotes and orders', async () => {
  const told = {
    van: 'Running short',
    cut: 'Part roll',
    floors: 'boards along the passage',
    ways: 'From when on it pays',
    quote: 'How a quote is made',
    orders: 'From Mercer &amp; Moss',
  }
  await openOnDesk(metric, now)
  const { LoadPage } = await import('./pages/load/LoadPage')
  for (const [part, words] of Object.entries(told)) {
    const html = await drawnAt(`/jobs/${metric.id}/load/${part}`, <LoadPage />, '/jobs/:jobId/load/:part')
    expect([part, html.includes(words)]).toEqual([part, true])
    expect(html).not.toMatch(MISSING)
  }
})

test('quotes given are shown as they were, and printed with orders, cuts and van lists', async () => {
  const { offersFor, vanPlanOf } = await import('@crisp-hem/core')
  const offers = offersFor({ ...imperial, log: [], published: null })
  const quote = {
    id: 'q1',
    at: imperial.start,
    by: 'Office',
    note: 'as agreed',
    offers,
    taken: offers[0]!.grade,
    basis: '',
  }
  const job = { ...imperial, quotes: [quote] }
  const plan = await openOnDesk(job, parseInstant(job.start))
  const { LoadPage } = await import('./pages/load/LoadPage')
  const html = await drawnAt(`/jobs/${job.id}/load/quote`, <LoadPage />, '/jobs/:jobId/load/:part')
  for (const words of ['as agreed', 'Taken', 'of the work is ticked']) expect(html).toContain(words)
  const { quoteSheet } = await import('./print/quoteSheet')
  const { vanSheet } = await import('./print/vanSheet')
  const { cutSheet } = await import('./print/cutSheet')
  const { quoteCsv } = await import('./pages/load/quoteCsv')
  const cuts = plan.load.covers.flatMap((line) => line.cuts ?? [])
  const sheets = JSON.stringify([quoteSheet(job, quote), vanSheet(job, vanPlanOf(job, plan)), cutSheet(job, cuts)])
  expect(sheets).not.toMatch(/undefined|NaN/)
  expect(sheets).toContain('as agreed')
  expect(quoteCsv(job, quote).split('\n').length).toBeGreaterThan(offers.length * 5)
})

test('the board has a card for each way tape comes off, and a task for each way it goes on', async () => {
  const html = await drawn(metric, now, 'pulls')
  for (const part of ['Practice room 2', 'Harbour elevation', 'Stays on the floor until', 'smoke alarm'])
    expect(html).toContain(part)
})

test('the hem card shows layers, steps, risks, costs and where its figures come from', async () => {
  const hem = (id: string) => drawn(metric, now, 'recipes', `?hem=${encodeURIComponent(id)}`)
  const sealed = await hem('practice1/wall:w1|ceiling')
  for (const part of [
    'Layers in the order they go on',
    'wiped almost off',
    'What it costs',
    'Where the figures come from',
  ])
    expect(sealed).toContain(part)
  const unsafe = await hem('store/wall:w3|ceiling')
  expect(unsafe).toContain('Nothing safe')
  expect(unsafe).toContain('What would make it possible')
  const panes = await hem('corridor/leaf:o6|glass:o6')
  expect(panes).toContain('cut round each pane')
})

test('house rules argue both sides of every switch', async () => {
  const html = await drawn(metric, now, 'site')
  const { W } = await import('./app/words')
  const text = html.replace(/&#x27;/g, "'")
  for (const sides of Object.values(W.house.switches)) for (const side of sides) expect(text).toContain(side)
  expect(text).toContain(W.house.schools['wiped-sealant'].for)
})

test('the shelf shows every tape in use with each of its widths', async () => {
  const html = await drawn(metric, now, 'shelf')
  for (const tape of metric.shelf.tapes)
    for (const roll of tape.rolls) expect(html).toContain(`${tape.name} ${roll.widthMm}, Price`)
})
