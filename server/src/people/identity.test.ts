import { randomUUID } from 'node:crypto'
import { expect, test } from 'vitest'
import { keyOf, NICK } from '#core/people'
import { testServer } from '../../../testing/server/server.ts'
import { linkByCode } from './index.ts'

const CHAT = 'irc:127.0.0.1'

test('a subject that looks like a prefix of ours opens nobody’s wallet', async () => {
  const { submit, signedIn, call, pool } = await testServer()
  await submit('nick', { kind: 'presence.arrived', who: { issuer: NICK, account: 'bob', name: 'Bob' } })
  await pool.query("update account set balance = 500 where id = (select id from viewer where account = 'bob')")
  await pool.query('update channel set revision = revision + 1')
  for (const subject of ['nick/bob', 'bob', 'merged/9', 'forgotten/9', 'nick bob']) {
    const me = (await call(await signedIn('viewer', subject), 'GET', '/me')) as unknown as { balance: number }
    expect([subject, me.balance]).toEqual([subject, 0])
  }
  const rows = await pool.query("select issuer, account, account_key from viewer where account = 'bob'")
  expect(rows.rows).toEqual([{ issuer: NICK, account: 'bob', account_key: keyOf({ issuer: NICK, account: 'bob' }) }])
})

/** A server whose chat network has accounts of its own, with pia known there and signed in to the page as somebody else. */
async function separate() {
  const parts = await testServer({ CHAT_ACCOUNTS: 'own', CHAT_ADDRESS: 'irc://127.0.0.1:1/#bench' })
  const { submit, signedIn, pool, server, channel } = parts
  const who = { issuer: CHAT, account: 'pia_chat', name: 'Pia' }
  await submit('in', { kind: 'presence.arrived', who })
  await submit('line', { kind: 'chat.line', who, text: 'hello', privately: false })
  const id = (await pool.query("select id from viewer where account = 'pia_chat'")).rows[0].id as number
  const cookie = await signedIn('viewer', 'pia@provider')
  /** Says a line as pia, and does what the server does about it. */
  const say = async (text: string) => {
    const key = randomUUID()
    const result = await submit(key, { kind: 'chat.line', who, text, privately: false })
    const follow = result.ok ? (result.value.follow as { link: string; viewer: number } | undefined) : undefined
    return follow === undefined ? undefined : linkByCode(server.channels, channel, key, follow)
  }
  return { ...parts, id, cookie, say }
}

test('chat and page are two people until a one-time code is said in chat, and one from then on', async () => {
  const { call, cookie, say, pool, id } = await separate()
  await pool.query('update account set balance = 70 where id = $1', [id])
  await pool.query('update channel set revision = revision + 1')
  const me = async () => (await call(cookie, 'GET', '/me')) as unknown as { balance: number }
  expect((await me()).balance).toBe(0)
  const { say: code } = (await call(cookie, 'POST', '/me/link', {})) as unknown as { say: string }
  expect(code).toMatch(/^link-\w{5}-\w{5}$/)
  expect(await say('link-AAAAA-AAAAA')).toContain('no longer valid')
  expect(await say(code)).toContain('one person now')
  expect((await me()).balance).toBe(70)
  expect(await say(code)).toContain('no longer valid')
  expect(await call(cookie, 'GET', '/me/accounts')).toMatchObject({ chat: ['pia_chat'] })
})

test('what was bought on the page before is the person’s after linking', async () => {
  const { call, cookie, say, pool, submit } = await separate()
  await submit('page', { kind: 'presence.arrived', who: { account: 'pia@provider', name: 'pia' } })
  await submit('gone', { kind: 'presence.left', account: 'pia@provider' })
  await pool.query("update account set balance = 40 where id = (select id from viewer where account = 'pia@provider')")
  await pool.query('update channel set revision = revision + 1')
  const { say: code } = (await call(cookie, 'POST', '/me/link', {})) as unknown as { say: string }
  expect(await say(code.toUpperCase().replace('LINK', 'link'))).toContain('one person now')
  expect((await pool.query('select 1 from viewer where linked')).rowCount).toBe(1)
  expect((await call(cookie, 'GET', '/me')) as unknown).toMatchObject({ balance: 40 })
  expect((await pool.query('select count(*)::int as n from viewer where merged_into is null')).rows[0].n).toBe(1)
})

test('a code that is ten minutes old, or replaced by a newer one, links nothing', async () => {
  const { call, cookie, say, pool } = await separate()
  const make = async () => ((await call(cookie, 'POST', '/me/link', {})) as unknown as { say: string }).say
  const first = await make()
  const second = await make()
  expect(await say(first)).toContain('no longer valid')
  await pool.query('update link_code set expires_at = expires_at - 601')
  expect(await say(second)).toContain('no longer valid')
})

test('somebody is meant by a name that looks like the one they have in chat, whatever else they are shown as', async () => {
  const { submit, pool } = await testServer()
  for (const [account, chatName, typed] of [
    ['zoe', 'Zo_Lamp', 'zo.lamp'],
    ['kit', 'K1', 'ki'],
  ] as const) {
    await submit(`in-${account}`, { kind: 'presence.arrived', who: { account, name: account } })
    await pool.query('update viewer set chat_name = $2 where account = $1', [account, chatName])
    await pool.query('update channel set revision = revision + 1')
    const line = { kind: 'chat.line', who: { account: 'sol', name: 'sol', moderator: true }, privately: false } as const
    await submit(`give-${account}`, { ...line, text: `!give ${typed} 5` })
    const text = 'select a.balance from account a join viewer v using (channel, id) where v.account = $1'
    expect([account, (await pool.query(text, [account])).rows[0].balance]).toEqual([account, 5])
  }
})

test('who is in two rooms at once links both accounts without leaving either', async () => {
  const { call, cookie, say, pool, submit, server, channel } = await separate()
  const too = { issuer: 'irc:other.example', account: 'pia_too', name: 'Pia' }
  await submit('in-too', { kind: 'presence.arrived', who: too, inRoom: 7 })
  const make = async () => ((await call(cookie, 'POST', '/me/link', {})) as unknown as { say: string }).say
  const line = { kind: 'chat.line', who: too, inRoom: 7, text: await make(), privately: false } as const
  const said = await submit('code', line)
  const follow = said.ok ? (said.value.follow as { link: string; viewer: number }) : { link: '', viewer: 0 }
  expect(await linkByCode(server.channels, channel, 'code', follow)).toContain('one person now')
  await pool.query("update account set balance = 40 where id = (select id from viewer where account = 'pia_too')")
  await pool.query('update channel set revision = revision + 1')
  expect(await say(await make())).toContain('one person now')
  const left = await pool.query('select account, present, rooms, linked from viewer where merged_into is null')
  expect(left.rows).toEqual([{ account: 'pia_chat', present: true, rooms: [0, 7], linked: true }])
  expect(await call(cookie, 'GET', '/me')).toMatchObject({ balance: 40 })
  // The one room is left, and they are still in the other.
  await submit('gone', { kind: 'presence.left', account: `${CHAT}\npia_chat` })
  expect((await pool.query('select present, rooms from viewer where merged_into is null')).rows).toEqual([
    { present: true, rooms: [7] },
  ])
})
