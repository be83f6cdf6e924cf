import { wouldBring } from '#core/bets'
import type { Piece } from '#core/screen'
import type { LiveFact } from '../feed.ts'
import { type Drawn, numbers, part, sizeLetters } from './drawn.ts'
import type { BetOnPage, Shown } from './page.ts'
import { clock } from './raffle.ts'

/** How long what came true stays in view once it is paid (ms). */
const STAYS_MS = 15_000

/** The bet that is on: its question, its outcomes as lanes that fill, the clock and the pot; then what came true. */
export class BetOnScreen implements Drawn {
  readonly show: Drawn['show']
  readonly hear: Drawn['hear']
  readonly #within: HTMLElement
  #bet: BetOnPage | undefined
  #clock: { readonly element: HTMLElement; readonly until: number } | undefined
  #hiding: ReturnType<typeof setTimeout> | undefined

  constructor(
    readonly piece: Extract<Piece, { of: 'bet' }>,
    readonly element: HTMLElement,
  ) {
    this.#within = part(element, 'within round bet')
    this.show = (shown) => this.#told(shown)
    this.hear = (live) => this.#hear(live)
    this.#hide()
    const ticking = setInterval(() => {
      if (element.isConnected) this.#tick()
      else clearInterval(ticking)
    }, 500)
  }

  #told(shown: Shown | undefined): void {
    const bet = shown?.bet
    // What has just been paid stays in view for a moment: it is not among those that are on any more.
    if (bet === undefined && this.#hiding !== undefined) return
    this.#bet = bet
    if (bet === undefined) this.#hide()
    else this.#draw(bet)
  }

  #hear({ kind, body }: LiveFact): boolean {
    const bet = this.#bet
    if (kind === 'bet.counted' && bet?.id === body.bet) {
      const { people, staked, backers } = body
      const lanes = bet.lanes.map((lane, i) => ({ ...lane, people: people[i] ?? 0, staked: staked[i] ?? 0 }))
      this.#draw({ ...bet, lanes, backers })
      return false
    }
    if (kind === 'bet.ended' && bet?.id === body.bet) {
      if (body.status === 'off') this.#hide()
      else this.#hiding = setTimeout(() => this.#hide(), STAYS_MS)
      return true
    }
    return kind === 'bet.changed' || kind === 'bet.ended'
  }

  #draw(bet: BetOnPage): void {
    clearTimeout(this.#hiding)
    this.#hiding = undefined
    this.#bet = bet
    const rows = bet.lanes.length * 1.75 + (bet.question.length > 34 ? 4.7 : 3.4)
    sizeLetters(this.#within, this.piece, 20, rows)
    this.element.style.visibility = 'visible'
    this.#within.replaceChildren()
    const head = part(this.#within, 'round-head')
    part(head, 'head', bet.question)
    this.#drawClock(head, bet)
    const staked = bet.lanes.map((lane) => lane.staked)
    const pot = staked.reduce((sum, one) => sum + one, 0)
    for (const [i, lane] of bet.lanes.entries()) this.#drawLane(bet, lane, i, staked, pot)
    part(this.#within, 'bet-foot', footOf(bet, pot))
  }

  #drawClock(head: HTMLElement, { left }: BetOnPage): void {
    this.#clock = undefined
    if (left === null) return
    const known = this.#known(left)
    const element = part(head, 'round-clock', clock(known - performance.now() / 1000))
    this.#clock = { element, until: known }
  }

  /** When a time is over that was told as so many seconds left; the same telling, drawn again, does not begin anew. */
  #until: { readonly left: number; readonly at: number } | undefined
  #known(left: number): number {
    if (this.#until?.left !== left) this.#until = { left, at: performance.now() / 1000 + left }
    return this.#until.at
  }

  #drawLane(
    bet: BetOnPage,
    lane: BetOnPage['lanes'][number],
    at: number,
    staked: readonly number[],
    pot: number,
  ): void {
    const won = bet.winner === null ? '' : bet.winner === at ? ' won' : ' lost'
    const row = part(this.#within, `bet-lane${won}`)
    const fill = part(row, 'bet-fill')
    fill.style.width = `${pot === 0 ? 0 : Math.round((lane.staked / pot) * 100)}%`
    part(row, 'bet-name', `${at + 1}  ${lane.name}`)
    const figure = bet.status === 'open' ? `100 → ${numbers.format(wouldBring(staked, at, 100, bet.rakeBp))}` : ''
    part(row, 'bet-figure', figure)
    part(row, 'bet-staked', numbers.format(lane.staked))
  }

  #tick(): void {
    if (this.#clock !== undefined) this.#clock.element.textContent = clock(this.#clock.until - performance.now() / 1000)
  }

  #hide(): void {
    clearTimeout(this.#hiding)
    this.#hiding = undefined
    this.#bet = undefined
    this.#clock = undefined
    if (!this.piece.always) this.element.style.visibility = 'hidden'
    this.#within.replaceChildren()
    if (this.piece.always && this.piece.title !== '') part(this.#within, 'head', this.piece.title)
  }
}

function footOf({ status, word, lanes, backers, winners, prize, refunded }: BetOnPage, pot: number): string {
  const many = `${numbers.format(backers)} in, pot ${numbers.format(pot)}`
  if (status === 'open') return `!${word} ${lanes[0]?.word ?? '1'} 100  ·  ${many}`
  if (status === 'locked') return `Locked  ·  ${many}`
  if (status === 'returning') return 'Called off: all stakes go back'
  if (refunded) return 'All stakes go back'
  return winners === 1
    ? `1 winner gets ${numbers.format(prize)} beside the stake`
    : `${numbers.format(winners)} winners share ${numbers.format(prize)}`
}
