/** How the screen meets the light: daylight, a dim site cabin, or full sun. */
export const THEMES = ['day', 'cabin', 'outdoor'] as const
export type Theme = (typeof THEMES)[number]

const KEY = 'crisp-hem:theme'

export function savedTheme(): Theme {
  const kept = localStorage.getItem(KEY)
  return THEMES.find((theme) => theme === kept) ?? 'day'
}

export function applyTheme(theme: Theme): void {
  document.documentElement.dataset.theme = theme
  localStorage.setItem(KEY, theme)
}
