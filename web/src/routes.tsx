import { createBrowserRouter, Navigate, type RouteObject } from 'react-router'
import { PageTrouble } from './app/frame/PageTrouble'
import { JobsPage } from './pages/jobs/JobsPage'

/** The first view comes with the app; the others are fetched when opened. A page that breaks says so in its own place. */
const page = <K extends string>(
  path: string,
  load: () => Promise<Record<K, React.ComponentType>>,
  name: K,
): RouteObject => ({
  path,
  ErrorBoundary: PageTrouble,
  lazy: () =>
    load().then(
      (module) => ({ Component: module[name] }),
      // A route that fails to load is drawn as nothing at all; one that loads and throws has its boundary.
      (error: unknown) => ({
        Component: () => {
          throw error
        },
      }),
    ),
})

export const router = createBrowserRouter([
  { path: '/', Component: JobsPage, ErrorBoundary: PageTrouble },
  {
    ...page('/jobs/:jobId', () => import('./app/frame/JobFrame'), 'JobFrame'),
    children: [
      { index: true, element: <Navigate to="walk" replace /> },
      page('site', () => import('./pages/site/SitePage'), 'SitePage'),
      page('walk/:roomId?', () => import('./pages/walk/WalkPage'), 'WalkPage'),
      page('lines', () => import('./pages/lines/LinesPage'), 'LinesPage'),
      page('scope', () => import('./pages/scope/ScopePage'), 'ScopePage'),
      page('recipes', () => import('./pages/recipes/RecipesPage'), 'RecipesPage'),
      page('load/:part?', () => import('./pages/load/LoadPage'), 'LoadPage'),
      page('rounds', () => import('./pages/rounds/RoundsPage'), 'RoundsPage'),
      page('shelf', () => import('./pages/shelf/ShelfPage'), 'ShelfPage'),
      page('bench', () => import('./pages/bench/BenchPage'), 'BenchPage'),
      page('results/:part?', () => import('./pages/proof/ProofPage'), 'ProofPage'),
      page('practice', () => import('./pages/practice/PracticePage'), 'PracticePage'),
      page('tag/:code', () => import('./pages/pulls/TagPage'), 'TagPage'),
      page('history', () => import('./pages/people/HistoryPage'), 'HistoryPage'),
      page('pulls', () => import('./pages/pulls/PullsPage'), 'PullsPage'),
    ],
  } as RouteObject,
  page('/sign-in', () => import('./pages/people/SignInPage'), 'SignInPage'),
  page('/people', () => import('./pages/people/PeoplePage'), 'PeoplePage'),
  page('/trust', () => import('./pages/people/TrustPage'), 'TrustPage'),
  { path: '*', element: <Navigate to="/" replace /> },
])
