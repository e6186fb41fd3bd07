export const THEMES = ['light', 'dark', 'outdoor'] as const
export type Theme = (typeof THEMES)[number]

/** A cookie rather than the browser's store: the server writes the first page in the right colours. */
export const THEME_COOKIE = 'innings-theme'
const A_YEAR_S = 31_536_000

export function isTheme(value: unknown): value is Theme {
  return THEMES.some((theme) => theme === value)
}

/** The theme chosen; null follows the system. */
export function chosenTheme(): Theme | null {
  const chosen = document.documentElement.dataset.theme
  return isTheme(chosen) ? chosen : null
}

/** Changes the look now and on the pages to come; charts draw themselves anew. */
export function chooseTheme(theme: Theme | null): void {
  if (theme) document.documentElement.dataset.theme = theme
  else delete document.documentElement.dataset.theme
  const age = theme ? A_YEAR_S : 0
  // biome-ignore lint/suspicious/noDocumentCookie: the newer store is not there over plain http
  document.cookie = `${THEME_COOKIE}=${theme ?? ''}; path=/; max-age=${age}; samesite=lax`
  window.dispatchEvent(new Event('innings:theme'))
}

export function subscribeToTheme(listener: () => void): () => void {
  window.addEventListener('innings:theme', listener)
  return () => window.removeEventListener('innings:theme', listener)
}

const DARK = '(prefers-color-scheme: dark)'

/** What the system asks for where nothing was chosen. */
export function systemTheme(): Theme {
  return window.matchMedia(DARK).matches ? 'dark' : 'light'
}

export function subscribeToSystem(listener: () => void): () => void {
  const query = window.matchMedia(DARK)
  query.addEventListener('change', listener)
  return () => query.removeEventListener('change', listener)
}
