import { type Currency, digits, durationInWords, inWords, moneyInWords } from '../currency/index.ts'
import type { Amount } from '../schema.ts'
import type { TransferRow } from './transfer.ts'

type Explained = Pick<TransferRow, 'reason' | 'detail' | 'amount'>

/** Reasons that are told by what they belong to alone: what it begins with, and what it is called where its name is not known. */
const NAMED: Partial<Record<Explained['reason'], readonly [begins: string, fallback: string]>> = {
  ordered: ['Bought:', 'a reward'],
  gaveBack: ['Refunded:', 'a reward'],
  delivered: ['Done:', 'a reward'],
  reopened: ['Reopened:', 'a reward'],
  charged: ['Used:', 'a command'],
  chargeBack: ['Refunded:', 'a command'],
  staked: ['Staked:', 'a game'],
  stakeBack: ['Stake back:', 'a game'],
  houseAdds: ['From the house:', 'a game'],
  houseTakes: ['To the house:', 'a game'],
  ticketsBack: ['Raffle tickets, refunded:', 'a raffle'],
  ticketsSpent: ['Raffle tickets, spent:', 'a raffle'],
  chipped: ['Chipped in:', 'a goal'],
  chipBack: ['Refunded:', 'a goal'],
  chipSpent: ['Spent for:', 'a goal'],
  prize: ['Won in the raffle:', 'a raffle'],
}

/**
 * Why an amount moved, as a sentence for the trail: "Watched 10 min: 2 x 12 rivets".
 * The figures are those the transfer was made with, so the sentence always adds up to the amount.
 */
export function explainTransfer(explained: Explained, currency: Currency): string {
  const { detail, amount } = explained
  const owed = Number(detail?.owed ?? amount)
  const why = whyItMoved(explained, currency)
  return owed > amount ? `${why}: ${inWords(owed, currency)} owed, cut at the balance cap` : why
}

/** Reasons that need no more than themselves. */
const ALWAYS: { readonly [R in Explained['reason']]?: string } = {
  gapUndone: 'Undone: pay for a time when chat was away',
  allowance: 'The weekly allowance',
  forgotten: 'Forgotten: the rest was returned',
}

const checkedIn = (streak: number): string => `Checked in, ${streak} ${streak === 1 ? 'show' : 'shows'} in a row`

function whyItMoved({ reason, detail, amount }: Explained, currency: Currency): string {
  const named = (fallback: string) => (detail?.name === undefined ? fallback : String(detail.name))
  const plain = NAMED[reason]
  if (plain !== undefined) return `${plain[0]} ${named(plain[1])}`
  const always = ALWAYS[reason]
  if (always !== undefined) return always
  switch (reason) {
    case 'watched':
      return explainWatched(detail, amount, currency)
    case 'supported':
      return explainSupport(detail, amount, currency)
    case 'adjusted':
      return explainAdjusted(detail)
    case 'gap':
      return `${explainWatched(detail, amount, currency)}, while chat was away`
    case 'handed':
      return `Gift from ${detail?.from ?? 'somebody'} to ${detail?.to ?? 'somebody'}`
    case 'merged':
      return `Merged: ${detail?.from ?? 'one account'} into ${detail?.into ?? 'another'}`
    case 'checkedIn':
      return cutAt(checkedIn(Number(detail?.streak ?? 1)), detail, amount, currency)
    case 'chatted':
      return cutAt('Chatted', detail, amount, currency)
    case 'welcomed':
      return cutAt('Welcome: the first visit', detail, amount, currency)
    case 'imported':
      return `Imported from a file by ${detail?.by ?? 'the team'}`
    case 'run':
      return cutAt(named('A command'), detail, amount, currency)
    case 'won':
      return `${named('A game')}: out of a stake of ${inWords(Number(detail?.stake ?? 0), currency)}`
    case 'tickets':
      return `Raffle tickets, ${digits(Number(detail?.tickets ?? 1))}: ${named('a raffle')}`
    default:
      return named('Moved')
  }
}

const SUPPORT: Readonly<Record<string, (figure: (name: string) => number) => string>> = {
  follow: () => 'Followed',
  giftReceived: (figure) => `Received a gift subscription, tier ${figure('tier')}`,
  subscription: (figure) => `Subscribed, tier ${figure('tier')}`,
  resubscription: (figure) => `Subscribed again, tier ${figure('tier')}`,
  gift: (figure) => `Gave away ${digits(figure('count'))} ${figure('count') === 1 ? 'subscription' : 'subscriptions'}`,
  raid: (figure) => `Brought ${digits(figure('viewers'))} ${figure('viewers') === 1 ? 'viewer' : 'viewers'}`,
  tip: (figure) => `Tipped ${(figure('minorUnits') / 100).toFixed(2)}`,
  cheer: (figure) => `Cheered with ${digits(figure('units'))}`,
}

function explainSupport(detail: Explained['detail'], amount: Amount, currency: Currency): string {
  const money =
    detail?.kind === 'tip' && detail.currency !== undefined
      ? `Tipped ${moneyInWords(Number(detail.minorUnits), String(detail.currency))}`
      : undefined
  const what =
    money ?? SUPPORT[String(detail?.kind)]?.((name) => Number(detail?.[name] ?? 0)) ?? 'Supported the channel'
  return cutAt(what, detail, amount, currency)
}

/** What happened, and that less was paid for it than it is worth, if the wallet had no room for more. */
function cutAt(what: string, detail: Explained['detail'], amount: Amount, currency: Currency): string {
  const pays = Number(detail?.pays ?? amount)
  return amount < pays ? `${what}: ${inWords(pays, currency)}, cut at the balance cap` : what
}

const BY_HAND: Readonly<Record<string, string>> = { give: 'Given', take: 'Taken', set: 'Set', undo: 'Undone' }

/** "Given by wanda_bench: helped with the lamps". */
function explainAdjusted(detail: Explained['detail']): string {
  const why = String(detail?.why ?? '')
  return `${BY_HAND[String(detail?.how)] ?? 'Adjusted'} by ${detail?.by ?? 'the team'}${why === '' ? '' : `: ${why}`}`
}

function explainWatched(detail: Explained['detail'], amount: Amount, currency: Currency): string {
  const payouts = Number(detail?.payouts ?? 1)
  const each = Number(detail?.each ?? amount)
  const what = detail?.offAir === undefined ? 'Watched' : 'Was there off air for'
  const bonus = detail?.bonus === undefined ? '' : ` (${digits(Number(detail.base))} and ${detail.bonus})`
  const watched = `${what} ${durationInWords(payouts * Number(detail?.interval ?? 0))}: ${payouts} × ${inWords(each, currency)}${bonus}`
  return amount < payouts * each ? `${watched}, cut at the balance cap` : watched
}
