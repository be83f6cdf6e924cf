import { and, asc, desc, eq, ilike, inArray, isNotNull, isNull, lt, sql } from 'drizzle-orm'
import { prepared, type Reader, schema } from '../database/index.ts'

const { backing, bet, betEvidence, betTemplate, betTotals } = schema

const columns = {
  id: bet.id,
  template: bet.template,
  settings: bet.settings,
  status: bet.status,
  byName: bet.byName,
  openedAt: bet.openedAt,
  locksAt: bet.locksAt,
  lockedAt: bet.lockedAt,
  endedAt: bet.endedAt,
  pick: bet.pick,
  payment: bet.payment,
  why: bet.why,
  note: sql<string>`coalesce(${betEvidence.note}, '')`,
  link: sql<string>`coalesce(${betEvidence.link}, '')`,
  people: betTotals.people,
  staked: betTotals.staked,
  backers: sql<number>`coalesce(${betTotals.backers}, 0)`.mapWith(Number),
}

const withTotals = (db: Reader) =>
  db
    .select(columns)
    .from(bet)
    .leftJoin(betTotals, and(eq(betTotals.channel, bet.channel), eq(betTotals.id, bet.id)))
    .leftJoin(betEvidence, and(eq(betEvidence.channel, bet.channel), eq(betEvidence.id, bet.id)))

type Row = Awaited<ReturnType<typeof withTotals>>[number]

/** A bet as everybody may know it. */
export function headOf({ settings, pick, payment, people, staked, ...row }: Row) {
  const { id, status, openedAt, locksAt, lockedAt, endedAt, why, note, link, backers } = row
  const { question, outcomes, stakes, several, rakeBp, takeBack, lateSeconds, pauseSeconds } = settings
  return {
    ...{ id, question, status, openedAt, locksAt, lockedAt, endedAt, why, note, link, backers },
    ...{ stakes, several, rakeBp, takeBack, lateSeconds, pauseSeconds },
    lanes: outcomes.map((one, i) => ({ ...one, people: people?.[i] ?? 0, staked: staked?.[i] ?? 0 })),
    winner: pick?.outcome ?? null,
    paysAt: pick?.paysAt ?? null,
    payment: payment === null ? null : sumsOf(payment),
  }
}

/** What of a payment is told: sums, and whether all stakes go back. */
export const sumsOf = ({ winners, prize, rake, late, winning }: NonNullable<Row['payment']>) => ({
  ...{ winners, prize, rake, late },
  refunded: winning === null || prize === 0,
})

const atDesk = (row: Row) => ({
  ...headOf(row),
  template: row.template,
  settings: row.settings,
  byName: row.byName,
  pickedBy: row.pick?.by ?? null,
  pickedAt: row.pick?.at ?? null,
})

const running = prepared((db) =>
  withTotals(db)
    .where(and(eq(bet.channel, sql.placeholder('channel')), isNull(bet.endedAt)))
    .orderBy(asc(bet.id))
    .prepare(''),
)

/** The bets that have not ended, the first opened first. */
export const runningRows = (db: Reader, channel: number) => running(db).execute({ channel })

export const runningBetsOf = async (db: Reader, channel: number) => (await runningRows(db, channel)).map(atDesk)

export async function betById(db: Reader, channel: number, id: number) {
  const [row] = await withTotals(db).where(and(eq(bet.channel, channel), eq(bet.id, id)))
  return row && atDesk(row)
}

/** Whether there is, or was, any bet. */
export async function anyBet(db: Reader, channel: number): Promise<boolean> {
  return (await db.select({ id: bet.id }).from(bet).where(eq(bet.channel, channel)).limit(1)).length > 0
}

const PAGE = 30

const like = (text: string | undefined) =>
  text === undefined || text === '' ? undefined : `%${text.replaceAll(/[%_\\]/g, '\\$&')}%`

/** Bets that have ended, the latest first. @param text - A part of the question, of an outcome, or of the note. */
export async function endedRows(
  db: Reader,
  channel: number,
  { text, before, limit = PAGE }: { text?: string | undefined; before?: number | undefined; limit?: number },
) {
  const wanted = like(text)
  return withTotals(db)
    .where(
      and(
        eq(bet.channel, channel),
        isNotNull(bet.endedAt),
        before === undefined ? undefined : lt(bet.id, before),
        wanted === undefined
          ? undefined
          : sql`(${bet.settings}->>'question' ilike ${wanted} or (${bet.settings}->'outcomes')::text ilike ${wanted}
              or coalesce(${betEvidence.note}, '') ilike ${wanted})`,
      ),
    )
    .orderBy(desc(bet.id))
    .limit(limit)
}

export const endedBetsOf = async (...asked: Parameters<typeof endedRows>) => (await endedRows(...asked)).map(atDesk)

/** The templates there are, the first made first. */
export const betTemplatesOf = (db: Reader, channel: number) =>
  db
    .select({
      id: betTemplate.id,
      settings: betTemplate.settings,
      digit: betTemplate.digit,
      goneAt: betTemplate.goneAt,
    })
    .from(betTemplate)
    .where(and(eq(betTemplate.channel, channel), isNull(betTemplate.goneAt)))
    .orderBy(asc(betTemplate.id))

const BACKERS = 100

/** Who is in a bet, in the order of first stakes. @param text - A part of the name. */
export function backersIn(
  db: Reader,
  channel: number,
  id: number,
  { text, from = 0, limit = BACKERS }: { text?: string | undefined; from?: number | undefined; limit?: number },
) {
  const wanted = like(text)
  return db
    .select({
      viewer: backing.viewer,
      name: backing.name,
      nr: backing.nr,
      laid: backing.laid,
      back: backing.back,
      won: backing.won,
    })
    .from(backing)
    .where(
      and(
        eq(backing.channel, channel),
        eq(backing.bet, id),
        sql`${backing.laid} <> '[]'`,
        wanted === undefined ? undefined : ilike(backing.name, wanted),
      ),
    )
    .orderBy(asc(backing.nr))
    .limit(limit)
    .offset(from)
}

/** What somebody, with the accounts that were merged into theirs, has in some bets. */
export function ownBackings(db: Reader, channel: number, viewer: number, ids: readonly number[]) {
  if (ids.length === 0) return Promise.resolve([])
  return db
    .select({ bet: backing.bet, laid: backing.laid, back: backing.back, won: backing.won })
    .from(backing)
    .where(
      and(
        eq(backing.channel, channel),
        inArray(backing.bet, [...ids]),
        sql`${backing.viewer} in (select v.id from viewer v where v.channel = ${channel} and (v.id = ${viewer} or v.merged_into = ${viewer}))`,
      ),
    )
}
