import { createBrowserRouter, Navigate } from 'react-router'
import { JobsPage } from './jobs/JobsPage'

/** The first view comes with the app; the others are fetched when opened. */
const page =
  <K extends string>(load: () => Promise<Record<K, React.ComponentType>>, name: K) =>
  async () => ({ Component: (await load())[name] })

export const router = createBrowserRouter([
  { path: '/', Component: JobsPage },
  {
    path: '/jobs/:jobId',
    lazy: page(() => import('./frame/JobFrame'), 'JobFrame'),
    children: [
      { index: true, element: <Navigate to="walk" replace /> },
      { path: 'site', lazy: page(() => import('./site/SitePage'), 'SitePage') },
      { path: 'walk/:roomId?', lazy: page(() => import('./walk/WalkPage'), 'WalkPage') },
      { path: 'scope', lazy: page(() => import('./scope/ScopePage'), 'ScopePage') },
      { path: 'recipes', lazy: page(() => import('./recipes/RecipesPage'), 'RecipesPage') },
      { path: 'load/:part?', lazy: page(() => import('./load/LoadPage'), 'LoadPage') },
      { path: 'rounds', lazy: page(() => import('./rounds/RoundsPage'), 'RoundsPage') },
      { path: 'shelf', lazy: page(() => import('./shelf/ShelfPage'), 'ShelfPage') },
      { path: 'bench', lazy: page(() => import('./bench/BenchPage'), 'BenchPage') },
      { path: 'tag/:code', lazy: page(() => import('./pulls/TagPage'), 'TagPage') },
      { path: 'history', lazy: page(() => import('./people/HistoryPage'), 'HistoryPage') },
      { path: 'pulls', lazy: page(() => import('./pulls/PullsPage'), 'PullsPage') },
    ],
  },
  { path: '/sign-in', lazy: page(() => import('./people/SignInPage'), 'SignInPage') },
  { path: '/people', lazy: page(() => import('./people/PeoplePage'), 'PeoplePage') },
  { path: '/trust', lazy: page(() => import('./people/TrustPage'), 'TrustPage') },
  { path: '*', element: <Navigate to="/" replace /> },
])
