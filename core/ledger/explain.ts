import { type Currency, digits, durationInWords, inWords } from '../currency/index.ts'
import type { TransferRow } from './transfer.ts'

type Explained = Pick<TransferRow, 'reason' | 'detail' | 'amount'>

/**
 * Why an amount moved, as a sentence for the trail: "Watched 10 min: 2 x 12 rivets".
 * The figures are those the transfer was made with, so the sentence always adds up to the amount.
 */
export function explainTransfer({ reason, detail, amount }: Explained, currency: Currency): string {
  const named = (fallback: string) => (detail?.name === undefined ? fallback : String(detail.name))
  switch (reason) {
    case 'watched':
      return explainWatched(detail, amount, currency)
    case 'ordered':
      return `Bought: ${named('a reward')}`
    case 'gaveBack':
      return `Money back: ${named('a reward')}`
    case 'delivered':
      return `Done: ${named('a reward')}`
    case 'reopened':
      return `Taken up again: ${named('a reward')}`
    case 'supported':
      return explainSupport(detail, amount, currency)
    case 'adjusted':
      return explainAdjusted(detail)
  }
}

const SUPPORT: Readonly<Record<string, (figure: (name: string) => number) => string>> = {
  follow: () => 'Followed',
  subscription: (figure) => `Subscribed, tier ${figure('tier')}`,
  resubscription: (figure) => `Subscribed again, tier ${figure('tier')}`,
  gift: (figure) => `Gave away ${digits(figure('count'))} ${figure('count') === 1 ? 'subscription' : 'subscriptions'}`,
  raid: (figure) => `Brought ${digits(figure('viewers'))} ${figure('viewers') === 1 ? 'viewer' : 'viewers'}`,
  tip: (figure) => `Tipped ${(figure('minorUnits') / 100).toFixed(2)}`,
  cheer: (figure) => `Cheered with ${digits(figure('units'))}`,
}

function explainSupport(detail: Explained['detail'], amount: number, currency: Currency): string {
  const what = SUPPORT[String(detail?.kind)]?.((name) => Number(detail?.[name] ?? 0)) ?? 'Supported the channel'
  const pays = Number(detail?.pays ?? amount)
  return amount < pays ? `${what}: ${inWords(pays, currency)}, cut at the most one can hold` : what
}

const BY_HAND: Readonly<Record<string, string>> = { give: 'Given', take: 'Taken', set: 'Set', undo: 'Corrected again' }

/** "Given by wanda_bench: helped with the lamps". */
function explainAdjusted(detail: Explained['detail']): string {
  const why = String(detail?.why ?? '')
  return `${BY_HAND[String(detail?.how)] ?? 'Corrected'} by ${detail?.by ?? 'the team'}${why === '' ? '' : `: ${why}`}`
}

function explainWatched(detail: Explained['detail'], amount: number, currency: Currency): string {
  const payouts = Number(detail?.payouts ?? 1)
  const each = Number(detail?.each ?? amount)
  const watched = `Watched ${durationInWords(payouts * Number(detail?.interval ?? 0))}: ${payouts} × ${inWords(each, currency)}`
  return amount < payouts * each ? `${watched}, cut at the most one can hold` : watched
}
