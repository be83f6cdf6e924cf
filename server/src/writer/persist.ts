import type { UnixSeconds } from '#core/schema'
import type { Answer, ChangedRow, Changes, Fact, Result, Timer } from '#core/world'
import { type Client, faultOf } from '../database/index.ts'
import { arrayLiteral } from './arrays.ts'
import { settleAll } from './settleAll.ts'
import { STORED, type Stored, type StoredColumn, updateOf } from './tables.ts'

/**
 * Writes what a batch changed: a handful of bulk statements within the caller's transaction, sent one behind the other
 * without waiting for each.
 */
export async function persist(client: Client, channel: number, changes: Changes): Promise<void> {
  const written: Promise<unknown>[] = []
  for (const stored of STORED) {
    const changed = [...(changes.rows.get(stored.core)?.values() ?? [])]
    const fresh = changed.filter(({ before }) => before === undefined).map(({ row }) => row)
    fresh.push(...(changes.appended.get(stored.core) ?? []))
    if (fresh.length > 0) written.push(insertRows(client, channel, stored, fresh))
    written.push(updateRows(client, channel, stored, changed))
  }
  written.push(insertFacts(client, channel, changes.facts))
  for (const timer of changes.timers) written.push(setTimer(client, channel, timer))
  await settleAll(written)
}

const column = (rows: readonly object[], { plain, seal, json }: StoredColumn): string =>
  arrayLiteral(
    rows.map((row) => {
      const value = plain(row)
      return seal === undefined || value === null || value === undefined ? value : seal(value as never, row as never)
    }),
    json,
  )

function insertRows(client: Client, channel: number, stored: Stored, rows: readonly object[]): Promise<unknown> {
  const arrays = stored.columns.map((one) => column(rows, one))
  return client.query({ name: `insert-${stored.sqlName}`, text: stored.insert, values: [channel, ...arrays] })
}

/** Updates the columns that changed in any of the rows, and no others: a new version of an untouched column costs, too. */
async function updateRows(
  client: Client,
  channel: number,
  stored: Stored,
  changed: readonly ChangedRow[],
): Promise<void> {
  const updated = changed.filter(({ before }) => before !== undefined)
  const columns = stored.columns.filter((one) => one !== stored.key && updated.some((row) => differs(row, one)))
  if (columns.length === 0) return
  const rows = updated.map(({ row }) => row)
  const lost = updated.flatMap(({ before }) =>
    columns
      .filter(({ plain }) => before !== undefined && faultOf(plain(before)) !== undefined)
      .map(({ name }) => ({ name, before })),
  )
  for (const { name, before } of lost) await keepAside(client, channel, stored, name, before)
  const arrays = [stored.key, ...columns].map((one) => column(rows, one))
  const name = `update-${stored.sqlName}-${columns.map((one) => stored.columns.indexOf(one))}`
  await client.query({ name, text: updateOf(stored, columns), values: [channel, ...arrays] })
}

/** What could not be read is kept before something takes its place: a later version may be able to. */
async function keepAside(client: Client, channel: number, stored: Stored, column: string, row: object | undefined) {
  const { sqlName, key } = stored
  const text = `insert into unreadable (channel, of, key, kept, at)
    select channel, $3, "${key.name}"::text, "${column}", extract(epoch from now())::bigint from "${sqlName}"
    where channel = $1 and "${key.name}"::text = $2`
  await client.query(text, [channel, row === undefined ? '' : String(key.plain(row)), `${sqlName}.${column}`])
}

function differs({ row, before }: ChangedRow, { plain }: StoredColumn): boolean {
  return before === undefined || plain(row) !== plain(before)
}

const INSERT_FACTS = 'insert into fact_batch (channel, last, first, at, facts) values ($1, $2, $3, $4, $5)'

/** A batch's facts are one row: they are read back in order and whole, and a row for each was a third of the time. */
async function insertFacts(client: Client, channel: number, facts: readonly Fact[]): Promise<void> {
  const [first, last] = [facts[0], facts.at(-1)]
  if (first === undefined || last === undefined) return
  const values = [channel, last.seq, first.seq, last.at, JSON.stringify(facts)]
  await client.query({ name: 'insert-facts', text: INSERT_FACTS, values })
}

/** The task of every timer that hands in its intent. */
export const HANDS_IN = 'intent'

/** Queues a timer with the transaction, so that it is set exactly if the change that asked for it happened. */
async function setTimer(client: Client, channel: number, timer: Timer): Promise<void> {
  const queue = timer.queue === undefined ? null : `${channel}/${timer.queue}`
  const [task, payload] =
    'intent' in timer
      ? [HANDS_IN, { channel, key: timer.key, intent: timer.intent }]
      : [timer.job, { channel, ...timer.data }]
  await client.query({
    name: 'set-timer',
    text: 'select graphile_worker.add_job($1, $2::json, run_at := to_timestamp($3), job_key := $4, queue_name := $5)',
    values: [task, JSON.stringify(payload), timer.at, `${channel}/${timer.key}`, queue],
  })
}

const INSERT_SEEN = `insert into seen_intent (channel, key, at, answer)
  select $1, * from unnest($2::text[], $3::bigint[], $4::json[])`

/** An answer as it is remembered: with what body the question was sent, if that is known. */
export type Remembered = Result<Answer> & { readonly sentWith?: string }

export interface Answered {
  readonly key: string
  readonly at: UnixSeconds
  readonly result: Remembered
}

/** Remembers what was answered, so that the same intent a second time changes nothing and hears the same. */
export async function rememberAnswers(client: Client, channel: number, answered: readonly Answered[]): Promise<void> {
  const values = [
    channel,
    arrayLiteral(answered.map((one) => one.key)),
    arrayLiteral(answered.map((one) => one.at)),
    arrayLiteral(
      answered.map((one) => one.result),
      true,
    ),
  ]
  await client.query({ name: 'remember-answers', text: INSERT_SEEN, values })
}

/** The answers already given to intents with these keys. */
export async function seenAnswers(
  client: Client,
  channel: number,
  keys: readonly string[],
): Promise<Map<string, Remembered>> {
  const text = `select seen.* from unnest($2::text[]) as wanted (key)
    cross join lateral (select key, answer from seen_intent where channel = $1 and key = wanted.key limit 1) as seen`
  const found = await client.query({ name: 'seen-answers', text, values: [channel, arrayLiteral(keys)] })
  return new Map(found.rows.map((row) => [row.key, row.answer]))
}
