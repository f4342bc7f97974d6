/** How the screen meets the light: daylight, or a dim site cabin. */
export const THEMES = ['day', 'cabin'] as const
export type Theme = (typeof THEMES)[number]

const KEY = 'crisp-hem:theme'

export function savedTheme(): Theme {
  return localStorage.getItem(KEY) === 'cabin' ? 'cabin' : 'day'
}

export function applyTheme(theme: Theme): void {
  document.documentElement.dataset.theme = theme
  localStorage.setItem(KEY, theme)
}
