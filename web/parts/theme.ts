import { useState } from 'react'

export type Theme = 'dark' | 'light'

const KEY = 'ricompensa-theme'

/** Puts the theme chosen earlier in force, before the first paint. */
export function applyChosenTheme(): void {
  const chosen = localStorage.getItem(KEY)
  if (chosen === 'dark' || chosen === 'light') document.documentElement.dataset.theme = chosen
}

export function useTheme(): [Theme, (theme: Theme) => void] {
  const [theme, setTheme] = useState<Theme>(() =>
    document.documentElement.dataset.theme === 'light' ? 'light' : 'dark',
  )
  const choose = (wanted: Theme) => {
    document.documentElement.dataset.theme = wanted
    localStorage.setItem(KEY, wanted)
    setTheme(wanted)
  }
  return [theme, choose]
}
