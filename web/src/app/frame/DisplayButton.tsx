import { Moon, Sun } from 'lucide-react'
import { useState } from 'react'
import { W } from '../words'
import { applyTheme, savedTheme, THEMES, type Theme } from './theme'

/** The display that comes after one. */
const nextTheme = (theme: Theme): Theme => THEMES[(THEMES.indexOf(theme) + 1) % THEMES.length] ?? 'day'

/** Goes on to the next display: daylight, site cabin, full sun. */
export function DisplayButton({
  className = 'inline-flex min-h-9 items-center gap-1.5 border px-3 py-1 lg:hidden',
}: {
  className?: string
}) {
  const [theme, setTheme] = useState(savedTheme)
  const next = nextTheme(theme)
  const Icon = next === 'cabin' ? Moon : Sun
  return (
    <button
      type="button"
      className={className}
      aria-label={W.frame.theme}
      onClick={() => {
        applyTheme(next)
        setTheme(next)
      }}
    >
      <Icon size={17} aria-hidden />
      {W.frame[next]}
    </button>
  )
}
