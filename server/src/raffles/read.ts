import { and, asc, desc, eq, ilike, inArray, isNotNull, isNull, lt, or, type SQL, sql } from 'drizzle-orm'
import { sharesOf } from '#core/raffles'
import { prepared, type Reader, schema } from '../database/index.ts'

const { codeList, reward, raffle, raffleEntry, raffleLuck, raffleSetup, raffleTotals, raffleWinner, viewer } = schema

/** What everybody may know of a raffle; never its seed before it has ended. */
const shown = {
  id: raffle.id,
  setup: raffle.setup,
  settings: raffle.settings,
  status: raffle.status,
  byName: raffle.byName,
  madeAt: raffle.madeAt,
  opensAt: raffle.opensAt,
  openedAt: raffle.openedAt,
  closesAt: raffle.closesAt,
  closedAt: raffle.closedAt,
  finishAt: raffle.finishAt,
  endedAt: raffle.endedAt,
  commitment: raffle.commitment,
  seedOrigin: raffle.seedOrigin,
  seed: sql<string | null>`case when ${raffle.endedAt} is null then null else ${raffle.seed} end`.mapWith(raffle.seed),
  draws: raffle.draws,
  won: raffle.won,
  drawing: raffle.drawing,
  revealed: raffle.revealed,
  waiting: raffle.waiting,
  each: raffle.each,
  why: raffle.why,
  people: sql<number>`coalesce(${raffleTotals.people}, 0)`.mapWith(Number),
  tickets: sql<number>`coalesce(${raffleTotals.tickets}, 0)`.mapWith(Number),
  weight: sql<number>`coalesce(${raffleTotals.weight}, 0)`.mapWith(Number),
  paid: sql<number>`coalesce(${raffleTotals.paid}, 0)`.mapWith(Number),
}

const withTotals = (db: Reader) =>
  db
    .select(shown)
    .from(raffle)
    .leftJoin(raffleTotals, and(eq(raffleTotals.channel, raffle.channel), eq(raffleTotals.id, raffle.id)))

export type RaffleShown = NonNullable<Awaited<ReturnType<typeof raffleById>>>

/** The raffles that have not ended, the first made first. */
export const runningRafflesOf = (db: Reader, channel: number) => running(db).execute({ channel })

const running = prepared((db) =>
  withTotals(db)
    .where(and(eq(raffle.channel, sql.placeholder('channel')), isNull(raffle.endedAt)))
    .orderBy(asc(raffle.id))
    .prepare(''),
)

/** Whether there is, or was, any raffle that viewers may look at. */
export async function anyRaffle(db: Reader, channel: number): Promise<boolean> {
  const rows = await db.select({ id: raffle.id }).from(raffle).where(eq(raffle.channel, channel)).limit(1)
  return rows.length > 0
}

export async function raffleById(db: Reader, channel: number, id: number) {
  const [row] = await withTotals(db).where(and(eq(raffle.channel, channel), eq(raffle.id, id)))
  return row
}

const endedWhere = (db: Reader, ...where: (SQL | undefined)[]) =>
  withTotals(db)
    .where(and(isNotNull(raffle.endedAt), ...where))
    .orderBy(desc(raffle.id))

const ended = prepared((db) => {
  const [channel, before, limit] = [sql.placeholder('channel'), sql.placeholder('before'), sql.placeholder('limit')]
  return endedWhere(db, eq(raffle.channel, channel), lt(raffle.id, before)).limit(limit).prepare('')
})

const PAGE = 30

/** Raffles that have ended, the latest first. @param text - A part of the title or of a winner's name. */
export async function endedRaffles(
  db: Reader,
  channel: number,
  { text, before, limit = PAGE }: { text?: string | undefined; before?: number | undefined; limit?: number },
) {
  const like = text === undefined || text === '' ? undefined : `%${text.replaceAll(/[%_\\]/g, '\\$&')}%`
  const named =
    like === undefined
      ? undefined
      : or(
          sql`${raffle.settings}->>'title' ilike ${like}`,
          sql`exists (select 1 from raffle_winner w where w.channel = ${channel} and w.raffle = ${raffle.id} and w.name ilike ${like})`,
        )
  const rows =
    named === undefined
      ? await ended(db).execute({ channel, before: before ?? Number.MAX_SAFE_INTEGER, limit })
      : await endedWhere(
          db,
          eq(raffle.channel, channel),
          named,
          lt(raffle.id, before ?? Number.MAX_SAFE_INTEGER),
        ).limit(limit)
  const winners = await winnersOf(
    db,
    channel,
    rows.map(({ id }) => id),
  )
  return rows.map((row) => ({ ...row, winners: winners.filter((one) => one.raffle === row.id) }))
}

/** Everybody who was drawn in some raffles, with what became of them. Codes are the winner's and the desk's to see. */
export function winnersOf(db: Reader, channel: number, raffles: readonly number[]) {
  if (raffles.length === 0) return Promise.resolve([])
  const {
    channel: _,
    key: __,
    ...columns
  } = {
    channel: raffleWinner.channel,
    key: raffleWinner.key,
    raffle: raffleWinner.raffle,
    draw: raffleWinner.draw,
    viewer: raffleWinner.viewer,
    name: raffleWinner.name,
    digest: raffleWinner.digest,
    point: raffleWinner.point,
    weight: raffleWinner.weight,
    total: raffleWinner.total,
    drawnAt: raffleWinner.drawnAt,
    state: raffleWinner.state,
    claimUntil: raffleWinner.claimUntil,
    line: raffleWinner.line,
    claimedAt: raffleWinner.claimedAt,
    why: raffleWinner.why,
    amount: raffleWinner.amount,
    code: raffleWinner.code,
    deliveredAt: raffleWinner.deliveredAt,
    note: raffleWinner.note,
    present: viewer.present,
    lastSeenAt: viewer.lastSeenAt,
  }
  return db
    .select(columns)
    .from(raffleWinner)
    .leftJoin(viewer, and(eq(viewer.channel, raffleWinner.channel), eq(viewer.id, raffleWinner.viewer)))
    .where(and(eq(raffleWinner.channel, channel), inArray(raffleWinner.raffle, [...raffles]), revealedOnly(channel)))
    .orderBy(asc(raffleWinner.raffle), asc(raffleWinner.draw))
}

/** A pick is nobody's to know before the draw has been revealed: not the desk's, not the winner's own. */
function revealedOnly(channel: number) {
  return sql`not exists (select 1 from raffle r where r.channel = ${channel} and r.id = ${raffleWinner.raffle}
    and r.hidden is not null and r.hidden->'draws' @> to_jsonb(${raffleWinner.draw}))`
}

export type WinnerShown = Awaited<ReturnType<typeof winnersOf>>[number]

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
export async function arrivalsOf(db: Reader, channel: number, id: number, from: number, until: number) {
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
    .select(entryColumns)
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

/** When somebody won last; 0: never. */
export async function wonAtOf(db: Reader, channel: number, who: number): Promise<number> {
  const [row] = await db
    .select({ wonAt: raffleLuck.wonAt })
    .from(raffleLuck)
    .where(and(eq(raffleLuck.channel, channel), eq(raffleLuck.id, who)))
  return row?.wonAt ?? 0
}

/** The set-ups that are kept. */
export const setupsOf = (db: Reader, channel: number) =>
  db
    .select({
      id: raffleSetup.id,
      settings: raffleSetup.settings,
      digit: raffleSetup.digit,
      goneAt: raffleSetup.goneAt,
    })
    .from(raffleSetup)
    .where(and(eq(raffleSetup.channel, channel), isNull(raffleSetup.goneAt)))
    .orderBy(asc(raffleSetup.id))

/** The rewards whose codes can be a prize, with how many they have left. */
export async function codeRewards(db: Reader, channel: number) {
  const rows = await db
    .select({
      id: reward.id,
      settings: reward.settings,
      left: sql<number>`coalesce(${codeList.count} - ${codeList.given}, 0)`.mapWith(Number),
    })
    .from(reward)
    .leftJoin(codeList, and(eq(codeList.channel, reward.channel), eq(codeList.id, reward.id)))
    .where(and(eq(reward.channel, channel), isNull(reward.goneAt), sql`${reward.settings}->>'kind' = 'code'`))
    .orderBy(asc(reward.place))
  return rows.map(({ id, settings, left }) => ({ id, name: settings.name, left }))
}
