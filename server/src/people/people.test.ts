import { randomUUID } from 'node:crypto'
import { describe, expect, test } from 'vitest'
import { addChannel, testDatabase, writerFor } from '../../../testing/server/database.ts'
import { testServer } from '../../../testing/server/server.ts'
import { reader } from '../database/index.ts'
import { type PeopleQuery, peoplePage } from './table.ts'

const ALL: PeopleQuery = {
  name: '',
  present: false,
  shown: 'listed',
  now: 0,
  sort: 'name',
  down: false,
  offset: 0,
  limit: 100,
}

describe('everybody whom the channel knows', () => {
  test('is found by any part of the name, look-alikes included, and sorted as asked', async () => {
    const { pool } = await testDatabase()
    const channel = await addChannel(pool)
    const other = await addChannel(pool, 'other')
    for (const [i, name] of ['Pia_Ohm', 'p1a-0hm', 'Éva', 'jo%', 'Sol'].entries()) {
      const intent = { kind: 'presence.arrived', who: { account: name.toLowerCase(), name } } as const
      await writerFor(pool, channel).send(`in-${i}`, intent, 1000 + i)
    }
    const elsewhere = { kind: 'presence.arrived', who: { account: 'pia', name: 'Pia' } } as const
    await writerFor(pool, other).send('in', elsewhere)
    const names = async (query: Partial<PeopleQuery> = {}) =>
      (await peoplePage(reader(pool), channel, { ...ALL, ...query })).people.map(({ name }) => name)
    expect(await names({ name: 'piaohm' })).toEqual(['p1a-0hm', 'Pia_Ohm'])
    expect(await names({ name: 'HM' })).toHaveLength(2)
    expect(await names({ name: 'eva' })).toEqual(['Éva'])
    expect(await names({ name: '%' })).toEqual(['jo%'])
    expect(await names({ name: "'; drop table viewer; --" })).toEqual([])
    expect(await names({ sort: 'since', down: true })).toEqual(['Sol', 'jo%', 'Éva', 'p1a-0hm', 'Pia_Ohm'])
    expect(await names({ offset: 3, limit: 1 })).toHaveLength(1)
    expect((await peoplePage(reader(pool), channel, { ...ALL, limit: 2 })).total).toBe(5)
  })
})

describe('a correction by hand', () => {
  async function atTheDesk() {
    const one = await testServer()
    for (const name of ['pia', 'jo'])
      await one.submit(`in-${name}`, { kind: 'presence.arrived', who: { account: name, name } })
    const cookie = await one.signedIn('desk', 'wanda')
    const call = async (path: string, body: object, key: string = randomUUID()) => {
      const headers = { cookie, 'idempotency-key': key, 'content-type': 'application/json' }
      const init = { method: 'POST', headers, body: JSON.stringify(body) }
      return (await fetch(`${one.web}/api/channels/bench/desk/people/${path}`, init)).json()
    }
    const balances = async () =>
      (await one.pool.query('select balance from account where kind = $1 order by id', ['wallet'])).rows.map(
        (row) => row.balance,
      )
    return { ...one, call, balances }
  }

  test('reaches everyone present, happens once, and can be taken back', async () => {
    const { call, balances, pool } = await atTheDesk()
    const gift = { viewers: 'present', of: 'balance', how: 'give', amount: 50, why: 'a long evening' }
    const [first, again] = [await call('correct', gift, 'gift-key-1'), await call('correct', gift, 'gift-key-1')]
    expect(first).toMatchObject({ asked: 2, changed: 2, total: 100 })
    expect(again).toEqual(first)
    expect(await balances()).toEqual([50, 50])
    expect(await call('undo', { adjustments: first.adjustments })).toMatchObject({ changed: 2, total: -100, owed: 0 })
    expect(await balances()).toEqual([0, 0])
    const trail = (await pool.query("select detail from transfer where reason = 'adjusted' order by id")).rows
    expect(trail.map(({ detail }) => detail.how)).toEqual(['give', 'give', 'undo', 'undo'])
  })

  test('says what is wrong with it', async () => {
    const { call, submit } = await atTheDesk()
    const give = { of: 'balance', how: 'give', amount: 5, why: '' }
    expect(await call('correct', { ...give, viewers: [987654] })).toMatchObject({ code: 'viewer_not_found' })
    expect(await call('correct', { ...give, viewers: 'present', amount: 0 })).toMatchObject({
      code: 'amount_not_whole',
    })
    expect(await call('undo', { adjustments: [987654] })).toMatchObject({ code: 'adjustment_not_found' })
    for (const account of ['pia', 'jo']) await submit(`out-${account}`, { kind: 'presence.left', account })
    expect(await call('correct', { ...give, viewers: 'present' })).toMatchObject({ code: 'nobody_present' })
  })
})
