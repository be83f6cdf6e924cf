import { execFile } from 'node:child_process'
import { mkdtempSync, readFileSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { getTableColumns, is } from 'drizzle-orm'
import { getTableConfig, PgCustomColumn, PgTable } from 'drizzle-orm/pg-core'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { PLAIN_REWARD } from '#core/store'
import { testDesk } from '../../../testing/server/desk.ts'
import { startOn, testServer } from '../../../testing/server/server.ts'
import { schema } from '../database/index.ts'
import { EventSecrets } from '../events/index.ts'
import { Keyring, newKeys, parseKeys, printKeys, readKeys, withNewKey } from '../keys/index.ts'
import { SEALED, sealedBy, settleKeys } from './index.ts'

const run = promisify(execFile)

describe('a sealed text', () => {
  test('opens with its key as what it is, and not if a letter of it was changed or it stands for something else', () => {
    const ring = new Keyring(newKeys())
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.nat(), (plain, at) => {
        const sealed = ring.seal(plain, 'order.code')
        expect(ring.unseal(sealed, 'order.code')).toBe(plain)
        expect(sealed).not.toBe(ring.seal(plain, 'order.code'))
        expect(() => ring.unseal(sealed, 'event.secret')).toThrow()
        const place = 6 + (at % (sealed.length - 6))
        const other = sealed[place] === 'A' ? 'B' : 'A'
        const changed = sealed.slice(0, place) + other + sealed.slice(place + 1)
        let opened: string | undefined
        try {
          opened = ring.unseal(changed, 'order.code')
        } catch {}
        // The last letter of base64 has bits that say nothing.
        if (place < sealed.length - 1) expect(opened).toBeUndefined()
      }),
      { numRuns: 200 },
    )
  })

  test('opens after a new key came, by who read the keys before, too', () => {
    let keys = newKeys()
    const before = new Keyring(keys, () => keys)
    const sealed = before.seal('a code', 'order.code')
    keys = withNewKey(keys)
    const after = new Keyring(keys)
    expect(after.current).toBe('k2')
    expect(after.unseal(sealed, 'order.code')).toBe('a code')
    expect(before.unseal(after.seal('new', 'order.code'), 'order.code')).toBe('new')
    expect(after.lookupHash('x')).toBe(before.lookupHash('x'))
  })

  test('keys that cannot be are refused with a sentence', () => {
    expect(() => parseKeys('k1:short')).toThrow('32 bytes')
    expect(() => parseKeys(printKeys(newKeys()).split(',').slice(1).join(','))).toThrow('"lookup"')
  })
})

test('the file of keys is made at the first start, for its owner alone, and stays', () => {
  const file = join(mkdtempSync(join(tmpdir(), 'keys-')), 'ricompensa.keys')
  const keys = readKeys({ file })
  expect(statSync(file).mode & 0o777).toBe(0o600)
  expect(printKeys(readKeys({ file }))).toBe(printKeys(keys))
})

test('every column of a sealed kind is on the list by which keys are changed', () => {
  const columns = Object.values(schema).flatMap((table) =>
    is(table, PgTable)
      ? Object.values(getTableColumns(table))
          .filter((column) => is(column, PgCustomColumn) && column.getSQLType() === 'text')
          .map((column) => `${getTableConfig(table).name}.${column.name}`)
      : [],
  )
  const listed = SEALED.flatMap(({ table, column, hash }) => [
    `${table}.${column}`,
    ...(hash === undefined ? [] : [`${table}.${hash}`]),
  ])
  expect(columns.sort()).toEqual([...listed, 'barred.account', 'code.mark'].sort())
})

/** A channel with something of everything that a stolen dump must not tell. */
async function channelWithSecrets() {
  const desk = await testDesk()
  const { submit, channel, pool, call, viewer, richViewer } = desk
  await richViewer('pia', 500)
  const codes = await submit('codes', {
    kind: 'store.save',
    reward: null,
    settings: { ...PLAIN_REWARD, name: 'Guide', word: 'guide', kind: 'code' },
  })
  const reward = codes.ok ? codes.value.reward : 0
  await call('POST', `/desk/rewards/${reward}/codes`, { codes: ['CODE-ONE-MARK', 'CODE-TWO-MARK'] })
  const posted = await submit('posted', {
    kind: 'store.save',
    reward: null,
    settings: { ...PLAIN_REWARD, name: 'Card', word: 'card', post: { days: 3 } },
  })
  const bought = await (await viewer('pia'))('POST', '/orders', { word: 'guide', text: '' })
  await (await viewer('pia'))('POST', '/orders', { word: 'card', text: '', address: 'Pia Ohm\nMARK-LANE 7' })
  const { secret } = await new EventSecrets(pool, () => 1).add(channel, 'Tips', ['ricompensa.tip'])
  await submit('overlay', { kind: 'screen.add', name: 'Main', secret: 'overlay-MARK-address' })
  await submit('seed', { kind: 'fairness.seed', seed: `${'c0ffee'.repeat(10)}abcd`, first: true })
  return { ...desk, posted, bought, secret }
}

test('a dump of the database gives away no code, address, secret or open seed', async () => {
  const { pool, bought, secret, web } = await channelWithSecrets()
  expect(bought.code).toBe('CODE-ONE-MARK')
  const tables = await pool.query(
    "select table_schema as s, table_name as t from information_schema.tables where table_schema in ('public', 'graphile_worker') and table_type = 'BASE TABLE'",
  )
  let dump = ''
  for (const { s, t } of tables.rows)
    dump += (await pool.query(`select x::text from "${s}"."${t}" x`)).rows.map((row) => row.x).join('\n')
  for (const mark of ['CODE-ONE-MARK', 'CODE-TWO-MARK', 'MARK-LANE', 'overlay-MARK-address', secret.slice(6)])
    expect([mark, dump.includes(mark)]).toEqual([mark, false])
  expect((await fetch(`${web}/api/overlays/overlay-MARK-address/page`)).status).toBe(200)
})

test('changing the key seals everything anew, and a server with other keys does not start', async () => {
  const { pool, url } = await channelWithSecrets()
  const file = join(mkdtempSync(join(tmpdir(), 'keys-')), 'ricompensa.keys')
  const { writeFileSync } = await import('node:fs')
  writeFileSync(file, String(process.env.ENCRYPTION_KEYS))
  const env = { ...process.env, DATABASE_URL: url, KEYS_FILE: file, ENCRYPTION_KEYS: '' }
  const { stdout } = await run('npx', ['tsx', 'scripts/keys.ts', 'rotate'], { env })
  expect(stdout).toMatch(/[1-9]\d* values were sealed anew\.\nk2: [1-9]\d* values\nk1: 0 values/)
  expect(Object.keys(await sealedBy(pool))).toEqual(['k2'])
  await run('npx', ['tsx', 'scripts/keys.ts', 'drop'], { env })
  expect(readFileSync(file, 'utf8')).not.toContain('k1:')
  await expect(settleKeys(pool, new Keyring(newKeys()))).rejects.toThrow('not those that its database was sealed with')
})

test('what an older version kept readable is sealed at the next start, and still works', async () => {
  const { pool, url, server } = await testServer()
  await server.stop()
  await pool.query(
    "insert into overlay (channel, id, name, secret, secret_hash) values (1, 900, 'Main', 'old-address', 'unsealed/1/900')",
  )
  const again = await startOn(url)
  try {
    expect((await pool.query('select secret from overlay where id = 900')).rows[0].secret).toMatch(/^v1\./)
    expect((await fetch(`${again.web}/api/overlays/old-address/page`)).status).toBe(200)
  } finally {
    await again.server.stop()
  }
})
