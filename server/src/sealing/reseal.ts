import type { Pool } from '../database/index.ts'
import { type Keyring, keyring } from '../keys/index.ts'

/** A column that is sealed, what it is sealed as, and where its hash is kept, if it is found by one. */
export interface SealedColumn {
  readonly table: string
  readonly column: string
  readonly about: string
  readonly hash?: string
}

/** Every sealed column. A test holds this list to the tables. */
export const SEALED: readonly SealedColumn[] = [
  { table: 'event_secret', column: 'secret', about: 'event.secret' },
  { table: 'webhook', column: 'secret', about: 'webhook.secret' },
  { table: 'own_voice', column: 'password', about: 'own_voice.password' },
  { table: 'room', column: 'password', about: 'room.password' },
  { table: 'room', column: 'room_key', about: 'room.room_key' },
  { table: 'sign_in_issuer', column: 'client_secret', about: 'sign_in_issuer.client_secret' },
  { table: 'overlay', column: 'secret', about: 'overlay.secret', hash: 'secret_hash' },
  { table: 'store_order', column: 'code', about: 'order.code' },
  { table: 'order_address', column: 'address', about: 'order.address' },
  { table: 'code', column: 'code', about: 'code.code' },
  { table: 'raffle', column: 'seed', about: 'raffle.seed' },
  { table: 'raffle', column: 'answer', about: 'raffle.answer' },
  { table: 'raffle_winner', column: 'code', about: 'winner.code' },
  { table: 'round', column: 'seed', about: 'round.seed' },
]

const PAGE = 500

/** Seals with the current key whatever is not: what an older version wrote, and what another key sealed. @returns How many values. */
export async function resealAll(pool: Pool): Promise<number> {
  let changed = 0
  for (const one of SEALED) changed += await resealColumn(pool, one)
  return changed + (await resealOpenSeeds(pool)) + (await hashMarks(pool))
}

async function resealColumn(pool: Pool, { table, column, about, hash }: SealedColumn): Promise<number> {
  const ring = keyring()
  const due = `select ctid::text as at, "${column}" as value from "${table}"
    where "${column}" is not null and "${column}" not like $1 limit ${PAGE}`
  const also = hash === undefined ? '' : `, "${hash}" = new.hash`
  const update = `update "${table}" as old set "${column}" = new.next${also}
    from unnest($1::text[], $2::text[], $3::text[], $4::text[]) as new (at, before, next, hash)
    where old.ctid = new.at::tid and old."${column}" = new.before`
  for (let changed = 0; ; ) {
    const { rows } = await pool.query(due, [`v1.${ring.current}.%`])
    if (rows.length === 0) return changed
    const values = rows.map(({ value }) => value)
    const plain = values.map((value) => ring.unseal(value, about))
    const done = await pool.query(update, [
      rows.map(({ at }) => at),
      values,
      plain.map((text) => ring.seal(text, about)),
      plain.map((text) => ring.lookupHash(text)),
    ])
    changed += done.rowCount ?? 0
  }
}

async function resealOpenSeeds(pool: Pool): Promise<number> {
  const ring = keyring()
  const { rows } = await pool.query("select channel, body->>'seed' as seed from setting where name = 'seed'")
  const due = rows.filter(({ seed }) => seed && !ring.isCurrent(seed))
  for (const { channel, seed } of due) {
    const next = ring.seal(ring.unseal(seed, 'open.seed'), 'open.seed')
    const text = `update setting set body = jsonb_set(body, '{seed}', to_jsonb($3::text))
      where channel = $1 and name = 'seed' and body->>'seed' = $2`
    await pool.query(text, [channel, seed, next])
  }
  return due.length
}

/** Marks of codes that an older version kept readable, "<reward>:<code>". */
async function hashMarks(pool: Pool): Promise<number> {
  for (let changed = 0; ; ) {
    const { rows } = await pool.query(
      `select ctid::text as at, mark from code where mark !~ '^[0-9a-f]{64}$' limit ${PAGE}`,
    )
    if (rows.length === 0) return changed
    const text = `update code as old set mark = new.hash from unnest($1::text[], $2::text[]) as new (at, hash)
      where old.ctid = new.at::tid`
    await pool.query(text, [rows.map(({ at }) => at), rows.map(({ mark }) => keyring().lookupHash(mark))])
    changed += rows.length
  }
}

/** How many values each key has sealed, by its id; "none" for what is not sealed. */
export async function sealedBy(pool: Pool): Promise<Record<string, number>> {
  const counts: Record<string, number> = {}
  for (const { table, column } of SEALED) {
    const text = `select coalesce(substring("${column}" from '^v1\\.([a-z0-9]+)\\.'), 'none') as id, count(*)::int as n
      from "${table}" where "${column}" is not null group by 1`
    for (const { id, n } of (await pool.query<{ id: string; n: number }>(text)).rows) counts[id] = (counts[id] ?? 0) + n
  }
  return counts
}

const CHECK = 'ricompensa'

/**
 * Makes sure that this server's keys are those of its database, and that all that is to be sealed is.
 * @throws with a sentence that says what to do, before anything is written with keys that others cannot read.
 */
export async function settleKeys(pool: Pool, ring: Keyring = keyring()): Promise<void> {
  await pool.query(`insert into key_check (id, sealed, hash) values (1, $1, $2) on conflict do nothing`, [
    ring.seal(CHECK, CHECK),
    ring.lookupHash(CHECK),
  ])
  const [row] = (await pool.query<{ sealed: string; hash: string }>('select sealed, hash from key_check')).rows
  const opens = () =>
    row !== undefined && ring.unseal(row.sealed, CHECK) === CHECK && row.hash === ring.lookupHash(CHECK)
  let fits = false
  try {
    fits = opens()
  } catch {
    // Sealed by keys that are not ours.
  }
  if (!fits)
    throw new Error(
      'The keys of this server are not those that its database was sealed with. Give it the keys file (or ENCRYPTION_KEYS) of the server that made the database: docs/operations.md, "Keys".',
    )
  await resealAll(pool)
}
