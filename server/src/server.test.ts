import { pino } from 'pino'
import { expect, test, vi } from 'vitest'
import { WHISTLE } from '../../testing/core/channel.ts'
import { addChannel, CURRENCY, sumOfAll, testDatabase } from '../../testing/server/database.ts'
import { freePort } from '../../testing/server/ports.ts'
import { readConfig } from './config.ts'
import { startServer } from './server.ts'

const pia = { account: 'pia', name: 'pia' }

test('a show goes on being paid after the server was stopped and started again, and nothing is lost', async () => {
  const { pool, url } = await testDatabase()
  const channel = await addChannel(pool)
  const start = async () => {
    const port = String(await freePort())
    const config = readConfig({
      DATABASE_URL: url,
      PORT: port,
      PUBLIC_URL: `http://127.0.0.1:${port}`,
      OIDC_ISSUER: 'http://127.0.0.1:9',
      OIDC_CLIENT_ID: 'x',
      OIDC_CLIENT_SECRET: 'x',
    })
    return startServer(config, pino({ level: 'silent' }))
  }
  const balance = async () => {
    const text =
      "select balance from account a join viewer v on v.channel = a.channel and v.id = a.id where v.account = 'pia'"
    return (await pool.query(text)).rows[0].balance as number
  }

  /** An interval goes by: what is kept of the past moves back by it, and what is due then is due now. */
  const interval = async () => {
    await pool.query('update show set counts_from = counts_from - 10, started_at = started_at - 10')
    await pool.query('update watch set counted_until = counted_until - 10')
    await pool.query('update channel set revision = revision + 1')
    await pool.query("update graphile_worker._private_jobs set run_at = run_at - interval '10 s'")
  }

  const first = await start()
  const submit = first.channels.submit.bind(first.channels, channel)
  await submit('setup', {
    kind: 'channel.setUp',
    currency: CURRENCY,
    plan: { intervalSeconds: 10, base: 60, cap: null },
  })
  await submit('r', { kind: 'store.save', reward: null, settings: { ...WHISTLE, kind: 'hand' } })
  await submit('in', { kind: 'presence.arrived', who: pia })
  await submit('start', { kind: 'show.start', title: 'Test' })
  await interval()
  await vi.waitFor(async () => expect(await balance()).toBeGreaterThanOrEqual(60), { timeout: 120_000 })
  const bought = await submit('buy', { kind: 'store.buy', who: pia, word: 'whistle', text: '' })
  await first.stop()

  const before = await balance()
  const second = await start()
  expect(
    await second.channels.submit(channel, 'buy', { kind: 'store.buy', who: pia, word: 'whistle', text: '' }),
  ).toEqual(bought)
  await interval()
  await vi.waitFor(async () => expect(await balance()).toBeGreaterThan(before), { timeout: 120_000 })
  await second.channels.submit(channel, 'end', { kind: 'show.end' })
  await vi.waitFor(
    async () => expect((await pool.query('select status from show')).rows).toEqual([{ status: 'ended' }]),
    { timeout: 120_000 },
  )
  expect((await pool.query('select status from store_order')).rows).toEqual([{ status: 'waiting' }])
  expect(await sumOfAll(pool)).toBe(0)
  await second.stop()
})
