import { and, asc, desc, eq, inArray, isNotNull, isNull, lt, or, type SQL, sql } from 'drizzle-orm'
import { prepared, type Reader, schema } from '../database/index.ts'

const { codeList, reward, raffle, raffleLuck, raffleSetup, raffleTotals, raffleWinner, viewer } = schema

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
  answer: sql<string>`case when ${raffle.endedAt} is null then '' else ${raffle.answer} end`.mapWith(raffle.answer),
  answerCommitment: raffle.answerCommitment,
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
    guess: raffleWinner.guess,
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
export function revealedOnly(channel: number) {
  return sql`not exists (select 1 from raffle r where r.channel = ${channel} and r.id = ${raffleWinner.raffle}
    and r.hidden is not null and r.hidden->'draws' @> to_jsonb(${raffleWinner.draw}))`
}

export type WinnerShown = Awaited<ReturnType<typeof winnersOf>>[number]

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
