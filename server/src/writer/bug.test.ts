import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { Intent } from '#core/engine'
import { addChannel, CURRENCY, sumOfAll, testDatabase, writerFor } from '../../../testing/server/database.ts'
import { IntentBug, liesInAnIntent } from './bug.ts'
import { envelope } from './envelope.ts'

const say = (name: string): Intent => ({
  kind: 'chat.line',
  who: { account: name, name },
  text: 'hello',
  privately: false,
})

/** An intent that PostgreSQL cannot take: a time that is no whole number. */
const POISON: Intent = { kind: 'presence.left', account: 'pia', until: 999_999.5 }
/** An intent that the rules stumble over. */
const BROKEN = { kind: 'chat.line', text: 'hello', privately: false } as unknown as Intent

async function channelWithPia() {
  const { pool } = await testDatabase()
  const channel = await addChannel(pool)
  const writer = writerFor(pool, channel)
  await writer.send('setup', { kind: 'channel.setUp', currency: CURRENCY, plan: { intervalSeconds: 60 } })
  await writer.send('in', { kind: 'presence.arrived', who: { account: 'pia', name: 'pia' } })
  return { pool, channel, ...writer }
}

test('wherever a poisoned intent stands in a batch, only its sender gets an error, and it is reported once', async () => {
  const { pool, send, bugs } = await channelWithPia()
  let run = 0
  const places = fc.array(fc.constantFrom('good', 'poison', 'broken'), { minLength: 1, maxLength: 12 })
  await fc.assert(
    fc.asyncProperty(places, async (kinds) => {
      run++
      const answers = await Promise.allSettled(
        kinds.map((kind, i) => {
          const intent = { good: say(`${kind}-${i}`), poison: POISON, broken: BROKEN }[kind] ?? BROKEN
          return send(`run-${run}-${i}`, intent)
        }),
      )
      for (const [i, answer] of answers.entries()) {
        if (kinds[i] === 'good') expect(answer).toMatchObject({ status: 'fulfilled', value: { ok: true } })
        else expect(answer.status === 'rejected' && answer.reason).toBeInstanceOf(IntentBug)
      }
      const failed = await send('run-again', POISON).catch((fault: unknown) => fault)
      const again = await send('run-again', POISON).catch((fault: unknown) => fault)
      expect((again as IntentBug).id).toBe((failed as IntentBug).id)
    }),
    { numRuns: 15 },
  )
  expect(new Set(bugs.map(({ id }) => id)).size).toBe(bugs.length)
  expect(await sumOfAll(pool)).toBe(0)
})

test('a failure of the database is nobody’s in particular', () => {
  expect(liesInAnIntent(Object.assign(new Error(), { severity: 'FATAL', code: '57P01' }))).toBe(false)
  expect(liesInAnIntent(Object.assign(new Error(), { code: 'ECONNREFUSED' }))).toBe(false)
  expect(liesInAnIntent(Object.assign(new Error(), { severity: 'ERROR', code: '53100' }))).toBe(false)
  expect(liesInAnIntent(Object.assign(new Error(), { severity: 'ERROR', code: '22P02' }))).toBe(true)
})

test('a key of any length takes as much room as a short one, and names nobody', () => {
  const { key } = envelope(`http/pia/GET /${'0'.repeat(9000)}`, 1)
  expect(key).toMatch(/^[\w-]{43}$/)
  expect(key).not.toBe(envelope('http/pia', 1).key)
})
