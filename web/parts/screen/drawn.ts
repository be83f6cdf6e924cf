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

/** Letters as large as fit so many of them across and so many lines down, or as asked; never smaller than can be read from afar. */
export function sizeLetters(within: HTMLElement, { look, w, h }: Piece, across: number, down: number): void {
  const px = look.size > 0 ? look.size : Math.round(Math.min(w / across, h / down))
  within.style.fontSize = `max(var(--least, 0px), ${px}px)`
}

/** The smallest letters that can be read from afar on a picture of 1,080 lines (px). */
const READ_FROM_AFAR = 28

/** The smallest letters on a canvas of such a height; a size that is asked for is kept. */
export const leastLetters = (height: number, asked: number): string =>
  asked > 0 ? '0px' : `${Math.round((height * READ_FROM_AFAR) / 1080)}px`

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
