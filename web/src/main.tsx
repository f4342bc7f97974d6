import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { Provider } from 'react-redux'
import { RouterProvider } from 'react-router'
import { Patterns } from './drawing/patterns'
import { Notices } from './frame/Notices'
import { openClock } from './frame/openClock'
import { applyTheme, savedTheme } from './frame/theme'
import { router } from './routes'
import { openStore } from './openStore'
import './theme.css'

const store = openStore()
applyTheme(savedTheme())
void openClock(store.dispatch).then(() =>
  createRoot(document.getElementById('root')!).render(
    <StrictMode>
      <Provider store={store}>
        <Patterns />
        <RouterProvider router={router} />
        <Notices />
      </Provider>
    </StrictMode>,
  ),
)
