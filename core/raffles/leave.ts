import { amount } from '../currency/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { ViewerId } from '../schema.ts'
import { ok, type Result, refuse, type World } from '../world/index.ts'
import type { Entered } from './enter.ts'
import { entryOf, takeOut } from './entry.ts'
import { takesEntries } from './mayEnter.ts'
import { type EntryRow, type RaffleRow, runningRaffle } from './rows.ts'
import { tell } from './tell.ts'

/** Takes somebody out again: what they paid goes back. */
export function leaveRaffle(world: World, raffle: RaffleRow, viewer: ViewerRow): Result<Entered> {
  const open = takesEntries(raffle, world.at)
  if (!open.ok) return refuse('raffle_closed', `${open.refusal.sentence} Nobody can leave it now.`)
  const entry = entryOf(world, raffle.id, viewer.id)
  if (entry === undefined) return refuse('raffle_not_in', `You are not in the raffle “${raffle.settings.title}”.`)
  takeOut(world, raffle, entry, viewer.id, { state: 'left', why: null })
  const back = entry.paid === 0 ? '' : ` ${amount(world, entry.paid)} refunded.`
  return ok({
    raffle: raffle.id,
    added: -entry.tickets,
    cost: -entry.paid,
    tickets: 0,
    told: `${viewer.name} is out of “${raffle.settings.title}”.${back}`,
  })
}

/** Takes somebody out by hand, with the reason that everybody can read. Needs their entry, the pot and their payee. */
export function removeEntry(
  world: World,
  id: number,
  viewer: ViewerId,
  payee: number,
  why: string,
  by: string,
): Result<EntryRow> {
  const raffle = runningRaffle(world, id)
  if (raffle === undefined || (raffle.status !== 'open' && raffle.status !== 'closed'))
    return refuse('raffle_not_found', 'This raffle no longer exists or has ended.')
  const entry = entryOf(world, id, viewer)
  if (entry === undefined) return refuse('raffle_not_in', 'They are no longer in the raffle.')
  if (raffle.draws > 0)
    return refuse('raffle_drawn', 'The draw has begun: everybody who is in stays in. Skip a winner instead.')
  takeOut(world, raffle, entry, payee, { state: 'removed', why: `${why.trim()} (${by})` })
  const back = entry.paid === 0 ? '' : ` ${amount(world, entry.paid)} refunded.`
  tell(world, `${entry.name} was removed from “${raffle.settings.title}”: ${why.trim()}.${back}`)
  return ok(entry)
}
