import { expect, onTestFinished, test } from 'vitest'
import { testDatabase } from '../../../testing/server/database.ts'
import { signedInAs, startOn } from '../../../testing/server/server.ts'
import { systemClock } from '../clock.ts'
import { newClaimCode } from './claim.ts'

const CURRENCY = { one: 'rivet', many: 'rivets', word: 'rivets' }

/** A fresh installation: no channel, and the code that its start printed. */
async function freshInstallation() {
  const { pool, url } = await testDatabase()
  const { web, server } = await startOn(url)
  onTestFinished(() => server.stop())
  const claim = async (account: string, code: string, slug = 'workbench') => {
    const headers = { cookie: account === '' ? '' : await signedInAs(pool, 'desk', account) }
    const body = JSON.stringify({ code, slug, name: 'The Evening Workbench', currency: CURRENCY })
    const response = await fetch(`${web}/api/claim`, { method: 'POST', headers, body })
    return (await response.json()) as { code?: string; channel?: string }
  }
  return { pool, web, code: server.claimCode ?? '', claim }
}

test('the channel goes to who has the code, not to who comes first', async () => {
  const { pool, web, code, claim } = await freshInstallation()
  expect(code).toMatch(/^([A-Z2-9]{5}-){3}[A-Z2-9]{5}$/)
  expect((await fetch(`${web}/`, { redirect: 'manual' })).headers.get('location')).toBe('/claim')
  expect(await claim('', code)).toMatchObject({ code: 'not_signed_in' })
  expect(await claim('mallory', 'AAAAA-AAAAA-AAAAA-AAAAA')).toMatchObject({ code: 'claim_code_wrong' })
  expect((await pool.query('select 1 from channel')).rowCount).toBe(0)
  expect(await claim('wanda', code.toLowerCase().replaceAll('-', ' '))).toEqual({ channel: 'workbench' })
  expect((await pool.query('select slug, owner from channel')).rows).toEqual([{ slug: 'workbench', owner: 'wanda' }])
  expect((await pool.query('select name from overlay')).rows).toEqual([{ name: 'Main picture' }])
  const status = await fetch(`${web}/api/channels/workbench/desk/status`, {
    headers: { cookie: await signedInAs(pool, 'desk', 'wanda') },
  })
  expect(await status.json()).toMatchObject({ currency: CURRENCY, channel: { name: 'The Evening Workbench' } })
})

test('the code is good once, also for two at the same instant', async () => {
  const { pool, code, claim } = await freshInstallation()
  const both = await Promise.all([claim('wanda', code, 'one'), claim('mallory', code, 'two')])
  expect(both.map(({ code: problem }) => problem).sort()).toEqual(['already_claimed', undefined])
  expect((await pool.query('select 1 from channel')).rowCount).toBe(1)
  expect(await claim('mallory', code, 'three')).toMatchObject({ code: 'already_claimed' })
  expect(await newClaimCode(pool, systemClock())).toBeUndefined()
})
