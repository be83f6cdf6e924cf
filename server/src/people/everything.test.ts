import { getTableColumns, is } from 'drizzle-orm'
import { type PgColumn, PgCustomColumn, type PgTable } from 'drizzle-orm/pg-core'
import { expect, test } from 'vitest'
import { testDesk } from '../../../testing/server/desk.ts'
import { columnName, PEOPLE, type Pool, sqlName } from '../database/index.ts'

const MARK = 'marked_mara'

/** What stands in a column of a made-up row: the mark wherever a text may tell of the person. */
function madeUp(column: PgColumn, property: string, marked: readonly string[], id: number, viewer: string): unknown {
  const type = column.getSQLType()
  if (column.name === 'channel') return undefined
  if (property === viewer) return id
  if (type.startsWith('json'))
    return JSON.stringify(marked.includes(property) ? { name: MARK, said: [`by ${MARK}`] } : {})
  if (type === 'text') {
    // A batch of facts is JSON in a text.
    const text =
      property === 'facts'
        ? JSON.stringify([{ body: { name: MARK } }])
        : marked.includes(property)
          ? `${MARK}`
          : property === 'key'
            ? `7/${id}`
            : 'plain'
    return is(column, PgCustomColumn) ? column.mapToDriverValue(text) : text
  }
  return type === 'boolean' ? false : 77 + property.length
}

/** Puts a row of somebody's into a table, past every rule and reference of the database. */
async function fill(pool: Pool, channel: number, table: PgTable, marked: readonly string[], who: string, id: number) {
  const columns = Object.entries(getTableColumns(table)).filter(
    ([, { generated, generatedIdentity }]) => !generated && !generatedIdentity,
  )
  const values = columns.map(([property, column]) => madeUp(column, property, marked, id, who) ?? channel)
  const client = await pool.connect()
  try {
    await client.query('set session_replication_role = replica')
    await client.query(
      `insert into ${sqlName(table)} (${columns.map(([, { name }]) => `"${name}"`)}) values (${values.map((_, i) => `$${i + 1}`)})
        on conflict do nothing`,
      values,
    )
  } finally {
    await client.query('set session_replication_role = origin')
    client.release()
  }
}

async function columnsWith(pool: Pool, mark: string): Promise<string[]> {
  const columns = await pool.query(
    `select table_name as t, column_name as c from information_schema.columns
      where table_schema = 'public' and data_type in ('text', 'json', 'jsonb')`,
  )
  const found: string[] = []
  for (const { t, c } of columns.rows) {
    const { rows } = await pool.query(`select 1 from "${t}" where "${c}"::text ilike '%' || $1 || '%' limit 1`, [mark])
    if (rows.length > 0) found.push(`${t}.${c}`)
  }
  return found
}

/** Every text of every table that may tell of a person, as the tables declare it. */
const marks = Object.entries(PEOPLE).flatMap(([name, { table, people }]) =>
  name === 'viewer'
    ? []
    : people.map((one) => {
        if (one.of === 'nobody') return { table, marked: [], who: '' }
        // Of the ledger's texts only those of their own money are about them.
        if (one.of === 'mentions') return { table, marked: one.columns, who: name === 'transfer' ? 'to' : '' }
        const texts = Object.keys(getTableColumns(table)).filter((column) => !(one.plain ?? []).includes(column))
        const who = Object.keys(getTableColumns(table)).find((column) => columnName(table, column) === one.who) ?? ''
        return { table, marked: one.forget === 'keep' ? [] : texts, who }
      }),
)

test('a name that stands in every text of every table stands in none once its person is forgotten', async () => {
  const { call, pool, ids, channel, submit } = await testDesk(['pia', MARK])
  await submit('out', { kind: 'presence.left', account: MARK })
  const id = ids[MARK] ?? 0
  for (const { table, marked, who } of marks) if (marked.length > 0) await fill(pool, channel, table, marked, who, id)
  expect((await columnsWith(pool, MARK)).length).toBeGreaterThan(25)
  expect(await call('POST', `/desk/viewers/${id}/forget`, { confirm: MARK })).toMatchObject({ forgotten: id })
  expect(await columnsWith(pool, MARK)).toEqual([])
})

test('who asks for everything about them is given it, with nothing of others and no secret of the channel', async () => {
  const { web, pool, ids, channel, signedIn, call } = await testDesk(['pia', 'jo'])
  for (const { table, marked, who } of marks.filter((one) => one.who !== ''))
    await fill(pool, channel, table, marked, who, ids.pia ?? 0)
  await call('POST', `/desk/viewers/${ids.jo}/notes`, { text: 'jo alone' })
  const ask = (name: string) =>
    signedIn('viewer', name).then((cookie) =>
      fetch(`${web}/api/channels/bench/me/everything.json`, { headers: { cookie } }),
    )
  const response = await ask('pia')
  expect(response.headers.get('content-disposition')).toBe('attachment; filename="bench-everything-about-me.json"')
  const text = await response.text()
  const everything = JSON.parse(text) as Record<string, Record<string, unknown>[]>
  expect(everything.you).toEqual([expect.objectContaining({ name: 'pia' })])
  for (const { people } of Object.values(PEOPLE))
    for (const one of people)
      if (one.of === 'theirs' && typeof one.told !== 'string')
        expect([one.called, everything[one.called]?.length]).toEqual([one.called, expect.any(Number)])
  expect(everything.orders?.[0]?.code).toBe(MARK)
  expect(everything.addresses?.[0]?.address).toBe(MARK)
  expect(text).not.toContain('jo alone')
  expect(await (await ask('stranger')).json()).toMatchObject({ code: 'not_found' })
})
