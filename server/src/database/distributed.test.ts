import { expect, test } from 'vitest'
import { testDatabase } from '../../../testing/server/database.ts'
import { namesChannel } from '../../../testing/server/statements.ts'
import { distributedTables, distributingStatements, keysOfTables } from './distributed.ts'

/** Tables of the installation, of a server, or of somebody's sign-in: few rows, on one machine. */
const ON_ONE_MACHINE = [
  ...['channel', 'chat_lease', 'claim_code', 'former_address', 'installation', 'instance', 'key_check'],
  ...['opening_code', 'rate_limit', 'room_owner', 'security_event', 'session', 'sign_in_attempt', 'sign_in_issuer'],
]

test('every key of what is a channel’s bears the channel, so that a channel can be moved to another machine whole', async () => {
  const { pool } = await testDatabase()
  const tables = await distributedTables(pool)
  const keys = await keysOfTables(pool, tables)
  expect(keys.filter(({ bearsChannel }) => !bearsChannel)).toEqual([])
  // Each table has at least its primary key.
  expect(new Set(keys.map(({ table }) => table))).toEqual(new Set(tables))
  const { rows } = await pool.query(`select relname as name from pg_class
    where relnamespace = 'public'::regnamespace and relkind in ('r', 'p') and not relispartition`)
  const others = rows.map(({ name }) => name as string).filter((name) => !tables.includes(name))
  expect(others.sort()).toEqual(ON_ONE_MACHINE.toSorted())
})

test('the statements that spread them name every table once', async () => {
  const { pool } = await testDatabase()
  const tables = await distributedTables(pool)
  const statements = distributingStatements(tables).join('\n')
  for (const name of tables) expect(statements.split(`create_distributed_table('${name}'`)).toHaveLength(2)
})

test.each([
  ['select id from viewer where channel = $1', true],
  ['insert into viewer (channel, id) values ($1, $2)', true],
  ['select "viewer"."id" from "viewer" where "viewer"."channel" = $1', true],
  ['update "account" set balance = 0 where id = $1', false],
  ['select 1 from channel c join viewer v on v.id = c.id', false],
  ['select slug from channel where id = $1', true],
  ['delete from run where at < $1', true],
])('of a statement it is seen whether it names a channel: %s', (text, named) => {
  expect(namesChannel(text)).toBe(named)
})
