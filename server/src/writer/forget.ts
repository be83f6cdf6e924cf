import { refOf } from '#core/people'
import type { ViewerId } from '#core/schema'
import type { Client } from '../database/index.ts'
import { keyring } from '../keys/index.ts'
import { forgetStatements, namesToldOf, textsThatName } from './personal.ts'
import type { IntentEnvelope } from './sent.ts'

type Forget = Extract<IntentEnvelope, { kind: 'people.forget' }>

/** Somebody who is forgotten: all their rows, accounts and names. */
interface Forgotten {
  readonly viewer: ViewerId
  /** Their own id and those of accounts that were merged into them. */
  readonly ids: readonly number[]
  readonly keys: readonly string[]
  /** Every name they are or were shown by, the longest first, and what stands there from now on. */
  readonly names: readonly string[]
  readonly instead: string
}

/** Every server closes the feeds that were opened with their sessions, once this is committed. */
const END_SESSIONS = `with gone as (delete from session where account = any($1) returning id_hash)
  select pg_notify('ricompensa_ended', id_hash) from gone`

/** Takes out of everything what tells who somebody was, in the transaction in which that was decided. */
export async function forget(client: Client, channel: number, intent: Forget): Promise<void> {
  const one = await whoIs(client, channel, intent)
  await keepBar(client, channel, one)
  await client.query(END_SESSIONS, [one.keys])
  await client.query('delete from link_code where channel = $1 and account = any($2)', [channel, one.keys])
  await client.query(
    "update security_event set account = '', name = 'somebody' where channel = $1 and account = any($2)",
    [channel, one.keys],
  )
  await forgetInTransfers(client, channel, one)
  await forgetInTexts(client, channel, one)
  for (const statement of forgetStatements()) await client.query(statement, [channel, one.ids])
}

async function whoIs(client: Client, channel: number, { viewer, account, confirm }: Forget): Promise<Forgotten> {
  const merged = await client.query(
    'select id, name, chat_name, nickname from viewer where channel = $1 and (id = $2 or merged_into = $2)',
    [channel, viewer],
  )
  const ids = merged.rows.map(({ id }) => id)
  const others = await client.query('select account from alias where channel = $1 and viewer = any($2)', [channel, ids])
  const told = await client.query(namesToldOf(), [channel, ids])
  const keys = [...(account === undefined ? [] : [account]), ...others.rows.map((row) => row.account)]
  const shown = merged.rows.flatMap((row) => [row.name, row.chat_name, row.nickname])
  const names = [
    confirm.trim(),
    ...shown,
    ...told.rows.map(({ name }) => name),
    ...keys.map((key) => refOf(key).account),
  ]
  const all = new Set(names.filter((name): name is string => typeof name === 'string' && name !== ''))
  return {
    viewer,
    ids,
    keys,
    names: [...all].filter((name) => !/^somebody \d+$/.test(name)).sort((a, b) => b.length - a.length),
    instead: `somebody ${viewer}`,
  }
}

/** Who barred themselves from wagering stays barred when they come back: of their accounts nothing but hashes is kept. */
async function keepBar(client: Client, channel: number, { ids, keys }: Forgotten): Promise<void> {
  const found = await client.query(
    `select greatest((select max(sits_out_until) from player where channel = $1 and id = any($2)),
      (select max(barred_until) from viewer where channel = $1 and id = any($2))) as until`,
    [channel, ids],
  )
  const until = Number(found.rows[0]?.until ?? 0)
  if (until === 0) return
  const text = `insert into barred (channel, account, until) select $1, hash, $3 from unnest($2::text[]) as hash
    on conflict (channel, account) do update set until = greatest(barred.until, excluded.until)`
  await client.query(text, [channel, [...new Set(keys)].map((key) => keyring().lookupHash(key)), until])
}

/** Ids of the transfers of corrections that were made to them, others' shares included: one reason stands in all. */
const OF_CORRECTIONS = `select t.id from adjustment a cross join lateral jsonb_array_elements(a.lines) as line
  join transfer t on t.channel = a.channel and t.about = a.id
    and ((line->>'viewer')::bigint in (t.to_account, t.from_account))
  where a.channel = $1 and exists (select 1 from jsonb_array_elements(a.lines) as own where (own->>'viewer')::bigint = any($2))`

/** Transfers stay with all their figures; what they say in words, and keys of older versions that bore names, go. */
async function forgetInTransfers(client: Client, channel: number, { ids, names, instead }: Forgotten): Promise<void> {
  await client.query("select set_config('ricompensa.forgetting', 'on', true)")
  const found = await client.query(
    `select id, detail, intent from transfer where channel = $1
      and (from_account = any($2) or to_account = any($2)
        or from_account in (select id from store_order where channel = $1 and viewer = any($2))
        or id in (${OF_CORRECTIONS}))`,
    [channel, ids],
  )
  const changed = found.rows.map(({ id, detail, intent }) => ({
    id: id,
    detail: detail === null ? null : JSON.stringify(withoutWhy(replaced(detail, names, instead))),
    intent: /^[\w-]{43}$/.test(intent) ? intent : `old/${id}`,
  }))
  const text = `update transfer as old set detail = new.detail, intent = new.intent
    from unnest($2::bigint[], $3::jsonb[], $4::text[]) as new (id, detail, intent) where old.channel = $1 and old.id = new.id`
  await client.query(text, [
    channel,
    changed.map(({ id }) => id),
    changed.map(({ detail }) => detail),
    changed.map(({ intent }) => intent),
  ])
  await client.query("select set_config('ricompensa.forgetting', '', true)")
}

/** Reasons typed by hand may say anything about somebody. */
function withoutWhy(detail: unknown): unknown {
  if (typeof detail !== 'object' || detail === null) return detail
  const { why: _, ...rest } = detail as Record<string, unknown>
  return rest
}

async function forgetInTexts(client: Client, channel: number, one: Forgotten): Promise<void> {
  for (const { table, keys, column } of textsThatName()) {
    const named = one.names.map((name) => JSON.stringify(name).slice(1, -1))
    const found = await client.query(
      `select ${keys.join(', ')}, ${column}::text as text, pg_typeof(${column})::text as type from ${table}
        where channel = $1 and ${column} is not null
          and exists (select 1 from unnest($2::text[]) as name where strpos(${column}::text, name) > 0)`,
      [channel, [...new Set([...named, ...one.names])]],
    )
    for (const row of found.rows) await rewrite(client, channel, table, keys, column, row, one)
  }
}

async function rewrite(
  client: Client,
  channel: number,
  table: string,
  keys: readonly string[],
  column: string,
  row: Readonly<Record<string, unknown>>,
  { names, instead }: Forgotten,
): Promise<void> {
  const text = String(row.text)
  const isJson = row.type !== 'text' || column === 'facts'
  const next = isJson
    ? JSON.stringify(replaced(JSON.parse(text), names, instead))
    : String(replaced(text, names, instead))
  if (next === text) return
  const where = keys.map((key, i) => `${key} = $${i + 3}`).join(' and ')
  const cast = row.type === 'text' ? '' : `::${row.type}`
  await client.query(`update ${table} set ${column} = $2${cast} where channel = $1 and ${where}`, [
    channel,
    next,
    ...keys.map((key) => row[key]),
  ])
}

/** A name of so few letters stands in too many words that are none: of it only whole texts are taken. */
const LEAST_IN_TEXT = 3

/** Everything that names somebody in a value, texts within it included, with another name there. Its shape stays. */
export function replaced(value: unknown, names: readonly string[], instead: string): unknown {
  if (typeof value === 'string') return inText(value, names, instead)
  if (Array.isArray(value)) return value.map((one) => replaced(one, names, instead))
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, replaced(one, names, instead)]))
}

function inText(text: string, names: readonly string[], instead: string): string {
  const lower = text.toLowerCase()
  if (names.some((name) => name.toLowerCase() === lower)) return instead
  return names
    .filter((name) => [...name].length >= LEAST_IN_TEXT)
    .reduce((all, name) => all.replace(wordOf(name), () => instead), text)
}

const wordOf = (name: string): RegExp =>
  new RegExp(`(?<![\\p{L}\\p{N}_])${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\p{L}\\p{N}_])`, 'giu')
