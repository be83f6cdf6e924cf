import { chanceInWords, FINISH_SECONDS, prizeInWords } from '#core/raffles'
import type { Reader } from '../database/index.ts'
import { codeRewards, entriesOf, type RaffleShown, runningRafflesOf, winnersOf } from '../raffles/index.ts'
import { currencyOf } from '../settings/index.ts'

const NAMES = 6

/** A raffle that closes later than this (seconds) does not stand on the stream all the while: only its draw is seen there. */
const SOON = 12 * 3600
/** How long a winner stays in view (seconds). */
const WON_SECONDS = 20

/** Which of several raffles is looked at: one that is drawn, then one whose winner is waited for or has just won, then the one opened last. */
function onStage(all: readonly RaffleShown[], now: number): RaffleShown | undefined {
  const opened = all.filter(({ status }) => status === 'open' || status === 'closed')
  const soon = ({ settings, closesAt, status }: RaffleShown) =>
    settings.thisShow || status === 'closed' || (closesAt !== null && closesAt - now <= SOON)
  return (
    opened.findLast(({ drawing }) => drawing !== null) ??
    opened.findLast(({ waiting }) => waiting.length > 0) ??
    opened.findLast(({ finishAt }) => finishAt !== null && finishAt - FINISH_SECONDS + WON_SECONDS > now) ??
    opened.findLast((one) => one.status === 'open' && soon(one)) ??
    opened.findLast(soon)
  )
}

/** The raffle that is on, as its piece shows it. */
export async function raffleOnScreen(db: Reader, channel: number, now: number) {
  const raffle = onStage(await runningRafflesOf(db, channel), now)
  if (raffle === undefined) return undefined
  const { id, settings, status, closesAt, people, tickets, drawing, waiting } = raffle
  const codes = await codeRewards(db, channel)
  const reward = (one: number) => codes.find((row) => row.id === one)?.name ?? 'a reward'
  const latest = await entriesOf(db, channel, id, { state: 'in', order: 'late', limit: NAMES })
  const won = (await winnersOf(db, channel, [id])).filter((one) => one.state === 'won')
  const wonAt = Math.max(0, ...won.map((one) => one.claimedAt ?? one.deliveredAt ?? one.drawnAt))
  return {
    raffle: {
      id,
      status,
      title: settings.title,
      prize: prizeInWords(settings.prize, settings.winners, await currencyOf(db, channel), reward),
      word: settings.byWord ? settings.word.word : null,
      people,
      tickets,
      left: closesAt === null ? null : closesAt - now,
      names: latest.map(({ name }) => name).reverse(),
      drawing,
      waiting: waiting.map(({ name, until }) => ({ name, left: until - now })),
      won: won.map(({ name, line, weight, total }) => ({ name, line, chance: chanceInWords(weight, total) })),
      wonAgo: won.length === 0 ? null : now - wonAt,
    },
  }
}
