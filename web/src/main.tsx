import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { Provider } from 'react-redux'
import { RouterProvider } from 'react-router'
import { Patterns } from './app/drawing/patterns'
import { Notices } from './app/frame/Notices'
import { openClock } from './app/frame/openClock'
import { keepShell } from './app/frame/shell'
import { applyTheme, savedTheme } from './app/frame/theme'
import { findMe } from './pages/people/me'
import { router } from './routes'
import { openStore } from './app/state/openStore'
import './theme.css'

const store = openStore()
applyTheme(savedTheme())
/** A line that neither works nor fails must not keep the page white, ms. */
const LONGEST_WAIT_MS = 2500
const atMost = (work: Promise<unknown>) =>
  Promise.race([work, new Promise((over) => setTimeout(over, LONGEST_WAIT_MS))])

void atMost(Promise.all([openClock(store.dispatch), findMe(store.dispatch)])).then(() => {
  createRoot(document.getElementById('root')!).render(
    <StrictMode>
      <Provider store={store}>
        <Patterns />
        <RouterProvider router={router} />
        <Notices />
      </Provider>
    </StrictMode>,
  )
  keepShell(store.dispatch)
})
