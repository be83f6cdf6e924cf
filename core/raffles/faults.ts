import { isNobody } from '../access/index.ts'
import { digits } from '../currency/index.ts'
import { type Faults, foundFaults } from '../faults.ts'
import type { RaffleSettings } from './schema.ts'

/** What is around a raffle that it refers to. */
export interface RaffleAround {
  /** Rewards that hand out codes, with how many are left. */
  readonly codes: readonly { readonly id: number; readonly name: string; readonly left: number }[]
  readonly alerts: readonly { readonly id: number }[]
}

/** What keeps a raffle from being started, by the place in its settings. Its words are looked at apart. */
export function raffleFaults(settings: RaffleSettings, around: RaffleAround): Faults {
  const { seen, entryAlert, weights, free, word } = settings
  return foundFaults({
    prize: prizeFault(settings, around),
    seen:
      seen.least > seen.of ? `Nobody can be at ${seen.least} of ${seen.of} shows. Lower the first number.` : undefined,
    who: isNobody(settings.who) ? 'Nobody may enter: choose who.' : undefined,
    entryAlert:
      entryAlert !== null && !around.alerts.some(({ id }) => id === entryAlert)
        ? 'The alert for an entry was removed. Choose another, or none.'
        : undefined,
    weights: twice(weights.map(({ standing }) => standing)) ? 'A role has two weights. Remove one.' : undefined,
    free: twice(free.standings.map(({ standing }) => standing))
      ? 'A role has free tickets twice. Remove one.'
      : undefined,
    word: twice([word.word, ...word.aliases].map((one) => one.toLowerCase()))
      ? 'A word is listed twice. Remove one.'
      : undefined,
    remind: remindFault(settings),
    guess: guessFault(settings),
  })
}

function prizeFault({ prize, price }: RaffleSettings, { codes }: RaffleAround): string | undefined {
  if (prize.of === 'codes' && !codes.some(({ id }) => id === prize.reward))
    return 'Choose the reward whose codes are the prize.'
  if (prize.of === 'pot' && price === 0)
    return 'Tickets cost nothing, so there is nothing to share. Give them a price, or choose another prize.'
  return undefined
}

function remindFault({ remind, closeSeconds }: RaffleSettings): string | undefined {
  const late = closeSeconds === 0 ? undefined : remind.beforeMinutes.find((minutes) => minutes * 60 >= closeSeconds)
  if (late !== undefined)
    return `A reminder ${late} min before the end comes before it opens. Remove it, or keep the raffle open for longer.`
  return closeSeconds === 0 && twice(remind.beforeMinutes.map(String))
    ? 'A reminder is listed twice. Remove one.'
    : undefined
}

function guessFault({ guess, mostTickets, weights }: RaffleSettings): string | undefined {
  if (guess === null) return undefined
  if (guess.most <= guess.least) return 'The largest number is not above the smallest. Make it larger.'
  if (mostTickets > 1) return 'Everybody has one guess: set the tickets per person to 1.'
  return weights.length > 0 ? 'The nearest guess wins, whatever a ticket counts: remove the weights.' : undefined
}

const twice = (all: readonly string[]): boolean => new Set(all).size < all.length

/** What may not be meant so; it can be started all the same. */
export function raffleHints(settings: RaffleSettings, around: RaffleAround): string[] {
  const {
    prize,
    winners,
    price,
    mostTickets,
    mostPeople,
    byWord,
    byPage,
    closeSeconds,
    claimSeconds,
    free,
    entrySound,
  } = settings
  const hints: string[] = []
  const codes = prize.of === 'codes' ? around.codes.find(({ id }) => id === prize.reward) : undefined
  if (codes !== undefined && codes.left < winners)
    hints.push(
      `${codes.name} has ${codes.left} ${codes.left === 1 ? 'code' : 'codes'} left for ${winners} winners: you deliver the others yourself.`,
    )
  if (price === 0 && mostTickets > 1)
    hints.push(
      `Tickets cost nothing, so everyone simply has ${digits(mostTickets)}: that is the same chance as with one.`,
    )
  if (price > 0 && free.everyone >= mostTickets)
    hints.push('All tickets a viewer can have are free: the price does nothing.')
  if (price > 0 && free.everyone === 0)
    hints.push('No ticket is free: newcomers without currency cannot enter. One free ticket gives them a chance, too.')
  if (mostPeople > 0 && mostPeople < winners)
    hints.push(`It is full with ${digits(mostPeople)}, but there are ${winners} winners: everybody who enters wins.`)
  if (!byWord && !byPage)
    hints.push('It is entered by steps only: have a command, a reward or a trigger that gives tickets.')
  if (closeSeconds === 0 && mostPeople === 0 && !settings.thisShow) hints.push('It closes only when you close it.')
  if (winners > 1 && settings.draw === 'all' && claimSeconds > 0 && winners > 10)
    hints.push(`${winners} people must reply within the same ${claimSeconds} s.`)
  if (entrySound !== 'none' && settings.entryAlert !== null)
    hints.push('The alert may have a sound of its own: two would be heard.')
  return hints
}

/** What people went by when they entered: none of it changes any more once it is open. */
const FIXED: readonly (readonly [keyof RaffleSettings, string])[] = [
  ['price', 'the price'],
  ['free', 'the free tickets'],
  ['mostTickets', 'the most tickets for each'],
  ['weights', 'the weights'],
  ['guess', 'what is guessed'],
  ['prize', 'the prize'],
  ['winners', 'the number of winners'],
  ['who', 'who may enter'],
  ['hours', 'the hours needed'],
  ['followDays', 'how long one must follow'],
  ['seen', 'the shows needed'],
  ['winnerDays', 'how long winners wait'],
  ['word', 'the word'],
  ['thisShow', 'whether it ends with the show'],
]

/** What of a change cannot be any more, in words; undefined: nothing. */
export function fixedIn(before: RaffleSettings, after: RaffleSettings): string | undefined {
  return FIXED.find(([name]) => JSON.stringify(before[name]) !== JSON.stringify(after[name]))?.[1]
}
