import type { Piece } from '#core/screen'
import type { LiveFact } from '../feed.ts'
import { runStrip, STOP_MS, type StripRevealed, stopStrip } from '../raffles/drawStrip.ts'
import { type Drawn, numbers, part, sizeLetters } from './drawn.ts'
import type { RaffleOnPage, Shown } from './page.ts'

type RafflePiece = Extract<Piece, { of: 'raffle' }>

/** How long a winner stays in view once the prize is theirs (ms). */
const STAYS_MS = 20_000
const NAMES_SHOWN = 6
/** The winner stands on the odds bar for so long after the marker has stopped (ms). */
const RESULT_MS = 2000

/** Time left: a clock, and hours where there are many. */
export const clock = (left: number): string => {
  if (left >= 5400) return `${Math.floor(left / 3600)} h`
  const seconds = Math.max(0, Math.ceil(left))
  return seconds < 60 ? `${seconds} s` : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

/** The raffle that is on: prize, word, clock and who comes in; then the draw on the odds bar, and the winner. */
export class RaffleOnScreen implements Drawn {
  readonly show: Drawn['show']
  readonly hear: Drawn['hear']
  readonly #within: HTMLElement
  #raffle: RaffleOnPage | undefined
  #toldAt = 0
  #clock: { readonly element: HTMLElement; readonly left: number } | undefined
  /** While the marker runs to who was drawn, what is told meanwhile waits. */
  #revealing: ReturnType<typeof setTimeout> | undefined
  #hiding: ReturnType<typeof setTimeout> | undefined

  constructor(
    readonly piece: RafflePiece,
    readonly element: HTMLElement,
  ) {
    this.#within = part(element, 'within round raffle')
    sizeLetters(this.#within, piece, 20, 8.7)
    this.show = (shown) => this.#told(shown)
    this.hear = (live) => this.#hear(live)
    this.#hide()
    const ticking = setInterval(() => {
      if (element.isConnected) this.#tick()
      else clearInterval(ticking)
    }, 500)
  }

  #told(shown: Shown | undefined): void {
    const raffle = shown?.raffle
    this.#raffle = raffle
    this.#toldAt = performance.now()
    if (this.#revealing === undefined) this.#drawTold()
  }

  #drawTold(): void {
    const raffle = this.#raffle
    if (raffle === undefined) return this.#hide()
    if (
      raffle.wonAgo !== null &&
      raffle.waiting.length === 0 &&
      raffle.drawing === null &&
      raffle.wonAgo * 1000 > STAYS_MS
    )
      return this.#hide()
    this.#draw(raffle)
  }

  #hear({ kind, body }: LiveFact): boolean {
    const raffle = this.#raffle
    if (kind === 'raffle.counted' && raffle?.id === body.raffle && raffle.status === 'open') {
      const { people, tickets, names } = body
      this.#raffle = { ...raffle, people, tickets, names: [...raffle.names, ...names].slice(-NAMES_SHOWN) }
      this.#draw(this.#raffle)
      return false
    }
    if (kind === 'raffle.revealed' && raffle?.id === body.raffle) this.#reveal(body)
    return kind === 'raffle.drawn' || kind === 'raffle.changed' || kind === 'raffle.ended'
  }

  #draw(raffle: RaffleOnPage): void {
    clearTimeout(this.#hiding)
    this.element.style.visibility = 'visible'
    this.#clock = undefined
    this.#within.replaceChildren()
    const head = part(this.#within, 'round-head')
    part(head, 'head', raffle.title === '' ? this.piece.title : raffle.title)
    if (raffle.drawing !== null) return this.#drawDraw(raffle, raffle.drawing)
    if (raffle.waiting.length > 0) return this.#drawWaiting(head, raffle)
    if (raffle.won.length > 0 && raffle.status !== 'open') return this.#drawWon(raffle)
    if (raffle.left !== null) this.#runClock(part(head, 'round-clock'), raffle.left - this.#since())
    part(this.#within, 'round-line', raffle.prize)
    if (raffle.status === 'open') {
      const row = part(this.#within, 'raffle-row')
      part(row, 'raffle-word', raffle.word === null ? 'on the page' : `!${raffle.word}`)
      part(row, 'raffle-people', `${numbers.format(raffle.people)} in`)
    } else part(this.#within, 'round-figure', `${numbers.format(raffle.people)} in, closed`)
    part(this.#within, 'round-names', raffle.names.slice(-NAMES_SHOWN).reverse().join('  ·  '))
  }

  #drawDraw({ people }: RaffleOnPage, drawing: NonNullable<RaffleOnPage['drawing']>): void {
    part(this.#within, 'round-line', `${numbers.format(people)} people, one marker`)
    runStrip(this.#within, drawing)
  }

  /** The draw is revealed: the marker runs to each pick, and the winner stays in view for a moment. */
  #reveal(revealed: StripRevealed): void {
    const raffle = this.#raffle
    if (raffle === undefined) return
    clearTimeout(this.#revealing)
    clearTimeout(this.#hiding)
    this.element.style.visibility = 'visible'
    this.#clock = undefined
    this.#within.replaceChildren()
    part(part(this.#within, 'round-head'), 'head', raffle.title === '' ? this.piece.title : raffle.title)
    const line = part(this.#within, 'round-line', `${numbers.format(raffle.people)} people, one marker`)
    const names: string[] = []
    stopStrip(this.#within, revealed, true, ({ name }) => {
      names.push(name)
      line.className = 'round-figure raffle-winner'
      line.textContent = names.slice(-3).join(', ')
    })
    this.#revealing = setTimeout(
      () => {
        this.#revealing = undefined
        this.#drawTold()
      },
      revealed.picks.length * STOP_MS + RESULT_MS,
    )
  }

  #drawWaiting(head: HTMLElement, { waiting, won }: RaffleOnPage): void {
    const first = waiting.reduce((least, one) => (one.left < least.left ? one : least))
    this.#runClock(part(head, 'round-clock'), first.left - this.#since())
    part(
      this.#within,
      'round-figure',
      waiting
        .map(({ name }) => name)
        .slice(0, 3)
        .join(', '),
    )
    part(this.#within, 'round-line', 'Say anything in chat, and it is yours.')
    if (won.length > 0) part(this.#within, 'round-names', `Won already: ${won.map(({ name }) => name).join(', ')}`)
  }

  #drawWon({ won, prize }: RaffleOnPage): void {
    part(
      this.#within,
      'round-figure',
      won
        .map(({ name }) => name)
        .slice(-3)
        .join(', '),
    )
    part(this.#within, 'round-line wins', prize)
    const last = won.at(-1)
    if (last?.line) part(this.#within, 'round-names', `“${last.line}”`)
    this.#hiding = setTimeout(() => this.#hide(), STAYS_MS)
  }

  #runClock(element: HTMLElement, left: number): void {
    this.#clock = { element, left: left + performance.now() / 1000 }
    element.textContent = clock(left)
  }

  #since(): number {
    return (performance.now() - this.#toldAt) / 1000
  }

  #tick(): void {
    if (this.#clock !== undefined) this.#clock.element.textContent = clock(this.#clock.left - performance.now() / 1000)
  }

  #hide(): void {
    this.#clock = undefined
    if (!this.piece.always) this.element.style.visibility = 'hidden'
    this.#within.replaceChildren()
    if (this.piece.always && this.piece.title !== '') part(this.#within, 'head', this.piece.title)
  }
}
