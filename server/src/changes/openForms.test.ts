import { randomUUID } from 'node:crypto'
import { expect, test } from 'vitest'
import { READY_SETS } from '#core/team'
import { testServer } from '../../../testing/server/server.ts'

test('two people at one form see each other, until one has gone; nobody else is told, and the security log is not filled', async () => {
  const { web, signedIn, submit, pool } = await testServer()
  const rights = READY_SETS[0]?.rights
  if (rights === undefined) throw new Error('There is no ready set of rights.')
  const by = { account: 'wanda', owner: true }
  await submit('invite', { kind: 'team.invite', by, hash: 'h', whom: 'Rosa', account: null, rights, until: null })
  await submit('join', { kind: 'team.join', hash: 'h', who: { account: 'rosa', name: 'Rosa', owner: false } })
  const open = async (account: string, ...forms: string[]) => {
    const cookie = await signedIn('desk', account)
    const response = await fetch(`${web}/api/channels/bench/desk/forms`, {
      method: 'POST',
      headers: { cookie, 'content-type': 'application/json', 'idempotency-key': randomUUID() },
      body: JSON.stringify({ forms }),
    })
    return response.status === 200 ? ((await response.json()) as { others: object[] }).others : response.status
  }
  expect(await open('wanda', 'reward/1', 'ranks')).toEqual([])
  expect(await open('rosa', 'reward/1', 'reward/2')).toEqual([{ form: 'reward/1', name: 'wanda' }])
  expect(await open('wanda', 'reward/1', 'ranks')).toEqual([{ form: 'reward/1', name: 'rosa' }])
  expect(await open('mallory', 'reward/1')).toBe(403)
  expect(await open('wanda', 'reward/1; drop')).toBe(422)
  await pool.query("update open_form set until = until - 30 where account = 'rosa'")
  expect(await open('wanda', 'reward/1')).toEqual([])
  // Her own mark of it is over: it is made anew.
  expect(await open('rosa', 'reward/2')).toEqual([])
  await pool.query("update open_form set until = until - 30 where account = 'rosa'")
  expect(await open('rosa', 'ranks')).toHaveLength(1)
  expect((await pool.query("select form from open_form where account = 'rosa'")).rows).toEqual([{ form: 'ranks' }])
  const logged = await pool.query("select 1 from security_event where what like 'Say which forms%'")
  expect(logged.rowCount).toBe(0)
})
