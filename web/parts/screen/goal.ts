import type { Piece } from '#core/screen'
import type { LiveFact } from '../feed.ts'
import { type Drawn, numbers, part, sizeLetters } from './drawn.ts'
import type { GoalOnPage, Shown } from './page.ts'

/** How long a goal that was reached stays in view (ms). */
const STAYS_MS = 15_000

/** The goal that is open: what is promised, how far it has come with its milestones, and who gave last. */
export class GoalOnScreen implements Drawn {
  readonly show: Drawn['show']
  readonly hear: Drawn['hear']
  readonly #within: HTMLElement
  #goal: GoalOnPage | undefined
  #hiding: ReturnType<typeof setTimeout> | undefined

  constructor(
    readonly piece: Extract<Piece, { of: 'goal' }>,
    readonly element: HTMLElement,
  ) {
    this.#within = part(element, 'within round goal')
    sizeLetters(this.#within, piece, 20, 6.8)
    this.show = (shown) => this.#told(shown)
    this.hear = (live) => this.#hear(live)
    this.#hide()
  }

  #told(shown: Shown | undefined): void {
    // What was just reached stays in view for a moment; then the next one is shown.
    if (this.#hiding !== undefined) return
    if (shown?.goal === undefined) this.#hide()
    else this.#draw(shown.goal)
  }

  #hear({ kind, body }: LiveFact): boolean {
    const goal = this.#goal
    if (kind === 'goal.counted' && goal?.id === body.goal) {
      this.#draw({ ...goal, paid: body.paid, lastName: body.name, lastAmount: body.amount })
      return false
    }
    if (kind === 'goal.ended' && goal?.id === body.goal && body.status === 'reached') {
      this.#draw({ ...goal, paid: goal.target })
      part(this.#within, 'goal-last', 'Reached. Thank you!')
      this.#hiding = setTimeout(() => this.#hide(), STAYS_MS)
      return true
    }
    return kind === 'goal.changed' || kind === 'goal.ended'
  }

  #draw(goal: GoalOnPage): void {
    this.#goal = goal
    this.element.style.visibility = 'visible'
    this.#within.replaceChildren()
    const { title, paid, target, milestones, lastName, lastAmount, word } = goal
    const share = (amount: number) => `${Math.min(100, Math.floor((amount / target) * 100))}%`
    part(part(this.#within, 'round-head'), 'head', title)
    const bar = part(this.#within, 'goal-bar')
    part(bar, 'goal-fill').style.width = share(paid)
    for (const { at } of milestones) part(bar, 'goal-mark').style.left = share(at)
    const row = part(this.#within, 'goal-row')
    part(row, 'goal-paid', `${numbers.format(paid)} of ${numbers.format(target)}`)
    const next = milestones.find(({ at }) => at > paid)
    if (next !== undefined) part(row, 'goal-next', `${numbers.format(next.at)}: ${next.name}`)
    if (paid >= target) return
    const last = lastName === '' ? '' : `  ·  ${lastName} +${numbers.format(lastAmount)}`
    part(this.#within, 'goal-last', `!${word}${last}`)
  }

  #hide(): void {
    clearTimeout(this.#hiding)
    this.#hiding = undefined
    this.#goal = undefined
    if (!this.piece.always) this.element.style.visibility = 'hidden'
    this.#within.replaceChildren()
    if (this.piece.always && this.piece.title !== '') part(this.#within, 'head', this.piece.title)
  }
}
