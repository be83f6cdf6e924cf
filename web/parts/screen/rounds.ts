import { type RoundKind, type RoundPiece, showsGame } from '#core/screen'
import type { LiveFact } from '../feed.ts'
import { drawBoss, drawScramble } from './crowdViews.ts'
import { type Drawn, sizeLetters } from './drawn.ts'
import { drawMachine } from './machineView.ts'
import type { RoundShown, Shown } from './page.ts'
import { drawBracket, drawCrew, drawDuel, drawOpenWheel, type RoundView } from './roundViews.ts'

type Draw = (within: HTMLElement, title: string) => RoundView

/** How each round looks, and so many lines it needs at its fullest. */
const VIEWS: Readonly<Record<RoundKind, { readonly draw: Draw; readonly lines: number }>> = {
  crew: { draw: drawCrew, lines: 11 },
  duel: { draw: drawDuel, lines: 9 },
  wheel: { draw: drawOpenWheel, lines: 10 },
  reels: { draw: drawMachine, lines: 9 },
  bracket: { draw: drawBracket, lines: 13 },
  scramble: { draw: drawScramble, lines: 9 },
  boss: { draw: drawBoss, lines: 10 },
}

/** How long an outcome stays in view, from the moment in which it can be seen (ms). */
const STAYS_MS = 14_000
/** Of what is played by many at once, so many wait to be shown. */
const MOST_WAITING = 4
/** How long the reels or the coin are in view before the next one. */
const EACH_MS = 6500

/** A game's piece: there while a round is on, and until its outcome has been seen. It follows what the engine decided. */
export class RoundOnScreen implements Drawn {
  readonly show: Drawn['show']
  readonly hear: Drawn['hear']
  readonly #view: RoundView
  readonly #within: HTMLElement
  #round: RoundShown | undefined
  #goesOnAt = 0
  #hiding: ReturnType<typeof setTimeout> | undefined
  readonly #waiting: RoundShown[] = []
  #busyUntil = 0

  constructor(
    readonly piece: RoundPiece,
    readonly element: HTMLElement,
  ) {
    this.#within = document.createElement('div')
    this.#within.className = 'within round'
    element.append(this.#within)
    const { draw, lines } = VIEWS[piece.of]
    sizeLetters(this.#within, piece, 17, lines)
    this.#view = draw(this.#within, piece.title)
    this.show = (shown) => this.#begin(shown)
    this.hear = (live) => this.#hear(live)
    this.#hide()
    const ticking = setInterval(() => {
      if (element.isConnected) this.#tick()
      else clearInterval(ticking)
    }, 500)
  }

  #begin(shown: Shown | undefined): void {
    if (shown?.round === undefined || this.#round !== undefined) return
    this.#draw(shown.round, shown.round.left)
  }

  #hear(live: LiveFact): boolean {
    const isRound = live.kind === 'round.joined' || live.kind === 'round.changed' || live.kind === 'round.ended'
    if (!isRound || !showsGame(this.piece.of, live.body.game)) return false
    if (live.kind === 'round.joined') this.#joined(live)
    else this.#changed(live.body, live.kind === 'round.ended', live.at)
    return false
  }

  #joined({ body: { round: id, name, bets = '', seats, staked } }: LiveFact<'round.joined'>): void {
    const round = this.#round
    if (round === undefined || round.round !== id) return
    const crew = [...(round.crew ?? []), { name, state: 'in', paid: 0, told: bets }].slice(-40)
    this.#draw({ ...round, crew, seats, staked }, this.#left())
  }

  #changed(told: RoundShown, ended: boolean, at: number): void {
    const same = this.#round?.round === told.round
    // Of many duels at once the one that is being decided is looked at, not the next that is called.
    if (!same && this.piece.of === 'duel' && this.#round !== undefined && told.status === 'opened') return
    if (this.piece.of === 'reels') return this.#queue(told)
    if (ended && !same) return
    const crew = told.crew ?? (same ? this.#round?.crew : undefined)
    this.#draw({ ...told, ...(crew && { crew }) }, told.nextAt === null ? null : told.nextAt - at)
    if (ended) this.#hideAfter(told.status === 'off' ? STAYS_MS / 3 : STAYS_MS)
  }

  /** The reels and the coin are shown one after the other. */
  #queue(told: RoundShown): void {
    if (this.#waiting.length < MOST_WAITING) this.#waiting.push(told)
    this.#next()
  }

  #next(): void {
    const wait = this.#busyUntil - performance.now()
    if (wait > 0) {
      setTimeout(() => this.#next(), wait)
      return
    }
    const next = this.#waiting.shift()
    if (next === undefined) return
    this.#busyUntil = performance.now() + EACH_MS
    this.#draw(next, null)
    this.#hideAfter(EACH_MS)
    if (this.#waiting.length > 0) this.#next()
  }

  #draw(round: RoundShown, left: number | null): void {
    clearTimeout(this.#hiding)
    this.#round = round
    this.#goesOnAt = left === null ? 0 : performance.now() + left * 1000
    this.element.style.visibility = 'visible'
    this.#view.draw(round, left)
  }

  #left(): number | null {
    return this.#goesOnAt === 0 ? null : Math.max(0, (this.#goesOnAt - performance.now()) / 1000)
  }

  #tick(): void {
    const left = this.#left()
    if (this.#round !== undefined && left !== null) this.#view.tick?.(left)
  }

  #hideAfter(ms: number): void {
    clearTimeout(this.#hiding)
    this.#hiding = setTimeout(() => this.#hide(), ms)
  }

  #hide(): void {
    this.#round = undefined
    this.#goesOnAt = 0
    if (!this.piece.always) this.element.style.visibility = 'hidden'
    else if (this.piece.of !== 'wheel') this.#within.replaceChildren()
  }
}
