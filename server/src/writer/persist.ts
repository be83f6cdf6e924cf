import type { Answer, Changes, Result, Timer } from '#core/world'
import type { Client } from '../database/index.ts'
import { STORED, type Stored } from './tables.ts'

/** Writes what a batch changed: a handful of bulk statements, all within the caller's transaction. */
export async function persist(client: Client, channel: number, changes: Changes): Promise<void> {
  for (const stored of STORED) {
    const changed = changes.rows.get(stored.core)
    if (changed !== undefined && changed.size > 0)
      await writeRows(client, channel, stored, [...changed.values()], 'upsert')
    const appended = changes.appended.get(stored.core)
    if (appended !== undefined && appended.length > 0) await writeRows(client, channel, stored, appended, 'insert')
  }
  await writeFacts(client, channel, changes.facts)
  for (const timer of changes.timers) await setTimer(client, channel, timer)
}

async function writeRows(
  client: Client,
  channel: number,
  stored: Stored,
  rows: readonly object[],
  how: 'insert' | 'upsert',
): Promise<void> {
  const arrays = stored.columns.map(({ property, json }) =>
    rows.map((row) => {
      const value = (row as Record<string, unknown>)[property]
      return json && value !== null ? JSON.stringify(value) : value
    }),
  )
  await client.query({ name: `${how}-${stored.sqlName}`, text: stored[how], values: [channel, ...arrays] })
}

const INSERT_FACTS = `insert into fact (channel, seq, at, kind, audience, body)
  select $1, * from unnest($2::bigint[], $3::bigint[], $4::text[], $5::text[], $6::jsonb[])`

async function writeFacts(client: Client, channel: number, facts: Changes['facts']): Promise<void> {
  if (facts.length === 0) return
  const values = [
    channel,
    facts.map((fact) => fact.seq),
    facts.map((fact) => fact.at),
    facts.map((fact) => fact.kind),
    facts.map((fact) => fact.audience),
    facts.map((fact) => JSON.stringify(fact.body)),
  ]
  await client.query({ name: 'insert-facts', text: INSERT_FACTS, values })
}

/** Queues a timer with the transaction, so that it is set exactly if the change that asked for it happened. */
async function setTimer(client: Client, channel: number, timer: Timer): Promise<void> {
  await client.query({
    name: 'set-timer',
    text: 'select graphile_worker.add_job($1, $2::json, run_at := to_timestamp($3), job_key := $4)',
    values: [timer.job, JSON.stringify({ channel, ...timer.data }), timer.at, `${channel}/${timer.key}`],
  })
}

const INSERT_SEEN = `insert into seen_intent (channel, key, at, answer)
  select $1, * from unnest($2::text[], $3::bigint[], $4::jsonb[])`

export interface Answered {
  readonly key: string
  readonly at: number
  readonly result: Result<Answer>
}

/** Remembers what was answered, so that the same intent a second time changes nothing and hears the same. */
export async function rememberAnswers(client: Client, channel: number, answered: readonly Answered[]): Promise<void> {
  const values = [
    channel,
    answered.map((one) => one.key),
    answered.map((one) => one.at),
    answered.map((one) => JSON.stringify(one.result)),
  ]
  await client.query({ name: 'remember-answers', text: INSERT_SEEN, values })
}

/** The answers already given to intents with these keys. */
export async function seenAnswers(
  client: Client,
  channel: number,
  keys: readonly string[],
): Promise<Map<string, Result<Answer>>> {
  const text = `select seen.* from unnest($2::text[]) as wanted (key)
    cross join lateral (select key, answer from seen_intent where channel = $1 and key = wanted.key limit 1) as seen`
  const found = await client.query({ name: 'seen-answers', text, values: [channel, keys] })
  return new Map(found.rows.map((row) => [row.key as string, row.answer as Result<Answer>]))
}
