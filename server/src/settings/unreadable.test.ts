import { describe, expect, test } from 'vitest'
import { SAME_CHANCE } from '#core/raffles'
import { testDesk } from '../../../testing/server/desk.ts'
import type { Pool } from '../database/index.ts'

/** As a disk, a hand or a newer version might leave it. The server reads all anew. */
async function breakIt(pool: Pool, statement: string): Promise<void> {
  expect((await pool.query(statement)).rowCount).toBe(1)
  await pool.query('update channel set revision = revision + 1')
}

const WHISTLE = "jsonb_set(settings, '{price}', '\"dear\"')"

describe('a reward that cannot be read', () => {
  test('is off, the desk is told why, and everything else goes on', async () => {
    const { call, pool, viewer, ids } = await testDesk(['pia'])
    expect(await call('GET', '/desk/unreadable')).toEqual({ unreadable: [] })
    await pool.query('update account set balance = 5000 where id = $1', [ids.pia])
    await breakIt(pool, `update reward set settings = ${WHISTLE} where word = 'whistle'`)
    expect(await call('GET', '/desk/unreadable')).toEqual({
      unreadable: [
        {
          kind: 'reward',
          name: 'Factory whistle',
          why: 'This reward cannot be read: /price must be integer {"type":"integer"}.',
        },
      ],
    })
    const pia = await viewer('pia')
    expect(await pia('POST', '/orders', { word: 'whistle', text: '' })).toMatchObject({ code: 'reward_closed' })
    expect(await pia('POST', '/orders', { word: 'name-it', text: 'Bolt' })).toMatchObject({ order: expect.any(Number) })
    expect(await call('GET', '/desk/store')).toMatchObject({ rewards: expect.any(Array) })
    expect(await pia('GET', '/store')).toMatchObject({ rewards: expect.any(Array) })
  })

  test('works again once it is saved anew, and what was there is kept aside', async () => {
    const { call, pool } = await testDesk([])
    const [{ id, settings }] = (await pool.query("select id, settings from reward where word = 'whistle'")).rows
    await breakIt(pool, `update reward set settings = ${WHISTLE} where word = 'whistle'`)
    expect(await call('PUT', `/desk/rewards/${id}`, settings)).toMatchObject({ reward: Number(id) })
    expect(await call('GET', '/desk/unreadable')).toEqual({ unreadable: [] })
    const aside = await pool.query('select of, key, kept from unreadable')
    expect(aside.rows).toEqual([{ of: 'reward.settings', key: String(id), kept: { ...settings, price: 'dear' } }])
  })
})

test.each([
  ['earning', 'earning plan', "update setting set body = '{\"base\": -4}' where name = 'earning'"],
  ['currency', 'currency', "update setting set body = '{\"one\": 7}' where name = 'currency'"],
  [
    'home',
    'owner and address',
    "update setting set body = body || '{\"kept/version\": 9}' where name = 'home' and channel = 1",
  ],
])('of settings that cannot be read, %s alone is as a new channel has it', async (_, name, statement) => {
  const { call, pool } = await testDesk(['pia'])
  await breakIt(pool, statement)
  expect(await call('GET', '/desk/unreadable')).toMatchObject({ unreadable: [{ kind: 'settings', name }] })
  expect(await call('GET', '/desk/earning')).toMatchObject({
    plan: { base: name === 'earning plan' ? 0 : expect.any(Number) },
  })
  expect(await call('GET', '/desk/status')).toMatchObject({ caller: 'wanda' })
})

test('of a raffle that cannot be read nothing is drawn, and its tickets are kept', async () => {
  const { call, pool, viewer } = await testDesk(['pia'])
  await call('POST', '/desk/show/start', { title: 'Evening' })
  const made = await call('POST', '/desk/raffles', {
    settings: { ...SAME_CHANCE, title: 'Radio', prize: { of: 'text', text: 'a radio' } },
    opens: { of: 'now' },
    setup: null,
  })
  const raffle = Number(made.raffle)
  expect(await (await viewer('pia'))('POST', `/raffles/${raffle}/enter`, { wanted: 1 })).not.toHaveProperty('code')
  await breakIt(pool, `update raffle set settings = settings || '{"winners": 0}' where id = ${raffle}`)
  expect(await call('GET', '/desk/unreadable')).toMatchObject({ unreadable: [{ kind: 'raffle', name: 'Radio' }] })
  expect(await call('POST', `/desk/raffles/${raffle}/draw`, {})).toHaveProperty('code')
  expect(await call('GET', '/desk/raffles')).toHaveProperty('running')
  expect((await pool.query('select count(*)::int as n from raffle_entry')).rows).toEqual([{ n: 1 }])
})
