import type { Look, Piece } from '#core/screen'
import type { LiveFact } from '../feed.ts'
import { BetOnScreen } from './bet.ts'
import { type Drawn, leastLetters, numbers, part } from './drawn.ts'
import { fitText } from './fit.ts'
import { GoalOnScreen } from './goal.ts'
import type { Line, Shown } from './page.ts'
import { RaffleOnScreen } from './raffle.ts'
import { RoundOnScreen } from './rounds.ts'

/** Puts a piece in its place. @param layer - The higher the nearer. @param height - Of the whole canvas. */
export function drawPiece(stage: HTMLElement, piece: Piece, layer: number, height: number): Drawn {
  const element = document.createElement('div')
  element.className = `piece ${piece.of}`
  element.style.cssText = `left:${piece.x}px;top:${piece.y}px;width:${piece.w}px;height:${piece.h}px;z-index:${layer}`
  element.style.setProperty('--least', leastLetters(height, piece.look.size))
  stage.append(element)
  if (piece.of !== 'alerts') dress(element, piece.look)
  else element.style.setProperty('--corner', `${piece.look.corner}px`)
  switch (piece.of) {
    case 'alerts':
      dressAlerts(element, piece.look)
      return { piece, element, show: () => {}, hear: () => false }
    case 'orders':
    case 'top':
      return listed(piece, element)
    case 'counter':
      return counter(piece, element)
    case 'text':
      return written(piece, element)
    case 'chat':
      return new Chat(piece, element)
    case 'raffle':
      return new RaffleOnScreen(piece, element)
    case 'bet':
      return new BetOnScreen(piece, element)
    case 'goal':
      return new GoalOnScreen(piece, element)
    default:
      return new RoundOnScreen(piece, element)
  }
}

const FONTS = { display: 'var(--display)', text: 'var(--plain)', typewriter: 'ui-monospace, monospace' }

function dress(element: HTMLElement, { font, colour, ground, cover, corner, shadow }: Look): void {
  const { style } = element
  style.fontFamily = FONTS[font]
  style.borderRadius = `${corner}px`
  if (colour !== '') style.color = colour
  if (ground === 'none') style.background = 'none'
  else style.background = `color-mix(in srgb, ${ground === '' ? 'var(--ink)' : ground} ${cover}%, transparent)`
  if (shadow) style.textShadow = '0 2px 10px rgb(0 0 0 / 0.75)'
  if (shadow && ground !== 'none') style.boxShadow = '0 10px 30px rgb(0 0 0 / 0.45)'
}

/** An alert's card is dressed when it plays; the box itself is never seen. */
function dressAlerts(element: HTMLElement, { font, colour, ground, cover, corner, shadow }: Look): void {
  const { style } = element
  style.setProperty('--card-font', FONTS[font])
  style.setProperty('--corner', `${corner}px`)
  if (colour !== '') style.setProperty('--card-text', colour)
  const base = ground === '' ? 'var(--ink)' : ground
  style.setProperty('--card', ground === 'none' ? 'none' : `color-mix(in srgb, ${base} ${cover}%, transparent)`)
  if (shadow) style.setProperty('--card-shadow', '0 10px 30px rgb(0 0 0 / 0.45)')
}

function listed(piece: Extract<Piece, { of: 'orders' | 'top' }>, element: HTMLElement): Drawn {
  const within = part(element, 'within')
  const show = (shown: Shown | undefined) => {
    within.replaceChildren()
    if (piece.title !== '') part(within, 'head', piece.title)
    for (const [i, { name, value }] of (shown?.lines ?? []).slice(0, piece.many).entries()) {
      const row = part(within, 'row')
      part(row, 'name', piece.of === 'top' ? `${i + 1}. ${name}` : name)
      part(row, 'value', value)
    }
    fitText(element, within, piece.look.size, 34)
  }
  const wants = piece.of === 'orders' ? ['order.placed'] : ['earning.paid', 'order.placed', 'people.', 'balance.']
  return { piece, element, show, hear: ({ kind }) => wants.some((one) => kind.startsWith(one)) }
}

function counter(piece: Extract<Piece, { of: 'counter' }>, element: HTMLElement): Drawn {
  const within = part(element, 'within')
  const show = (shown: Shown | undefined) => {
    within.replaceChildren()
    part(within, 'figure', numbers.format(shown?.figure ?? 0))
    if (piece.title !== '') part(within, 'head', piece.title)
    fitText(element, within, piece.look.size, 120)
  }
  return {
    piece,
    element,
    show,
    hear: ({ kind }) => /^(earning\.paid|order\.placed|show\.|people\.|chat\.said)/.test(kind),
  }
}

function written(piece: Extract<Piece, { of: 'text' }>, element: HTMLElement): Drawn {
  const within = part(element, 'within words')
  const show = (shown: Shown | undefined) => {
    within.textContent = shown?.text ?? ''
    fitText(element, within, piece.look.size, 200)
  }
  const live = piece.text.includes('{')
  return {
    piece,
    element,
    show,
    hear: ({ kind }) => live && /^(show\.|earning\.paid|order\.placed|currency\.)/.test(kind),
  }
}

/** Lines of chat, the newest below; each leaves after its time. */
class Chat implements Drawn {
  readonly show: Drawn['show']
  readonly hear: Drawn['hear']
  #shown = false

  constructor(
    readonly piece: Extract<Piece, { of: 'chat' }>,
    readonly element: HTMLElement,
  ) {
    if (piece.look.size > 0) element.style.fontSize = `${piece.look.size}px`
    this.show = (shown) => this.#begin(shown)
    this.hear = (live) => this.#said(live)
  }

  #begin(shown: Shown | undefined): void {
    if (this.#shown) return
    this.#shown = true
    const since = this.piece.seconds === 0 ? 0 : Date.now() / 1000 - this.piece.seconds
    for (const line of shown?.said ?? []) if (line.at >= since) this.#add(line)
  }

  #said({ kind, at, body }: LiveFact): boolean {
    if (kind === 'chat.said') this.#add({ at, bot: false, name: body.name, text: body.text })
    if (kind === 'chat.replied' && this.piece.bot && body.to === null && !body.own)
      this.#add({ at, bot: true, name: '', text: body.text })
    return false
  }

  #add({ name, text, bot }: Line): void {
    const row = part(this.element, bot ? 'said bot' : 'said')
    if (name !== '') part(row, 'name', name)
    part(row, 'text', text)
    // Lines stand at the foot: what does not fit any more sticks out above.
    const oldest = () => this.element.firstElementChild as HTMLElement
    while (
      this.element.childElementCount > 1 &&
      (this.element.childElementCount > this.piece.many || oldest().offsetTop < 0)
    )
      oldest().remove()
    if (this.piece.seconds > 0) setTimeout(() => row.remove(), this.piece.seconds * 1000)
  }
}
