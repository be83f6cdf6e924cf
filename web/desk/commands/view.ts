import { queryOptions } from '@tanstack/react-query'
import type { Currency } from '#core/currency'
import { type Listener, listenersOf, otherWords, rewardListeners } from '#core/words'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

export type CommandShown = Answer<'/desk/commands'>['commands'][number]

export type TriggerShown = Answer<'/desk/commands'>['triggers'][number]

/** Everything that the pages about commands show and their forms need. */
export type CommandsView = Answer<'/desk/commands'>

export const commandsQuery = queryOptions({
  queryKey: keyOf('commands'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/commands', { signal })),
  // Whether something works depends on connections, which are no facts of the channel.
  refetchInterval: 10_000,
})

/** All that listens in chat beside what is changed. */
export const othersThan = (
  view: CommandsView,
  currency: Currency,
  but: { readonly command?: number | null; readonly reward?: number | null },
): Listener[] => otherWords(currency, view.words, view, but)

/** The words of commands and rewards; none while they are not known. */
export const wordsIn = (view: CommandsView | undefined): Listener[] =>
  view === undefined
    ? []
    : [...listenersOf(view.commands), ...rewardListeners(view.rewards), ...view.games, ...view.raffles]

/** What steps can refer to, beside what is their own. */
export const aroundView = (view: CommandsView) => ({
  tallies: view.tallies,
  circles: view.circles,
  rewards: view.rewards,
  alerts: view.alerts,
  commands: rowsOf(view),
  setups: view.setups,
  bets: view.bets,
})

/** The rows of commands as the rules know them. */
export const rowsOf = ({ commands }: CommandsView) =>
  commands.map(({ id, settings }) => ({ id, settings, goneAt: null }))

/** The groups there are, without the empty one, in the order of the alphabet. */
export function groupsOf({ commands, triggers }: CommandsView): string[] {
  const names = [...commands, ...triggers].map(({ settings }) => settings.group)
  return [...new Set(names.filter((name) => name !== ''))].sort((a, b) => a.localeCompare(b))
}
