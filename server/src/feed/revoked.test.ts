import { describe, expect, test } from 'vitest'
import { startOn, testServer } from '../../../testing/server/server.ts'

/** Reads a live feed until it ends. @returns What came, and a promise of its end. */
async function listen(address: string, cookie = '') {
  const response = await fetch(address, { headers: { cookie } })
  let text = ''
  const decoder = new TextDecoder()
  const reader = response.body?.getReader()
  const ended = (async () => {
    for (let next = await reader?.read(); next?.value !== undefined; next = await reader?.read())
      text += decoder.decode(next.value, { stream: true })
  })()
  return { status: response.status, headers: response.headers, ended, text: () => text, stop: () => reader?.cancel() }
}

/** Waits until something is so. */
async function until(look: () => boolean): Promise<void> {
  while (!look()) await new Promise((later) => setTimeout(later, 20))
}

describe('a live feed', () => {
  test('of the desk ends when its session is signed out of, everywhere or here, at every server', async () => {
    const { url, web, signedIn, pool } = await testServer()
    const other = await startOn(url)
    try {
      const cookie = await signedIn('desk', 'wanda')
      const here = await listen(`${web}/api/channels/bench/desk/feed`, cookie)
      const there = await listen(`${other.web}/api/channels/bench/desk/feed`, cookie)
      const viewer = await listen(`${web}/api/channels/bench/feed`, await signedIn('viewer', 'pia'))
      expect([here.status, there.status]).toEqual([200, 200])
      await fetch(`${web}/auth/desk/out-everywhere`, { method: 'POST', headers: { cookie } })
      await Promise.all([here.ended, there.ended])
      await fetch(`${other.web}/auth/viewer/out`, {
        method: 'POST',
        headers: { cookie: await signedIn('viewer', 'pia') },
      })
      await viewer.ended
      expect((await pool.query('select 1 from session')).rowCount).toBe(0)
    } finally {
      await other.server.stop()
    }
  })

  test('of an overlay ends when its address is replaced or the overlay is deleted', async () => {
    const { web, submit } = await testServer()
    const made = await submit('o', { kind: 'screen.add', name: 'Main', secret: 'first-secret' })
    const overlay = made.ok ? made.value.overlay : 0
    const first = await listen(`${web}/api/overlays/first-secret/feed`)
    await submit('renew', { kind: 'screen.renew', overlay, secret: 'second-secret' })
    await first.ended
    expect((await fetch(`${web}/api/overlays/first-secret/feed`)).status).toBe(404)
    const second = await listen(`${web}/api/overlays/second-secret/feed`)
    await submit('remove', { kind: 'screen.remove', overlay })
    await second.ended
  })

  test('of a viewer who is forgotten ends', async () => {
    const { web, submit, signedIn, pool } = await testServer()
    await submit('in', { kind: 'presence.arrived', who: { account: 'pia', name: 'pia' } })
    await submit('out', { kind: 'presence.left', account: 'pia' })
    const feed = await listen(`${web}/api/channels/bench/feed`, await signedIn('viewer', 'pia'))
    const viewer = (await pool.query("select id from viewer where account = 'pia'")).rows[0].id
    expect(await submit('forget', { kind: 'people.forget', viewer, confirm: 'pia' })).toMatchObject({ ok: true })
    await feed.ended
  })

  test('tells nobody who is not signed in what happened before they came', async () => {
    const { web, submit, signedIn } = await testServer()
    await submit('in', { kind: 'presence.arrived', who: { account: 'secret_sol', name: 'secret_sol' } })
    const stranger = await listen(`${web}/api/channels/bench/feed?after=1`)
    const viewer = await listen(`${web}/api/channels/bench/feed?after=1`, await signedIn('viewer', 'pia'))
    await submit('start', { kind: 'show.start', title: 'Now' })
    await until(() => stranger.text().includes('show.started') && viewer.text().includes('show.started'))
    expect(stranger.text()).toContain('event: reset')
    expect(stranger.text()).not.toContain('secret_sol')
    expect(stranger.text()).not.toContain('channel.setUp')
    expect(viewer.text()).not.toContain('channel.setUp')
    await Promise.all([stranger.stop(), viewer.stop()])
  })

  test('bears the headers that every answer has', async () => {
    const { web } = await testServer()
    const feed = await listen(`${web}/api/channels/bench/feed`)
    expect(feed.headers.get('x-content-type-options')).toBe('nosniff')
    expect(feed.headers.get('content-security-policy')).toContain("default-src 'none'")
    expect(feed.headers.get('cache-control')).toBe('no-store')
    await feed.stop()
  })

  test('is refused with a sentence where one address has many open, and free again once one is closed', async () => {
    const { web, server } = await testServer({ FEEDS_PER_ADDRESS: '3' })
    const feeds = await Promise.all([1, 2, 3].map(() => listen(`${web}/api/channels/bench/feed`)))
    expect(feeds.map(({ status }) => status)).toEqual([200, 200, 200])
    const refused = await fetch(`${web}/api/channels/bench/feed`)
    expect([refused.status, await refused.json()]).toMatchObject([429, { code: 'too_many_feeds' }])
    await feeds[0]?.stop()
    await until(() => server.channels.feed.live.size === 2)
    const again = await listen(`${web}/api/channels/bench/feed`)
    expect(again.status).toBe(200)
    await Promise.all([...feeds, again].map(({ stop }) => stop()))
  })
})
