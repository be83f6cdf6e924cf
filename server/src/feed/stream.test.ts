import { expect, test, vi } from 'vitest'
import { testServer } from '../../../testing/server/server.ts'
import { factsAfter } from './index.ts'

/** Reads a live feed until it is let go of. */
function listen(address: string, headers: Record<string, string> = {}) {
  const stop = new AbortController()
  const got: { seq: number; kind: string }[] = []
  void fetch(address, { headers, signal: stop.signal })
    .then(async ({ body }) => {
      let text = ''
      const decoder = new TextDecoder()
      for await (const chunk of (body ?? []) as unknown as AsyncIterable<Uint8Array>) {
        text += decoder.decode(chunk, { stream: true })
        const frames = text.split('\n\n')
        text = frames.pop() ?? ''
        for (const frame of frames) {
          const data = /^data: (.*)$/m.exec(frame)?.[1]
          if (data !== undefined && !frame.includes('event:')) got.push(JSON.parse(data))
        }
      }
    })
    .catch(() => {})
  return { got, stop: () => stop.abort() }
}

const soon = (check: () => void) => vi.waitFor(check, { timeout: 120_000 })

test('a page that was away resumes after the last fact it saw, without a gap or a repeat', async () => {
  const { web, submit, signedIn, pool, channel } = await testServer()
  const cookie = await signedIn('desk', 'wanda')
  const address = `${web}/api/channels/bench/desk/feed`
  const first = listen(`${address}?after=0`, { cookie })
  await submit('a', { kind: 'presence.arrived', who: { account: 'pia', name: 'pia' } })
  await soon(() => expect(first.got.map(({ kind }) => kind)).toContain('people.arrived'))
  first.stop()
  const last = first.got.at(-1)?.seq ?? 0
  for (let i = 0; i < 30; i++)
    await submit(`s${i}`, { kind: 'chat.line', who: { account: 'pia', name: 'pia' }, text: 'hi', privately: false })
  const second = listen(`${address}?after=0`, { cookie, 'last-event-id': String(last) })
  await soon(() => expect(second.got).toHaveLength(30))
  second.stop()
  const seqs = [...first.got, ...second.got].map(({ seq }) => seq)
  expect(seqs).toEqual((await factsAfter(pool, channel, 0)).map(({ seq }) => seq))
})

test('a viewer hears what is for everyone and for them, and nothing of others or of the desk', async () => {
  const { web, submit, signedIn, richViewer } = await testServer()
  await richViewer('pia', 500)
  await richViewer('jo', 500)
  const pia = listen(`${web}/api/channels/bench/feed`, { cookie: await signedIn('viewer', 'pia') })
  const nobody = listen(`${web}/api/channels/bench/feed`)
  await new Promise((later) => setTimeout(later, 300))
  await submit('b1', { kind: 'store.buy', who: { account: 'jo', name: 'jo' }, word: 'whistle', text: '' })
  await submit('b2', { kind: 'store.buy', who: { account: 'pia', name: 'pia' }, word: 'whistle', text: '' })
  await submit('s', { kind: 'show.start', title: 'Test' })
  await soon(() => expect(pia.got.map(({ kind }) => kind)).toEqual(['order.changed', 'show.started']))
  expect(nobody.got.map(({ kind }) => kind)).toEqual(['show.started'])
  pia.stop()
  nobody.stop()
})

test('two servers on one database tell each other’s pages', async () => {
  const { pool, web, server, signedIn } = await testServer()
  const cookie = await signedIn('desk', 'wanda')
  const page = listen(`${web}/api/channels/bench/desk/feed`, { cookie })
  await new Promise((later) => setTimeout(later, 300))
  const { Channels } = await import('../channels.ts')
  const other = new Channels(pool, pool, { publish: () => {} } as never, () => 5)
  const channel = (await server.channels.find('bench'))?.id ?? 0
  await other.submit(channel, 'elsewhere', { kind: 'chat.voice', voice: { muted: true } })
  await soon(() => expect(page.got.map(({ kind }) => kind)).toEqual(['chat.voice']))
  page.stop()
})

test('an overlay’s page is told its alerts and counts as connected while it is open', async () => {
  const { web, submit, signedIn } = await testServer()
  await submit('o', { kind: 'screen.add', name: 'Main', secret: 'secret-address' })
  const overlay = listen(`${web}/api/overlays/secret-address/feed`)
  const connected = async () => {
    const answer = await fetch(`${web}/api/channels/bench/desk/screen`, {
      headers: { cookie: await signedIn('desk', 'wanda') },
    })
    return ((await answer.json()) as { overlays: { connected: boolean }[] }).overlays.map((one) => one.connected)
  }
  await vi.waitFor(async () => expect(await connected()).toEqual([true]), { timeout: 120_000 })
  await submit('t', { kind: 'screen.test', alert: null })
  await soon(() => expect(overlay.got.map(({ kind }) => kind)).toEqual(['screen.alert']))
  overlay.stop()
  await vi.waitFor(async () => expect(await connected()).toEqual([false]), { timeout: 120_000 })
})
