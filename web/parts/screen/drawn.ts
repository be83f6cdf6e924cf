import type { Piece } from '#core/screen'
import type { LiveFact } from '../feed.ts'
import type { Shown } from './page.ts'

/** A piece as it stands on the page. `hear` gives whether what it shows must be asked for anew. */
export interface Drawn {
  readonly piece: Piece
  readonly element: HTMLElement
  readonly show: (shown: Shown | undefined) => void
  readonly hear: (live: LiveFact) => boolean
}

/** Figures with grouped digits. */
export const numbers = new Intl.NumberFormat('en')

/** A part of a piece, with its words. */
export function part(parent: HTMLElement, name: string, text = ''): HTMLElement {
  const made = document.createElement('div')
  made.className = name
  made.textContent = text
  parent.append(made)
  return made
}
