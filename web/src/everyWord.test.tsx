import type { ComponentType } from 'react'
import { parseInstant, type Job } from '@crisp-hem/core'
import { pseudo } from '@crisp-hem/core/words'
import { gullRow, ternQuay, TERN_QUAY_NOW } from '../../demo'
import { drawnAt, openOnDesk, setDesk } from './testing/desk'
import { ENGLISH_SCREENS } from './app/words/language'
import { strayWords, withoutMessages, writtenNames } from './testing/strayWords'

/**
 * Every page drawn in a language nobody speaks. Each message stands between brackets there; letters outside of them
 * came from somewhere else than the catalogue. What only shows once a page is used is told by the browser's test.
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
  lines: () => import('./pages/lines/LinesPage').then((m) => m.LinesPage),
  proof: () => import('./pages/proof/ProofPage').then((m) => m.ProofPage),
  bench: () => import('./pages/bench/BenchPage').then((m) => m.BenchPage),
  practice: () => import('./pages/practice/PracticePage').then((m) => m.PracticePage),
  jobs: () => import('./pages/jobs/JobsPage').then((m) => m.JobsPage),
} satisfies Record<string, () => Promise<ComponentType>>
type PageName = keyof typeof PAGES

beforeAll(() => {
  setDesk()
  // Before anything of the app is loaded: it chooses its language when it is.
  globalThis.crispHemLanguage = pseudo(ENGLISH_SCREENS)
})
afterAll(() => {
  globalThis.crispHemLanguage = undefined
})

async function strayOn(job: Job, at: number, name: PageName): Promise<string[]> {
  await openOnDesk(job, at)
  const Page = await PAGES[name]()
  const hem = job.rooms[0] && `?hem=${encodeURIComponent(`${job.rooms[0].id}/wall:w1|ceiling`)}`
  return strayWords(await drawnAt(`/jobs/${job.id}/${name}${hem ?? ''}`, <Page />), writtenNames(job))
}

describe.each(Object.keys(PAGES) as PageName[])('%s', (name) => {
  test('says nothing that is not in the catalogue', async () => {
    expect(await strayOn(ternQuay(), parseInstant(TERN_QUAY_NOW), name)).toEqual([])
    expect(await strayOn(gullRow(), parseInstant(gullRow().start), name)).toEqual([])
  })
})

test('the test itself: brackets in brackets are a message, letters beside them are not', () => {
  expect(withoutMessages('⟦á ⟦b⟧ c⟧ stray ⟦d⟧')).toBe(' stray ')
  expect(strayWords('<p aria-label="named">⟦á⟧ 12 mm Tern</p>', new Set(['Tern']))).toEqual(['named'])
})
