import { amount, digits } from '../currency/index.ts'
import type { World } from '../world/index.ts'
import { type RaffleRow, raffles, runningRaffles, totalsOf } from './rows.ts'
import { figuresOf, peopleInWords, tell, tellChanged, tellCount } from './tell.ts'
import { ticketsInWords } from './tickets.ts'

/** Why a raffle closes: its time is over, as many are in as it takes, a hand did it, or the show is over. */
export type CloseCause = 'time' | 'full' | 'hand' | 'show'

const CAUSES: Readonly<Record<CloseCause, string>> = {
  time: 'is closed',
  full: 'is full and closed',
  hand: 'is closed',
  show: 'is closed, as the show is over',
}

/** Closes a raffle: nobody enters or leaves any more, and what is in stands. */
export function closeRaffle(world: World, raffle: RaffleRow, cause: CloseCause): RaffleRow {
  const closed = world.put(raffles, { ...raffle, status: 'closed', closesAt: null, remindAt: null, closedAt: world.at })
  const sums = tellCount(world, totalsOf(world, raffle.id))
  const { title, mostTickets } = raffle.settings
  const tickets = mostTickets === 1 ? '' : ` with ${ticketsInWords(sums.tickets)}`
  const pot = sums.paid === 0 ? '' : `, ${amount(world, sums.paid)} in the pot`
  const who =
    sums.people === 0
      ? 'nobody came in'
      : `${peopleInWords(sums.people)} ${sums.people === 1 ? 'is' : 'are'} in${tickets}${pot}`
  tell(world, `“${title}” ${CAUSES[cause]}: ${who}.`)
  tellChanged(world, closed)
  world.moment('raffleClosed', null, {
    ...figuresOf(closed),
    people: sums.people,
    tickets: sums.tickets,
    paid: digits(sums.paid),
  })
  return closed
}

/** Closes the raffles that belong to a show which is over. To be called once what happened is known. */
export function closeWithShow(world: World): void {
  if (!world.moments.some(({ kind }) => kind === 'showEnded')) return
  for (const raffle of runningRaffles(world))
    if (raffle.status === 'open' && raffle.settings.thisShow) closeRaffle(world, raffle, 'show')
}
