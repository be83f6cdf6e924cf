import { balanceOf, payUpTo } from '../ledger/index.ts'
import type { RaffleId, ViewerId } from '../schema.ts'
import type { World } from '../world/index.ts'
import { weightOf } from './draw.ts'
import { type EntryRow, entries, entryKey, type RaffleRow, type TotalsRow, totalsOf } from './rows.ts'
import { count } from './tell.ts'

/** Somebody's part in a raffle; undefined where they are not in. */
export function entryOf(world: World, raffle: RaffleId, viewer: ViewerId): EntryRow | undefined {
  const row = world.get(entries, entryKey(raffle, viewer))
  return row?.state === 'in' ? row : undefined
}

/** What is in a raffle once somebody's part is another one; undefined: they have none. */
export function changedBy(sums: TotalsRow, before: EntryRow | undefined, after: EntryRow | undefined) {
  const of = (entry: EntryRow | undefined) => ({
    people: entry === undefined ? 0 : 1,
    tickets: entry?.tickets ?? 0,
    weight: entry === undefined ? 0 : weightOf(entry.tickets, entry.weight),
    paid: entry?.paid ?? 0,
  })
  const [was, is] = [of(before), of(after)]
  return {
    people: sums.people + is.people - was.people,
    tickets: sums.tickets + is.tickets - was.tickets,
    weight: sums.weight + is.weight - was.weight,
    paid: sums.paid + is.paid - was.paid,
  }
}

/** Takes an entry out of a raffle, and gives back what was paid. @param payee - Who gets it: the person, or whoever they were merged into. */
export function takeOut(
  world: World,
  raffle: RaffleRow,
  entry: EntryRow,
  payee: number,
  how: { readonly state: 'left' | 'removed'; readonly why: string | null },
): void {
  giveBack(world, raffle, entry, payee)
  world.put(entries, { ...entry, ...how, changedAt: world.at })
  count(world, raffle, changedBy(totalsOf(world, raffle.id), entry, undefined), null)
  world.fact('raffle.own', `viewer:${entry.viewer}`, { raffle: raffle.id, tickets: 0, paid: 0 })
}

/** Gives back what an entry was paid with. Needs the pot and the wallet. */
export function giveBack(world: World, raffle: RaffleRow, entry: EntryRow, payee: number): void {
  if (entry.paid === 0) return
  const detail = { name: raffle.settings.title, tickets: entry.tickets }
  payUpTo(world, {
    from: raffle.id,
    to: payee,
    amount: entry.paid,
    reason: 'ticketsBack',
    about: raffle.id,
    detail,
  })
  world.fact('balance.changed', `viewer:${payee}`, { balance: balanceOf(world, payee) })
}
