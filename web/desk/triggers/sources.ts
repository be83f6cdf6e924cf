import { GAME_NAMES } from '#core/games'
import { BET_SOURCES, RAFFLE_SOURCES, type Source, type SourceKind } from '#core/triggers'
import type { CommandsView } from '../commands/view.ts'

/** What each kind of trigger is called in a list. */
export const SOURCES: readonly { readonly value: SourceKind; readonly name: string }[] = [
  { value: 'outside', name: 'Somebody spends platform points' },
  { value: 'follow', name: 'Somebody follows' },
  { value: 'subscription', name: 'Somebody subscribes' },
  { value: 'gift', name: 'Somebody gives subscriptions away' },
  { value: 'raid', name: 'A raid arrives' },
  { value: 'tip', name: 'A tip arrives' },
  { value: 'cheer', name: 'A cheer arrives' },
  { value: 'button', name: 'A button on the page Buttons is pressed' },
  { value: 'timer', name: 'Every so many minutes on air' },
  { value: 'firstInShow', name: 'First message of a viewer in a show' },
  { value: 'firstEver', name: 'First message of a viewer ever' },
  { value: 'showStarted', name: 'The show starts' },
  { value: 'showEnded', name: 'The show ends' },
  { value: 'rankReached', name: 'Somebody reaches a rank' },
  { value: 'orderPlaced', name: 'Somebody orders a reward' },
  { value: 'gameWon', name: 'Somebody wins in a game' },
  { value: 'gameLost', name: 'Somebody loses in a game' },
  { value: 'heistEnded', name: 'A heist ends' },
  { value: 'cupWon', name: 'Somebody wins a cup' },
  { value: 'goalMilestone', name: 'A goal passes a milestone' },
  { value: 'goalReached', name: 'A goal is reached' },
  { value: 'raffleOpened', name: 'A raffle opens' },
  { value: 'raffleEntered', name: 'Somebody enters a raffle' },
  { value: 'raffleReminder', name: 'Chat is reminded of a raffle' },
  { value: 'raffleClosingSoon', name: 'A raffle is closing soon' },
  { value: 'raffleClosed', name: 'A raffle closes' },
  { value: 'raffleWon', name: 'Somebody is drawn in a raffle' },
  { value: 'raffleClaimed', name: 'A winner replies' },
  { value: 'raffleUnclaimed', name: 'A winner does not reply' },
  { value: 'betOpened', name: 'A bet opens' },
  { value: 'betLocked', name: 'A bet is locked' },
  { value: 'betSettled', name: 'A bet is paid' },
]

/** A source of a kind as it begins. */
export function freshSource(of: SourceKind, view: CommandsView): Source {
  const templated = [...RAFFLE_SOURCES, ...BET_SOURCES].find((one) => one === of)
  if (templated !== undefined) return { of: templated, setup: null } as Source
  switch (of) {
    case 'outside':
      return { of, reward: view.outside[0]?.id ?? '', approval: 'itself' }
    case 'button':
      return { of, board: '', colour: 'plain', confirm: false }
    case 'timer':
      return { of, minutes: 20, lines: 10 }
    case 'rankReached':
      return { of, rank: null }
    case 'orderPlaced':
      return { of, reward: null }
    case 'subscription':
    case 'gift':
    case 'raid':
    case 'tip':
    case 'cheer':
      return { of, from: 1, to: null }
    case 'gameWon':
    case 'gameLost':
      return { of, from: 1, to: null, game: null }
    default:
      return { of } as Source
  }
}

const UNITS: Readonly<Record<string, string>> = {
  subscription: 'tier',
  gift: 'subscriptions',
  raid: 'viewers',
  tip: 'whole units of money',
  cheer: 'cheered',
  gameWon: 'paid out',
  gameLost: 'lost',
}

/** What a range counts. */
export const unitOf = (of: SourceKind): string => UNITS[of] ?? ''

/** The templates that a source can be about: of bets, or of raffles. */
export const setupsFor = (of: SourceKind, { bets, setups }: CommandsView): readonly { id: number; name: string }[] =>
  BET_SOURCES.some((one) => one === of)
    ? bets.map(({ id, settings }) => ({ id, name: settings.question }))
    : setups.map(({ id, settings }) => ({ id, name: settings.title }))

/** What sets a trigger off, as a sentence for the list. */
export function sourceInWords(source: Source, view: CommandsView): string {
  const plain = SOURCES.find(({ value }) => value === source.of)?.name ?? source.of
  if ('setup' in source) {
    const title =
      setupsFor(source.of, view).find(({ id }) => id === source.setup)?.name ?? 'a template that was removed'
    return source.setup === null ? plain : `${plain}: ${title}`
  }
  switch (source.of) {
    case 'outside': {
      const name = view.outside.find(({ id }) => id === source.reward)?.name ?? 'a reward that was removed'
      return `Platform points spent on “${name}”${source.approval === 'hand' ? ', once approved' : ''}`
    }
    case 'button':
      return `A button${source.board === '' ? '' : ` on the board “${source.board}”`}`
    case 'timer':
      return `Every ${source.minutes} min on air${source.lines > 0 ? `, after ${source.lines} lines of chat` : ''}`
    case 'rankReached':
      return source.rank === null
        ? 'Somebody reaches any rank'
        : `Somebody reaches ${view.names.ranks.find(({ id }) => id === source.rank)?.name ?? 'a rank that was removed'}`
    case 'orderPlaced':
      return source.reward === null
        ? 'Somebody orders any reward'
        : `Somebody orders ${view.rewards.find(({ id }) => id === source.reward)?.name ?? 'a reward that was removed'}`
    case 'subscription':
    case 'gift':
    case 'raid':
    case 'tip':
    case 'cheer':
      return `${plain}${rangeInWords(source)}`
    case 'gameWon':
    case 'gameLost':
      return `${plain}${source.game ? `, in ${GAME_NAMES[source.game]}` : ''}${rangeInWords(source)}`
    default:
      return plain
  }
}

function rangeInWords({ of, from, to }: Extract<Source, { to: number | null }>): string {
  if (from <= 1 && to === null) return ''
  if (to === null) return `: ${from} ${unitOf(of)} or more`
  return from === to ? `: exactly ${from} ${unitOf(of)}` : `: ${from} to ${to} ${unitOf(of)}`
}
