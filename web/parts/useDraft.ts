import { useState } from 'react'
import { same } from './same.ts'

interface Draft<T> {
  readonly draft: T
  readonly put: (draft: T) => void
  /** Back to what is live. */
  readonly back: () => void
}

/**
 * What is typed into the form of something that is live: as long as nothing was typed it follows what others make of it;
 * from then on it stays as it was typed, whatever happens elsewhere.
 */
export function useDraft<T>(live: T): Draft<T> {
  const [{ draft, began }, set] = useState({ draft: live, began: live })
  if (!same(began, live)) set({ draft: same(draft, began) ? live : draft, began: live })
  return { draft, put: (next) => set({ draft: next, began: live }), back: () => set({ draft: live, began: live }) }
}
