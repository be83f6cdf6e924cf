import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { Intent } from '#core/engine'
import { WHISTLE } from '../../../testing/core/channel.ts'
import { addChannel, CURRENCY, PLAN, sumOfAll, testDatabase, writerFor } from '../../../testing/server/database.ts'
import { factsAfter } from '../feed/index.ts'
import type { Waiting } from './batch.ts'
import { WriterBusy } from './bug.ts'
import { Queue } from './queue.ts'

const PEOPLE = ['pia', 'jo', 'sol', 'rosa']
const say = (name: string, text: string): Intent => ({
  kind: 'chat.line',
  who: { account: name, name },
  text,
  privately: false,
})

/** A channel on air where everybody holds 600, and two servers' writers on it. */
async function twoWriters() {
  const { pool } = await testDatabase()
  const channel = await addChannel(pool)
  const [one, other] = [writerFor(pool, channel), writerFor(pool, channel)]
  await one.send('setup', { kind: 'channel.setUp', currency: CURRENCY, plan: PLAN })
  await one.send('reward', { kind: 'store.save', reward: null, settings: WHISTLE })
  const started = await one.send('start', { kind: 'show.start', title: 'Test' })
  const show = Number(started.ok && started.value.show)
  await Promise.all(PEOPLE.map((name) => one.send(`in-${name}`, say(name, 'hello'))))
  const pay = (at: number): Intent => ({
    kind: 'earning.pay',
    show,
    after: 0,
    upTo: Number.MAX_SAFE_INTEGER,
    until: at,
  })
  await one.send('pay', pay(1_003_600), 1_003_600)
  return { pool, channel, one, other, pay }
}

const act = fc.record({
  who: fc.constantFrom(...PEOPLE),
  buys: fc.boolean(),
  twice: fc.boolean(),
  other: fc.boolean(),
  pays: fc.integer({ min: 0, max: 12 }).map((n) => n === 0),
  pause: fc.integer({ min: 0, max: 5 }).map((n) => n === 0),
})

test('however two servers write at once, with repeats and payments between, each intent counts once', async () => {
  const { pool, channel, one, other, pay } = await twoWriters()
  let run = 0
  await fc.assert(
    fc.asyncProperty(fc.array(act, { minLength: 5, maxLength: 60 }), async (acts) => {
      run++
      const answers: Promise<unknown>[] = []
      for (const [i, { who, buys, twice, other: there, pays, pause }] of acts.entries()) {
        const writer = there ? other : one
        const [key, at] = [`run-${run}-${i}`, 1_003_600 + run * 100]
        const intent = pays ? pay(at) : say(who, buys ? '!get whistle' : 'hello')
        answers.push(writer.send(key, intent, at))
        if (twice) answers.push((there ? one : other).send(key, intent, at))
        if (pause) await new Promise((later) => setTimeout(later, 3))
      }
      await Promise.all(answers)
    }),
    { numRuns: 15 },
  )
  expect(await sumOfAll(pool)).toBe(0)
  const twice = await pool.query(
    "select intent from transfer where reason = 'ordered' group by intent having count(*) > 1",
  )
  expect(twice.rows).toEqual([])
  const bought = Number((await pool.query("select count(*) from transfer where reason = 'ordered'")).rows[0].count)
  expect(Number((await pool.query('select count(*) from store_order')).rows[0].count)).toBe(bought)
  const facts = await factsAfter(pool, channel, 0, 100_000)
  expect(facts.map(({ seq }) => seq)).toEqual(facts.map((_, i) => i + 1))
  expect(facts.filter(({ kind }) => kind === 'order.placed')).toHaveLength(bought)
  // Both servers told their pages every fact of theirs, in order.
  for (const { facts: told } of [one, other])
    expect(told.map(({ seq }) => seq)).toEqual(told.map(({ seq }) => seq).sort((a, b) => a - b))
})

test('the same intent again while the first is still being written hears the same', async () => {
  const { one, pool } = await twoWriters()
  const first = one.send('again', say('pia', '!get whistle'), 1_003_700)
  // The first is on its way to the disk by now.
  await new Promise((later) => setImmediate(() => setTimeout(later, 1)))
  const second = one.send('again', say('pia', '!get whistle'), 1_003_700)
  expect(await second).toEqual(await first)
  expect((await pool.query("select 1 from transfer where intent = 'again'")).rowCount).toBe(1)
})

const waitingAs = (key: string, from?: string): Waiting => ({
  intent: { key, at: 0, kind: key === 'pay' ? 'earning.pay' : 'chat.voice' } as unknown as Waiting['intent'],
  resolve: () => {},
  reject: () => {},
  from,
  met: [],
})

test('a payment to everyone is a batch of its own', () => {
  const queue = new Queue({ all: 100, each: 100 })
  for (const key of ['a', 'b', 'pay', 'c', 'pay']) queue.add(waitingAs(key))
  const batches: string[] = []
  while (queue.length > 0)
    batches.push(
      queue
        .take(3)
        .map(({ intent }) => intent.key)
        .join(' '),
    )
  expect(batches).toEqual(['a b', 'pay', 'c', 'pay'])
})

test('who floods waits for themselves; a full queue takes nothing more from outside, and all that the server hands in', () => {
  const queue = new Queue({ all: 5, each: 3 })
  for (const key of ['a', 'b', 'c']) queue.add(waitingAs(key, 'flood'))
  expect(() => queue.add(waitingAs('d', 'flood'))).toThrow(WriterBusy)
  queue.add(waitingAs('e', 'pia'))
  queue.add(waitingAs('f', 'jo'))
  expect(() => queue.add(waitingAs('g', 'sol'))).toThrow(WriterBusy)
  queue.add(waitingAs('pay'))
  expect(queue.length).toBe(6)
  const taken = queue.take(3)
  queue.add(waitingAs('h', 'flood'))
  queue.putBack(taken)
  expect(() => queue.add(waitingAs('i', 'flood'))).toThrow(WriterBusy)
  expect(queue.take(9).map(({ intent }) => intent.key)).toEqual(['a', 'b', 'c', 'e', 'f'])
})

test('what another server did meanwhile makes no intent a bug: it is decided again on what is true', async () => {
  const { one, other } = await twoWriters()
  const said = await fc.assert(
    fc.asyncProperty(fc.integer({ min: 0, max: 1e9 }), async (n) => {
      // Each writer knows the rows as they were before the other met somebody.
      await one.send(`ours-${n}`, say('pia', 'hello'))
      await other.send(`theirs-${n}`, say(`new-${n}`, 'hello'))
      const [bought, asked] = await Promise.all([
        one.send(`buys-${n}`, say(`new-${n}`, '!get whistle')),
        one.send(`asks-${n}`, say(`new-${n}`, '!rivets')),
      ])
      expect([bought.ok, asked.ok]).toEqual([true, true])
    }),
    { numRuns: 20 },
  )
  expect(said).toBeUndefined()
})
