import { queryOptions } from '@tanstack/react-query'
import type { WhoNames } from '#core/access'
import type {
  ChatWords,
  CommandSettings,
  Listener,
  Readiness,
  RewardAround,
  RewardWord,
  Standing,
} from '#core/commands'
import { listenersOf, otherWords, rewardListeners } from '#core/commands'
import type { Currency } from '#core/currency'
import type { CircleRow } from '#core/people'
import type { SetupRow } from '#core/raffles'
import type { TallyRow } from '#core/tallies'
import type { TriggerSettings } from '#core/triggers'
import type { Voice } from '#core/voice'
import { read } from '../../parts/api.ts'

export interface CommandShown {
  readonly id: number
  readonly settings: CommandSettings
  readonly who: string
  readonly ready: Readiness
}

export interface TriggerShown {
  readonly id: number
  readonly settings: TriggerSettings
  readonly dueAt: number | null
  readonly who: string
  readonly ready: Readiness
}

/** Everything that the pages about commands show and their forms need. */
export interface CommandsView {
  readonly commands: readonly CommandShown[]
  readonly triggers: readonly TriggerShown[]
  readonly tallies: readonly TallyRow[]
  readonly circles: readonly CircleRow[]
  readonly rewards: readonly (RewardAround & RewardWord)[]
  readonly alerts: readonly { readonly id: number; readonly name: string }[]
  readonly outside: readonly {
    readonly id: string
    readonly name: string
    readonly price: number | null
    readonly seenAt: number
    readonly listed: boolean
  }[]
  readonly names: WhoNames
  readonly standing: Standing
  readonly voice: Voice
  readonly words: ChatWords
  /** The words of the games that are on. */
  readonly games: readonly Listener[]
  /** The words of the raffles that are on. */
  readonly raffles: readonly Listener[]
  /** The set-ups of raffles that are kept. */
  readonly setups: readonly SetupRow[]
}

export const commandsQuery = queryOptions({
  queryKey: ['commands'],
  queryFn: ({ signal }) => read<CommandsView>('/desk/commands', signal),
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
})

/** The rows of commands as the rules know them. */
export const rowsOf = ({ commands }: CommandsView) =>
  commands.map(({ id, settings }) => ({ id, settings, goneAt: null }))

/** The groups there are, without the empty one, in the order of the alphabet. */
export function groupsOf({ commands, triggers }: CommandsView): string[] {
  const names = [...commands, ...triggers].map(({ settings }) => settings.group)
  return [...new Set(names.filter((name) => name !== ''))].sort((a, b) => a.localeCompare(b))
}
