import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { ChatLine } from '#core/commands'
import type { Intent } from '#core/engine'
import { tallies } from '#core/tallies'
import { ARSENAL_WORDS, arsenal } from '../../../testing/core/arsenal.ts'
import { NAMING, TestChannel, WHISTLE } from '../../../testing/core/channel.ts'
import { bothWays } from '../../../testing/server/bothWays.ts'
import {
  addChannel,
  CURRENCY,
  PLAN,
  sumOfAll,
  type TestWriter,
  testDatabase,
  writerFor,
} from '../../../testing/server/database.ts'
import { factsAfter } from '../feed/index.ts'

const say = (name: string, text: string): ChatLine => ({
  kind: 'chat.line',
  who: { account: name, name },
  text,
  privately: false,
})
const arrive = (name: string): Intent => ({ kind: 'presence.arrived', who: { account: name, name } })

/** A channel with rewards where "pia" holds 100. */
async function channelWithPia() {
  const { pool } = await testDatabase()
  const channel = await addChannel(pool)
  const one = writerFor(pool, channel)
  await one.send('setup', { kind: 'channel.setUp', currency: CURRENCY, plan: PLAN })
  await one.send('r1', { kind: 'store.save', reward: null, settings: WHISTLE })
  await one.send('r2', { kind: 'store.save', reward: null, settings: NAMING })
  await one.send('start', { kind: 'show.start', title: 'Test' })
  await one.send('in', arrive('pia'))
  await one.send('out', { kind: 'presence.left', account: 'pia' }, 1_000_600)
  const balance = async (name = 'pia') => {
    const text =
      'select balance from account a join viewer v on v.channel = a.channel and v.id = a.id where v.account = $1'
    return (await pool.query(text, [name])).rows[0]?.balance as number
  }
  return { pool, channel, one, balance }
}

test('an intent is applied once, however often it comes, and hears the same answer', async () => {
  const { one, balance } = await channelWithPia()
  const buy = say('pia', '!get whistle')
  const [first, second] = await Promise.all([one.send('chat/1', buy), one.send('chat/1', buy)])
  const third = await one.send('chat/1', buy)
  expect(second).toEqual(first)
  expect(third).toEqual(first)
  expect(await balance()).toBe(40)
})

test('two instances on one channel agree: one order gets the last money, facts have no gaps', async () => {
  const { pool, channel, one, balance } = await channelWithPia()
  const other = writerFor(pool, channel)
  const lines = Array.from({ length: 40 }, (_, i) =>
    (i % 2 ? one : other).send(`chat/${i}`, say('pia', '!get whistle')),
  )
  const answers = (await Promise.all(lines)).map((result) => (result.ok ? String(result.value.answer) : ''))
  expect(answers.filter((answer) => answer.includes('bought'))).toHaveLength(1)
  expect(answers.filter((answer) => answer.includes('20 rivets short'))).toHaveLength(39)
  expect(await balance()).toBe(40)
  const seqs = (await factsAfter(pool, channel, 0)).map(({ seq }) => seq)
  expect(seqs).toEqual(seqs.map((_, i) => i + 1))
  expect(await sumOfAll(pool)).toBe(0)
})

test('an instance sees what another changed without any fact', async () => {
  const { pool, channel, one } = await channelWithPia()
  const other = writerFor(pool, channel)
  await other.send('o1', say('jo', 'hello'))
  // Settling without a full interval changes rows and tells no fact.
  const { rows } = await pool.query("select id from viewer where account = 'jo'")
  const show = (await pool.query('select id from show')).rows[0].id as number
  await one.send('p1', { kind: 'earning.pay', show, after: rows[0].id - 1, upTo: rows[0].id }, 1_000_030)
  await other.send('p2', { kind: 'earning.pay', show, after: rows[0].id - 1, upTo: rows[0].id }, 1_000_060)
  const jo = (await pool.query('select carry_seconds, watched_seconds from watch where id = $1', [rows[0].id])).rows[0]
  expect(jo).toEqual({ carry_seconds: 0, watched_seconds: 60 })
})

test('somebody new may use a word that rests right after their first line, in one batch, and it rests then', async () => {
  const { one } = await channelWithPia()
  const lines = ['hello', '!hours', '!hours'].map((text, i) => one.send(`new/${i}`, say('newcomer', text)))
  const answers = (await Promise.all(lines)).map((result) => (result.ok ? result.value.answer : 'refused'))
  expect(answers).toEqual([undefined, expect.stringMatching(/^newcomer has watched/), undefined])
  expect(await one.send('new/4', say('newcomer', '!hours'))).toEqual({ ok: true, value: {} })
})

test('a failed transaction changes nothing, tells its senders, and the next one works', async () => {
  const { pool, one, balance } = await channelWithPia()
  await pool.query("alter table fact_batch add constraint no_order check (facts not like '%order.placed%') not valid")
  await expect(one.send('chat/1', say('pia', '!get whistle'))).rejects.toMatchObject({
    cause: { constraint: 'no_order' },
  })
  expect(await balance()).toBe(100)
  await pool.query('alter table fact_batch drop constraint no_order')
  const told = one.facts.length
  expect(await one.send('chat/1', say('pia', '!get whistle'))).toMatchObject({ ok: true })
  expect(await balance()).toBe(40)
  expect(one.facts.slice(told).map(({ kind }) => kind)).toContain('order.placed')
})

test('an intent that the rules fail on does not cost the others theirs', async () => {
  const { one, balance } = await channelWithPia()
  const broken = {
    kind: 'store.buy',
    who: { account: 'pia', name: 'pia' },
    word: 'whistle',
    text: null as never,
  } as const
  const [bad, good] = await Promise.allSettled([one.send('x', broken), one.send('y', say('pia', '!get whistle'))])
  expect(bad.status).toBe('rejected')
  expect(good).toMatchObject({ status: 'fulfilled', value: { ok: true } })
  expect(await balance()).toBe(40)
})

test('transfers cannot be changed or deleted, balances cannot pass below 0, not even by hand', async () => {
  const { pool } = await channelWithPia()
  await expect(pool.query('update transfer set amount = 1')).rejects.toThrow(/never changed/)
  await expect(pool.query('delete from transfer')).rejects.toThrow(/never changed/)
  await expect(pool.query('truncate transfer')).rejects.toThrow(/never changed/)
  await expect(pool.query('update account set balance = -1')).rejects.toThrow(/account_balance_not_negative/)
})

test('a timer is set exactly if the change that asked for it happened', async () => {
  const { pool, one } = await channelWithPia()
  const jobs = async () =>
    (await pool.query("select key from graphile_worker.jobs where task_identifier = 'earning.tick'")).rows
  expect(await jobs()).toEqual([{ key: expect.stringMatching(/^\d+\/earning.tick\/\d+$/) }])
  await pool.query('delete from graphile_worker._private_jobs')
  await one.send('again', { kind: 'show.start', title: 'Refused' })
  expect(await jobs()).toEqual([])
})

const act = fc.oneof(
  fc.record({
    kind: fc.constant('say' as const),
    who: fc.constantFrom('pia', 'jo', 'sol'),
    text: fc.constantFrom('!get whistle', '!get name-it x', 'hi'),
  }),
  fc.record({ kind: fc.constantFrom('in' as const, 'out' as const), who: fc.constantFrom('pia', 'jo', 'sol') }),
  fc.constant({ kind: 'pay' as const }),
  fc.record({ kind: fc.constant('wait' as const), seconds: fc.integer({ min: 1, max: 400 }) }),
)
/** A cap low enough to be reached, so that cut payments are compared, too. */
const CAPPED = { ...PLAN, cap: 95 }
type Act = typeof act extends fc.Arbitrary<infer T> ? T : never

test('what the writer makes durable is what the rules decide in memory', async () => {
  const { pool } = await testDatabase()
  let run = 0
  await fc.assert(
    fc.asyncProperty(fc.array(act, { minLength: 1, maxLength: 40 }), async (acts) => {
      const memory = new TestChannel(CAPPED)
      const channel = await addChannel(pool, `run-${++run}`)
      const durable = writerFor(pool, channel)
      await replay(durable, memory, acts)
      const rows = await pool.query(
        'select v.account, a.balance, w.carry_seconds as carry, w.show_seconds as watched from viewer v join account a on a.channel = v.channel and a.id = v.id join watch w on w.channel = v.channel and w.id = v.id where v.channel = $1',
        [channel],
      )
      for (const row of rows.rows) {
        const { carrySeconds: carry, showSeconds: watched } = memory.watch(row.account)
        expect(row).toEqual({ account: row.account, balance: memory.balance(row.account), carry, watched })
      }
      expect(durable.facts.map(({ kind, seq, body }) => ({ kind, seq, body }))).toEqual(
        memory.facts().map(({ kind, seq, body }) => ({ kind, seq, body })),
      )
    }),
    { numRuns: 25 },
  )
  expect(await sumOfAll(pool)).toBe(0)
})

const use = fc.oneof(
  fc.record({
    kind: fc.constant('say' as const),
    who: fc.constantFrom('pia', 'jo', 'sol', 'newt'),
    word: fc.constantFrom(...ARSENAL_WORDS),
    typed: fc.constantFrom('', 'pia 3', 'jo half', 'sol', '@newt all and more', 'nobody 1'),
  }),
  fc.record({ kind: fc.constant('wait' as const), seconds: fc.integer({ min: 1, max: 40 }) }),
)

test('commands come to the same through the writer, in batches of chance size, as in memory', async () => {
  const { pool } = await testDatabase()
  let run = 0
  await fc.assert(
    fc.asyncProperty(fc.array(use, { minLength: 1, maxLength: 40 }), fc.nat(6), async (uses, size) => {
      const { memory, channel, hand, same } = await bothWays(pool, `use-${++run}`, CAPPED, run % 2 === 0)
      for (const intent of arsenal(memory.world.lastId + 1)) expect(hand(intent)).toMatchObject({ ok: true })
      hand({ kind: 'show.start', title: 'Test' })
      for (const step of uses) {
        if (step.kind === 'wait') memory.now += step.seconds
        else hand(say(step.who, `!${step.word} ${step.typed}`))
      }
      for (const intent of memory.dueTimers()) hand(intent)
      await same(size)
      const rows = await pool.query(
        `select v.account, coalesce(t.total, 0) as stamps from viewer v
          left join tally_count t on t.channel = v.channel and t.viewer = v.id where v.channel = $1`,
        [channel],
      )
      const tally = memory.world.all(tallies)[0]?.id ?? 0
      for (const row of rows.rows)
        expect(row).toEqual({
          account: row.account,
          stamps: memory.tallied(row.account, tally),
        })
    }),
    { numRuns: 20 },
  )
  expect(await sumOfAll(pool)).toBe(0)
})

function intentOf(step: Exclude<Act, { kind: 'wait' }>, show: number): Intent {
  if (step.kind === 'say') return say(step.who, step.text)
  if (step.kind === 'in') return arrive(step.who)
  if (step.kind === 'out') return { kind: 'presence.left', account: step.who }
  return { kind: 'earning.pay', show, after: 0, upTo: Number.MAX_SAFE_INTEGER }
}

/** The same intents at the same times, once in memory and once through the database, in batches of chance size. */
async function replay(durable: TestWriter, memory: TestChannel, acts: readonly Act[]): Promise<void> {
  const intents: [Intent, number][] = [
    [{ kind: 'channel.setUp', currency: CURRENCY, plan: CAPPED }, memory.now],
    [{ kind: 'store.save', reward: null, settings: WHISTLE }, memory.now],
    [{ kind: 'store.save', reward: null, settings: NAMING }, memory.now],
    [{ kind: 'show.start', title: 'Test' }, memory.now],
  ]
  const show = memory.startShow()
  for (const step of acts) {
    if (step.kind === 'wait') memory.now += step.seconds
    else {
      const intent = intentOf(step, show)
      memory.send(intent)
      intents.push([intent, memory.now])
    }
  }
  await Promise.all(intents.map(([intent, at], i) => durable.send(`k${i}`, intent, at)))
}
