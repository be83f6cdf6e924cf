import type { StateOf } from '#core/games'
import { numbers, part } from './drawn.ts'
import type { RoundShown } from './page.ts'
import type { RoundView } from './roundViews.ts'

// Games that a whole room plays together: how many are still in, how far it has come, and who it is down to.

type Member = NonNullable<RoundShown['crew']>[number]

/** So many names are read at a glance. */
const NAMES_SHOWN = 12

const secondsText = (left: number): string => `${Math.ceil(left)} s`

/** A view with a head, a clock, and a body that is drawn anew whenever something is told. */
function view(within: HTMLElement, title: (round: RoundShown) => string, body: (round: RoundShown) => void): RoundView {
  let clock: HTMLElement | undefined
  return {
    draw: (round, left) => {
      within.replaceChildren()
      const head = part(within, 'round-head')
      part(head, 'head', title(round))
      clock = part(head, 'round-clock', left === null ? '' : secondsText(left))
      if (round.status === 'off') part(within, 'round-line', round.why ?? 'called off')
      else if (round.status === 'gathering') gathering(within, round)
      else body(round)
    },
    tick: (left) => {
      if (clock !== undefined) clock.textContent = secondsText(left)
    },
  }
}

function gathering(within: HTMLElement, { seats, staked, crew = [] }: RoundShown): void {
  part(within, 'round-figure', `${numbers.format(seats)} in`)
  if (staked > 0) part(within, 'round-line', `${numbers.format(staked)} in the pot`)
  const last = crew.slice(-NAMES_SHOWN).map(({ name }) => name)
  part(within, 'round-names', last.join('  ·  '))
}

function named(within: HTMLElement, crew: readonly Member[], told: (one: Member) => string): void {
  const list = part(within, 'members')
  for (const one of crew.slice(0, NAMES_SHOWN)) part(list, `member ${one.state}`, told(one))
}

/** A scramble: who is still in, wave by wave, and who is left. */
export const drawScramble = (within: HTMLElement, title: string): RoundView =>
  view(
    within,
    () => title,
    ({ status, state, seats, crew = [] }) => {
      const { left } = state as StateOf<'scramble'>
      const [first] = crew
      if (status === 'settled') part(within, 'round-figure', first?.name ?? '')
      else part(within, 'round-figure', `${numbers.format(left)} of ${numbers.format(seats)} left`)
      named(within, status === 'settled' ? crew.filter(({ paid }) => paid > 0) : crew, (one) =>
        one.paid > 0 ? `${one.name} +${numbers.format(one.paid)}` : one.state === 'lost' ? `✗ ${one.name}` : one.name,
      )
    },
  )

/** A fight: how many hits there are of those it takes, and who hit how often. */
export const drawBoss = (within: HTMLElement, title: string): RoundView =>
  view(
    within,
    ({ state }) => (state as StateOf<'boss'>).name || title,
    ({ status, state, paid, crew = [] }) => {
      const { needed, hits, step, strength } = state as StateOf<'boss'>
      const bar = part(within, 'goal-bar boss-bar')
      part(bar, 'goal-fill').style.width = `${Math.min(100, Math.floor((hits / Math.max(1, needed)) * 100))}%`
      const stands = `${numbers.format(hits)} of ${numbers.format(needed)} hits`
      const over = hits >= needed ? `It falls! ${numbers.format(paid)} for you` : `It stands, ${stands}`
      part(within, 'round-line', status === 'settled' ? over : `${stands}, blow ${step} of ${strength.blows}`)
      const best = [...crew].sort((a, b) => (b.hits ?? 0) - (a.hits ?? 0))
      named(within, best, ({ name, hits: own = 0 }) => `${name} ×${own}`)
    },
  )
