import { createBrowserRouter, Navigate, type RouteObject } from 'react-router'
import { PageTrouble } from './frame/PageTrouble'
import { JobsPage } from './jobs/JobsPage'

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
    ...page('/jobs/:jobId', () => import('./frame/JobFrame'), 'JobFrame'),
    children: [
      { index: true, element: <Navigate to="walk" replace /> },
      page('site', () => import('./site/SitePage'), 'SitePage'),
      page('walk/:roomId?', () => import('./walk/WalkPage'), 'WalkPage'),
      page('scope', () => import('./scope/ScopePage'), 'ScopePage'),
      page('recipes', () => import('./recipes/RecipesPage'), 'RecipesPage'),
      page('load/:part?', () => import('./load/LoadPage'), 'LoadPage'),
      page('rounds', () => import('./rounds/RoundsPage'), 'RoundsPage'),
      page('shelf', () => import('./shelf/ShelfPage'), 'ShelfPage'),
      page('bench', () => import('./bench/BenchPage'), 'BenchPage'),
      page('tag/:code', () => import('./pulls/TagPage'), 'TagPage'),
      page('history', () => import('./people/HistoryPage'), 'HistoryPage'),
      page('pulls', () => import('./pulls/PullsPage'), 'PullsPage'),
    ],
  } as RouteObject,
  page('/sign-in', () => import('./people/SignInPage'), 'SignInPage'),
  page('/people', () => import('./people/PeoplePage'), 'PeoplePage'),
  page('/trust', () => import('./people/TrustPage'), 'TrustPage'),
  { path: '*', element: <Navigate to="/" replace /> },
])
