import type { StateOf } from '#core/games'
import { DRAWN_SYMBOLS } from '../games/symbols.ts'
import { numbers, part } from './drawn.ts'
import type { RoundShown } from './page.ts'
import type { RoundView } from './roundViews.ts'

const still = (): boolean => window.matchMedia('(prefers-reduced-motion: reduce)').matches

/** When each reel stops (ms). */
const STOPS = [900, 1500, 2100]

/** Three reels that stop one after the other, or the coin. */
export function drawMachine(within: HTMLElement, title: string): RoundView {
  return {
    draw: (round) => {
      within.replaceChildren()
      part(within, 'head', round.by === null || round.by === undefined ? title : round.by)
      if (round.state.of === 'coin') return coin(within, round, round.state)
      if (round.state.of === 'reels') reels(within, round, round.state)
    },
  }
}

function symbol(parent: HTMLElement, name: string): void {
  if (!(DRAWN_SYMBOLS as readonly string[]).includes(name)) {
    part(parent, 'symbol', name)
    return
  }
  const picture = document.createElement('img')
  picture.className = 'symbol'
  picture.alt = name
  picture.src = `/pictures/symbols/${name}.svg`
  parent.append(picture)
}

function reels(within: HTMLElement, { paid, staked }: RoundShown, { shown }: Pick<StateOf<'reels'>, 'shown'>): void {
  const row = part(within, 'reels-row')
  const now = still()
  for (const [i, name] of shown.entries()) {
    const window = part(row, now ? 'reel' : 'reel turns')
    symbol(window, name)
    if (!now) setTimeout(() => window.classList.remove('turns'), STOPS[i] ?? 0)
  }
  const line = part(within, 'round-line')
  const tell = () => {
    line.textContent =
      paid > 0 ? `${numbers.format(paid)} for ${numbers.format(staked)}` : `nothing for ${numbers.format(staked)}`
    if (paid > 0) line.classList.add('wins')
  }
  if (now) tell()
  else setTimeout(tell, STOPS[2])
}

function coin(within: HTMLElement, { paid, staked }: RoundShown, { side, called }: StateOf<'coin'>): void {
  const disc = part(within, still() ? 'coin' : 'coin turns', still() ? side : '')
  const line = part(within, 'round-line', `called ${called}`)
  const tell = () => {
    disc.classList.remove('turns')
    disc.textContent = side
    line.textContent =
      paid > 0 ? `${numbers.format(paid)} for ${numbers.format(staked)}` : `${numbers.format(staked)} gone`
    if (paid > 0) line.classList.add('wins')
  }
  if (still()) tell()
  else setTimeout(tell, 1500)
}
