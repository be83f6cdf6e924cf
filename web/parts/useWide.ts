import { useSyncExternalStore } from 'react'

/** From here on pages, list and side rail fit beside one another. The same as `lg` in class names. */
const WIDE = '(min-width: 64rem)'

function listen(changed: () => void): () => void {
  const query = window.matchMedia(WIDE)
  query.addEventListener('change', changed)
  return () => query.removeEventListener('change', changed)
}

/** Whether the window is wide enough for the whole desk at once; followed while it is turned or resized. */
export const useWide = (): boolean => useSyncExternalStore(listen, () => window.matchMedia(WIDE).matches)
