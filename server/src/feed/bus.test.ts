import fc from 'fast-check'
import { expect, onTestFinished, test } from 'vitest'
import { unpackedProgram } from '../../../machine/prepare.mjs'
import { testDatabase } from '../../../testing/server/database.ts'
import { reachable, soon, started } from '../../../testing/server/peers/started.ts'
import { freePort } from '../../../testing/server/ports.ts'
import { startOn, testServer } from '../../../testing/server/server.ts'
import { committedIn, committedTexts, natsBus, noticeBus } from './bus.ts'

const seqs = fc.array(
  fc.tuple(fc.integer({ min: 1, max: 2 ** 31 }), fc.integer({ min: 0, max: Number.MAX_SAFE_INTEGER })),
  {
    maxLength: 2000,
  },
)

test('what was committed is told in texts that a notice can bear, and read from them as it was', () => {
  fc.assert(
    fc.property(seqs, (pairs) => {
      const reached = new Map(pairs)
      const texts = committedTexts(reached)
      for (const text of texts) expect(Buffer.byteLength(text)).toBeLessThan(8000)
      expect(new Map(texts.flatMap(committedIn))).toEqual(reached)
    }),
    { numRuns: 50 },
  )
  fc.assert(fc.property(fc.string(), (text) => void committedIn(text)))
  expect(committedIn('3:x,,4:5,:')).toEqual([[4, 5]])
})

/** A page that follows a channel at one server, and what it hears. */
async function follower(web: string, cookie: string) {
  const answer = await fetch(`${web}/api/channels/bench/desk/feed`, { headers: { cookie } })
  const reader = answer.body?.getReader()
  if (reader === undefined) throw new Error('There is no feed.')
  onTestFinished(() => reader.cancel())
  let heard = ''
  void (async () => {
    for (;;) {
      const { done, value } = await reader.read()
      if (done) return
      heard += Buffer.from(value).toString()
    }
  })().catch(() => {})
  return () => heard
}

async function twoServers(environment: Record<string, string>) {
  const { url, submit, signedIn } = await testServer(environment)
  const second = await startOn(url, environment)
  onTestFinished(() => second.server.stop())
  const heard = await follower(second.web, await signedIn('desk', 'wanda'))
  await submit('one', { kind: 'chat.tell', to: null, text: 'heard at the other server' })
  await soon(() => expect(heard()).toContain('heard at the other server'))
  return { submit, heard }
}

test('what one server commits is heard at the other by a notice', async () => {
  await twoServers({})
})

test('and by a NATS server; while that is away it is seen all the same', async () => {
  const port = await freePort()
  started(unpackedProgram('nats-server'), ['-a', '127.0.0.1', '-p', String(port)])
  await reachable(port)
  const { submit, heard } = await twoServers({ BUS: `nats://127.0.0.1:${port}` })
  const none = await twoServers({ BUS: `nats://127.0.0.1:${await freePort()}` })
  await none.submit('two', { kind: 'chat.tell', to: null, text: 'seen by looking' })
  await soon(() => expect(none.heard()).toContain('seen by looking'))
  await submit('three', { kind: 'chat.tell', to: null, text: 'and again' })
  await soon(() => expect(heard()).toContain('and again'))
})

test('a bus gives every text to who listens', async () => {
  const port = await freePort()
  started(unpackedProgram('nats-server'), ['-a', '127.0.0.1', '-p', String(port)])
  await reachable(port)
  const [a, b] = [natsBus(`nats://127.0.0.1:${port}`), natsBus(`nats://127.0.0.1:${port}`)]
  onTestFinished(async () => void (await Promise.all([a.stop(), b.stop()])))
  const heard: string[] = []
  await a.listen(
    () => {},
    () => {},
  )
  await b.listen(
    (text) => heard.push(text),
    () => {},
  )
  await a.send('3:17')
  await soon(() => expect(heard).toEqual(['3:17']))
  const { pool } = await testDatabase()
  await noticeBus(pool).send('3:17')
})
