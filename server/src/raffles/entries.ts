import { and, asc, desc, eq, ilike, sql } from 'drizzle-orm'
import { sharesOf } from '#core/raffles'
import type { UnixSeconds } from '#core/schema'
import { type Reader, schema } from '../database/index.ts'
import { revealedOnly } from './read.ts'

const { raffleEntry, raffleWinner } = schema

/** Guesses of others are told to nobody, the desk included, while somebody can still guess. */
const guessTold = {
  guess: sql<number | null>`case when ${stillOpen()} then null else ${raffleEntry.guess} end`.mapWith(
    raffleEntry.guess,
  ),
  guessOrder: sql<number | null>`case when ${stillOpen()} then null else ${raffleEntry.guessOrder} end`.mapWith(
    raffleEntry.guessOrder,
  ),
}

function stillOpen() {
  return sql`exists (select from raffle r where r.channel = ${raffleEntry.channel} and r.id = ${raffleEntry.raffle} and r.status in ('planned', 'open'))`
}

const entryColumns = {
  viewer: raffleEntry.viewer,
  name: raffleEntry.name,
  nr: raffleEntry.nr,
  tickets: raffleEntry.tickets,
  free: raffleEntry.free,
  paid: raffleEntry.paid,
  weight: raffleEntry.weight,
  standing: raffleEntry.standing,
  at: raffleEntry.at,
  changedAt: raffleEntry.changedAt,
  guess: guessTold.guess,
  state: raffleEntry.state,
  why: raffleEntry.why,
}

export interface EntriesAsked {
  readonly text?: string | undefined
  readonly state?: 'in' | 'left' | 'removed' | undefined
  readonly order?: 'nr' | 'late' | 'chance' | undefined
  /** So many are left out from the beginning. */
  readonly from?: number | undefined
  readonly limit?: number
}

const ENTRIES = 100

/** Who is, or was, in a raffle: in the order of first entry if nothing else is asked for. */
export function entriesOf(db: Reader, channel: number, id: number, asked: EntriesAsked) {
  const { text, state, order = 'nr', from = 0, limit = ENTRIES } = asked
  const like = text === undefined || text === '' ? undefined : `%${text.replaceAll(/[%_\\]/g, '\\$&')}%`
  const orders = {
    nr: [asc(raffleEntry.nr)],
    late: [desc(raffleEntry.changedAt), desc(raffleEntry.nr)],
    chance: [sql`${raffleEntry.tickets} * ${raffleEntry.weight} desc`, asc(raffleEntry.nr)],
  }
  return db
    .select(entryColumns)
    .from(raffleEntry)
    .where(
      and(
        eq(raffleEntry.channel, channel),
        eq(raffleEntry.raffle, id),
        state === undefined ? undefined : eq(raffleEntry.state, state),
        like === undefined ? undefined : ilike(raffleEntry.name, like),
      ),
    )
    .orderBy(...orders[order])
    .limit(limit)
    .offset(from)
}

/** Everybody who is in, as far as a check needs it. */
export const everybodyIn = (db: Reader, channel: number, id: number) =>
  db
    .select({
      viewer: raffleEntry.viewer,
      name: raffleEntry.name,
      tickets: raffleEntry.tickets,
      weight: raffleEntry.weight,
      ...guessTold,
    })
    .from(raffleEntry)
    .where(and(eq(raffleEntry.channel, channel), eq(raffleEntry.raffle, id), eq(raffleEntry.state, 'in')))
    .orderBy(asc(raffleEntry.nr))

/** What those whose tickets count more have of all chances, of who is in. */
export async function sharesIn(db: Reader, channel: number, id: number) {
  const rows = await db
    .select({
      standing: raffleEntry.standing,
      weight: sql<number>`max(${raffleEntry.weight})`.mapWith(Number),
      people: sql<number>`count(*)::int`,
      chances: sql<number>`sum(${raffleEntry.tickets} * ${raffleEntry.weight})`.mapWith(Number),
    })
    .from(raffleEntry)
    .where(and(eq(raffleEntry.channel, channel), eq(raffleEntry.raffle, id), eq(raffleEntry.state, 'in')))
    .groupBy(raffleEntry.standing)
  return sharesOf(rows)
}

/** So many points tell how people came in. */
const POINTS = 60

/** How many came in, step by step from the opening on: the time of each step and the people who had come by then. */
export async function arrivalsOf(db: Reader, channel: number, id: number, from: number, until: UnixSeconds) {
  const step = Math.max(1, Math.ceil((until - from) / POINTS))
  const rows = await db
    .select({
      step: sql<number>`greatest(0, (${raffleEntry.at} - ${from}) / ${step})`.mapWith(Number),
      people: sql<number>`count(*)::int`,
      tickets: sql<number>`sum(${raffleEntry.tickets})`.mapWith(Number),
    })
    .from(raffleEntry)
    .where(and(eq(raffleEntry.channel, channel), eq(raffleEntry.raffle, id), eq(raffleEntry.state, 'in')))
    .groupBy(sql`1`)
    .orderBy(sql`1`)
  let [people, tickets] = [0, 0]
  return rows.map((row) => {
    people += row.people
    tickets += row.tickets
    return { at: from + (row.step + 1) * step, people, tickets }
  })
}

/** Somebody's part in a raffle, and whether they were drawn. */
export async function ownPartOf(db: Reader, channel: number, id: number, who: number) {
  const own = (column: typeof raffleEntry.viewer | typeof raffleWinner.viewer) =>
    sql`${column} in (select v.id from viewer v where v.channel = ${channel} and (v.id = ${who} or v.merged_into = ${who}))`
  const [entry] = await db
    .select({ ...entryColumns, guess: raffleEntry.guess })
    .from(raffleEntry)
    .where(and(eq(raffleEntry.channel, channel), eq(raffleEntry.raffle, id), own(raffleEntry.viewer)))
  const [won] = await db
    .select({
      draw: raffleWinner.draw,
      state: raffleWinner.state,
      claimUntil: raffleWinner.claimUntil,
      code: raffleWinner.code,
      amount: raffleWinner.amount,
    })
    .from(raffleWinner)
    .where(
      and(
        eq(raffleWinner.channel, channel),
        eq(raffleWinner.raffle, id),
        own(raffleWinner.viewer),
        revealedOnly(channel),
      ),
    )
    .orderBy(desc(raffleWinner.draw))
    .limit(1)
  return { entry: entry?.state === 'in' ? entry : null, won: won ?? null }
}
