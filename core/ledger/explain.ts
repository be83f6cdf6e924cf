import { type Currency, durationInWords, inWords } from '../currency/index.ts'
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
    case 'adjusted':
      return explainAdjusted(detail)
  }
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
