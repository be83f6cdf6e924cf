import { expect, test, vi } from 'vitest'
import { testDesk } from '../../../testing/server/desk.ts'
import { expectClean } from '../../../testing/server/peers/csvclean.ts'
import { createLog } from '../log.ts'
import { SecurityLog } from './index.ts'

const PATIENCE = { timeout: 120_000 }

interface Entry {
  readonly kind: string
  readonly name: string
  readonly what: string
  readonly from: string
  readonly times: number
}

test('what is done at the desk, refused and signed out of stands in the security log, with who and from where', async () => {
  const { call, web, signedIn, ids } = await testDesk()
  await call('POST', '/desk/people/ignore', { viewers: [ids.pia], ignored: true })
  await call('POST', '/desk/connections/secrets', { name: 'Tips', kinds: ['ricompensa.tip'] })
  const other = { headers: { cookie: await signedIn('desk', 'other-owner') } }
  for (let i = 0; i < 3; i++) await fetch(`${web}/api/channels/bench/desk/status`, other)
  await vi.waitFor(async () => {
    const { entries } = (await call('GET', '/desk/security')) as unknown as { entries: Entry[] }
    expect(entries).toContainEqual(expect.objectContaining({ kind: 'desk', name: 'wanda', from: '127.0.0.1' }))
    expect(entries).toContainEqual(
      expect.objectContaining({ kind: 'secret', what: 'Make a secret for signing events', times: 1 }),
    )
    const refused = entries.filter(({ kind }) => kind === 'refused')
    expect(refused.reduce((sum, { times }) => sum + times, 0)).toBe(3)
    expect(refused[0]).toMatchObject({ name: 'other-owner', what: 'Somebody else’s desk' })
  }, PATIENCE)
})

test('a flood of refusals fills a bounded number of lines', async () => {
  const { call, pool } = await testDesk()
  const log = new SecurityLog(pool, () => 1_000_000, createLog('silent'))
  for (let i = 0; i < 5000; i++)
    log.note({ channel: 1, kind: 'refused', account: `a${i}`, name: `a${i}`, from: `10.0.0.${i % 250}`, what: 'x' })
  await log.flush()
  const lines = await pool.query(
    "select count(*)::int as n, sum(times)::int as times from security_event where kind = 'refused'",
  )
  expect(lines.rows).toEqual([{ n: 201, times: 5000 }])
  expect(await call('GET', '/desk/security?before=0')).toMatchObject({ entries: [] })
})

test('what cannot be had back, and files of everybody’s data, ask for a sign-in of the last ten minutes', async () => {
  const { call, file, pool, server, ids, viewer } = await testDesk()
  const asPia = await viewer('pia')
  const routes = server.routes.filter(({ fresh }) => fresh)
  expect(routes.map(({ path }) => path).sort()).toEqual(
    [
      '/desk/channel/address',
      '/desk/channel/close',
      '/desk/channel/export',
      '/desk/connections/secrets',
      '/desk/orders.csv',
      '/desk/people.csv',
      '/desk/people/reset',
      '/desk/raffles.csv',
      '/desk/raffles/:raffle/entries.csv',
      '/desk/security.csv',
      '/desk/team/:id/owner',
      '/desk/tokens',
      '/desk/viewers/:viewer/forget',
      '/desk/webhooks',
      '/me/everything.json',
    ].sort(),
  )
  expect(await file('/desk/people.csv')).toContain('pia')
  for (const route of routes)
    if ('gives' in route && route.gives === 'text/csv' && !route.path.includes(':')) expectClean(await file(route.path))
  await pool.query('update session set created_at = created_at - 700')
  for (const { method, path } of routes) {
    const ask = path.startsWith('/me/') ? asPia : call
    const answer = await ask(
      method.toUpperCase(),
      path.replace(/:\w+/g, String(ids.pia)),
      method === 'get' ? undefined : {},
    )
    expect([path, answer.code]).toEqual([path, 'sign_in_again'])
  }
})
