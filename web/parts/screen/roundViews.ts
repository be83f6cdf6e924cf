import type { StateOf } from '#core/games'
import { drawWheel } from '../games/drawWheel.ts'
import { numbers, part } from './drawn.ts'
import type { RoundShown } from './page.ts'

// What each game looks like on the stream: large, few words, and following the outcome that was decided.

/** How a view of a round is made: it draws what is told into its place. */
export interface RoundView {
  /** @param left - Seconds until it goes on by itself; null: it has ended. */
  readonly draw: (round: RoundShown, left: number | null) => void
  /** The clock alone. */
  readonly tick?: (left: number) => void
}

const secondsText = (left: number): string => `${Math.ceil(left)} s`

/** The last few names that fit a glance. */
const NAMES_SHOWN = 8

/** The crew of a heist: gathering, then the rooms with who is inside, out or caught. */
export function drawCrew(within: HTMLElement, title: string): RoundView {
  let clock: HTMLElement | undefined
  const draw = (round: RoundShown, left: number | null) => {
    const state = round.state as StateOf<'heist'>
    within.replaceChildren()
    const head = part(within, 'round-head')
    part(head, 'head', state.site?.name ?? title)
    clock = part(head, 'round-clock', left === null ? '' : secondsText(left))
    if (state.site === null) {
      part(within, 'round-figure', `${numbers.format(round.seats)} in`)
      part(within, 'round-line', `${numbers.format(round.staked)} in the pot`)
      part(
        within,
        'round-names',
        (round.crew ?? [])
          .slice(-NAMES_SHOWN)
          .map(({ name }) => name)
          .join('  ·  '),
      )
      return
    }
    rooms(within, state)
    const over = round.status === 'settled'
    const line = over ? `${numbers.format(round.paid)} carried home` : `${state.inside} of ${round.seats} inside`
    part(within, 'round-line', round.status === 'off' ? 'called off' : line)
    members(within, round)
  }
  return {
    draw,
    tick: (left) => {
      if (clock !== undefined) clock.textContent = secondsText(left)
    },
  }
}

function rooms(within: HTMLElement, { site, step }: StateOf<'heist'>): void {
  const row = part(within, 'rooms')
  for (const [i, room] of (site?.rooms ?? []).entries()) {
    const box = part(row, i < step ? 'room past' : i === step ? 'room next' : 'room')
    part(box, 'room-name', room.name)
    part(box, 'room-pays', `× ${(room.multiplier / 100).toFixed(2)}`)
  }
}

const MARKS: Readonly<Record<string, string>> = { out: '✓ ', caught: '✗ ', in: '' }

function members(within: HTMLElement, { crew = [] }: RoundShown): void {
  const list = part(within, 'members')
  const shown = [...crew].sort((a, b) => b.paid - a.paid).slice(0, 2 * NAMES_SHOWN)
  for (const { name, state, paid } of shown)
    part(list, `member ${state}`, `${MARKS[state] ?? ''}${name}${paid > 0 ? ` ${numbers.format(paid)}` : ''}`)
}

/** @param left - Whether it was won on the left; undefined: it is not over. */
function needleOf(status: RoundShown['status'], left: boolean | undefined): string {
  if (left !== undefined) return left ? 'needle to-left' : 'needle to-right'
  return status === 'running' ? 'needle swings' : 'needle'
}

/** Two who face each other; a brass needle swings between them until it is decided. */
export function drawDuel(within: HTMLElement, title: string): RoundView {
  let clock: HTMLElement | undefined
  const draw = (round: RoundShown, left: number | null) => {
    const { challenger, challenged, stake, winner } = round.state as StateOf<'duel'>
    const over = round.status === 'settled'
    within.replaceChildren()
    const head = part(within, 'round-head')
    part(head, 'head', title)
    clock = part(head, 'round-clock', round.status === 'opened' && left !== null ? secondsText(left) : '')
    const row = part(within, 'duel-row')
    const side = (who: { id: number; name: string } | null, place: string) => {
      const outcome = over ? (who?.id === winner ? ' winner' : ' loser') : ''
      part(row, `duellist ${place}${outcome}`, who?.name ?? 'anybody?')
    }
    side(challenger, 'left')
    part(part(row, 'needle-box'), needleOf(round.status, over ? winner === challenger.id : undefined))
    side(challenged, 'right')
    const told =
      round.status === 'off'
        ? (round.why ?? 'called off')
        : over
          ? `${numbers.format(round.paid)} to the winner`
          : `${numbers.format(stake)} each`
    part(within, 'round-line', told)
  }
  return {
    draw,
    tick: (left) => {
      if (clock !== undefined && clock.textContent !== '') clock.textContent = secondsText(left)
    },
  }
}

/** The wheel with the bets that lie on it; it turns when bets are closed, to the number that was drawn. */
export function drawOpenWheel(within: HTMLElement, title: string): RoundView {
  within.classList.add('wheel-row')
  const wheel = drawWheel()
  wheel.element.classList.add('wheel-disc')
  const beside = part(within, 'wheel-beside')
  within.prepend(wheel.element as unknown as HTMLElement)
  let clock: HTMLElement | undefined
  const draw = (round: RoundShown, left: number | null) => {
    const { number } = round.state as StateOf<'roulette'>
    wheel.stopAt(number, round.status === 'running')
    beside.replaceChildren()
    part(beside, 'head', title)
    clock = undefined
    if (number === null) {
      clock = part(beside, 'round-figure', left === null ? '' : secondsText(left))
      part(beside, 'round-line', `${numbers.format(round.staked)} on it`)
    } else if (round.status === 'running') part(beside, 'round-line', 'No more bets')
    else part(beside, 'round-line', `${numbers.format(round.paid)} paid`)
    const bets = part(beside, 'bets')
    for (const { name, told } of (round.crew ?? []).slice(-4))
      part(bets, 'bet', told === undefined || told === '' ? name : `${name}: ${told}`)
  }
  return {
    draw,
    tick: (left) => {
      if (clock !== undefined) clock.textContent = secondsText(left)
    },
  }
}

function drawMatch(
  box: HTMLElement,
  match: StateOf<'cup'>['matches'][number],
  names: ReadonlyMap<number, string>,
): void {
  for (const side of [match.a, match.b]) {
    const lost = match.winner !== null && match.winner !== side
    const won = match.winner === side && side !== null
    const name = side === null ? (match.how === 'bye' ? '–' : ' ') : (names.get(side) ?? '?')
    part(box, lost ? 'bracket-side lost' : won ? 'bracket-side won' : 'bracket-side', name)
  }
}

/** The bracket of a cup, level by level, the called match in brass. */
export function drawBracket(within: HTMLElement, title: string): RoundView {
  let clock: HTMLElement | undefined
  const draw = (round: RoundShown, left: number | null) => {
    const { rules, entrants, matches, current } = round.state as StateOf<'cup'>
    const names = new Map(entrants.map(({ id, name }) => [id, name]))
    within.replaceChildren()
    const head = part(within, 'round-head')
    part(head, 'head', rules.name || title)
    clock = part(head, 'round-clock', left === null ? '' : secondsText(left))
    if (matches.length === 0) {
      part(within, 'round-figure', `${entrants.length} of ${rules.places}`)
      part(
        within,
        'round-names',
        entrants
          .slice(-NAMES_SHOWN)
          .map(({ name }) => name)
          .join('  ·  '),
      )
      return
    }
    const columns = part(within, 'bracket-columns')
    // From afar the last levels are what can be read.
    const last = matches.at(-1)?.level ?? 0
    for (let level = Math.max(0, last - 3); level <= last; level++) {
      const column = part(columns, 'bracket-column')
      for (const match of matches.filter((one) => one.level === level))
        drawMatch(part(column, match.id === current ? 'bracket-match called' : 'bracket-match'), match, names)
    }
  }
  return {
    draw,
    tick: (left) => {
      if (clock !== undefined) clock.textContent = secondsText(left)
    },
  }
}
