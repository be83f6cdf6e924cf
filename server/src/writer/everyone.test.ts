import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { EarningPlan } from '#core/earning'
import type { Intent } from '#core/engine'
import { accounts } from '#core/ledger'
import { NAMING, TestChannel } from '../../../testing/core/channel.ts'
import { addChannel, CURRENCY, sumOfAll, testDatabase, writerFor } from '../../../testing/server/database.ts'

const adds = (plus: number, times = 100) => ({ plus, times })
/** A plan in which everything makes a difference, with a cap low enough to be reached. */
const PLAN: Partial<EarningPlan> = {
  intervalSeconds: 60,
  base: 7,
  cap: 400,
  offAir: { intervalSeconds: 50, base: 3 },
  standings: { follower: adds(2), tier1: adds(0, 150), tier2: adds(1, 225), moderator: adds(4), linked: adds(1, 110) },
  active: { plus: 5, withinSeconds: 90 },
}
const PEOPLE = ['pia', 'jo', 'sol']

const act = fc.oneof(
  {
    weight: 3,
    arbitrary: fc.record({ kind: fc.constant('wait' as const), seconds: fc.integer({ min: 1, max: 900 }) }),
  },
  { weight: 2, arbitrary: fc.constant({ kind: 'pay' as const }) },
  {
    weight: 1,
    arbitrary: fc.record({
      kind: fc.constantFrom('in' as const, 'out' as const, 'say' as const),
      who: fc.constantFrom(...PEOPLE),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({
      kind: fc.constant('keep' as const),
      who: fc.constantFrom(...PEOPLE),
      follower: fc.boolean(),
      tier: fc.nat(3),
    }),
  },
  {
    weight: 1,
    arbitrary: fc.record({ kind: fc.constant('link' as const), who: fc.constantFrom(...PEOPLE) }),
  },
  { weight: 2, arbitrary: fc.constant({ kind: 'air' as const }) },
)
type Act = typeof act extends fc.Arbitrary<infer T> ? T : never

/** A show attended, one missed, one attended: what is remembered of them must move by two. */
const AIR: Act[] = [{ kind: 'air' }, { kind: 'wait', seconds: 400 }, { kind: 'air' }]
const MISSED: Act[] = [...AIR, { kind: 'out', who: 'pia' }, ...AIR, { kind: 'in', who: 'pia' }, ...AIR]

/** The acts as intents with their times, decided in memory on the way. */
function play(memory: TestChannel, acts: readonly Act[]): [Intent, number][] {
  const intents: [Intent, number][] = []
  let show: number | undefined
  const send = <I extends Intent>(intent: I) => {
    const result = memory.send(intent)
    intents.push([intent, memory.now])
    return result
  }
  const pay = () => {
    for (const one of show === undefined ? [0] : [0, show])
      send({ kind: 'earning.pay', show: one, after: 0, upTo: Number.MAX_SAFE_INTEGER })
  }
  for (const who of PEOPLE)
    send({ kind: 'presence.arrived', who: { account: who, name: who, moderator: who === 'sol' } })
  for (const step of acts) {
    if (step.kind === 'wait') memory.now += step.seconds
    else if (step.kind === 'pay') pay()
    else if (step.kind === 'in') send({ kind: 'presence.arrived', who: { account: step.who, name: step.who } })
    else if (step.kind === 'out') send({ kind: 'presence.left', account: step.who })
    else if (step.kind === 'say')
      send({ kind: 'chat.line', who: { account: step.who, name: step.who }, text: 'hi', privately: false })
    else if (step.kind === 'keep')
      send({ kind: 'people.keep', viewer: memory.viewer(step.who).id, follower: step.follower, tier: step.tier })
    else if (step.kind === 'link')
      send({ kind: 'people.link', account: `${step.who}-too`, viewer: memory.viewer(step.who).id })
    else if (show === undefined) {
      const started = send({ kind: 'show.start', title: 'Test' })
      show = started.ok ? started.value.show : undefined
    } else {
      send({ kind: 'show.end' })
      pay()
      send({ kind: 'show.settled', show })
      show = undefined
    }
  }
  return intents
}

const ROWS = `select v.account, a.balance, a.earned, w.carry_seconds as "carrySeconds", w.off_air_carry as "offAirCarry",
    w.watched_seconds as "watchedSeconds", w.show_seconds as "showSeconds", w.show_earned_from as "showEarnedFrom",
    w.attended, w.attended_show as "attendedShow", w.counted_until as "countedUntil"
  from viewer v join account a on a.channel = v.channel and a.id = v.id join watch w on w.channel = v.channel and w.id = v.id
  where v.channel = $1`

describe('what one statement does to everyone', () => {
  test('is what the rules do one by one: bonuses, off air, shows that end, who attended', async () => {
    const { pool } = await testDatabase()
    let run = 0
    await fc.assert(
      fc.asyncProperty(fc.array(act, { minLength: 3, maxLength: 40 }), async (acts) => {
        const memory = new TestChannel(PLAN)
        memory.send({ kind: 'earning.change', plan: memory.livePlan(), by: 'wanda' })
        const channel = await addChannel(pool, `all-${++run}`)
        const durable = writerFor(pool, channel)
        const first: Intent[] = [
          { kind: 'channel.setUp', currency: CURRENCY, plan: PLAN },
          ...memory.rewards(),
          { kind: 'earning.change', plan: memory.livePlan(), by: 'wanda' },
        ]
        const begin = memory.now
        const intents: [Intent, number][] = [
          ...first.map((one): [Intent, number] => [one, begin]),
          ...play(memory, acts),
        ]
        await Promise.all(intents.map(([intent, at], i) => durable.send(`k${i}`, intent, at)))
        const found = await pool.query(ROWS, [channel])
        expect(found.rows).toHaveLength(PEOPLE.length)
        for (const { account, balance, earned, ...row } of found.rows) {
          expect({ account, balance }).toEqual({ account, balance: memory.balance(account) })
          expect({ account, earned }).toEqual({
            account,
            earned: memory.world.get(accounts, memory.viewer(account).id)?.earned,
          })
          const { id, counting, showId, ...watch } = memory.watch(account)
          expect({ account, ...row }).toEqual({ account, ...watch })
        }
      }),
      { numRuns: 30, examples: [[MISSED]] },
    )
    expect(await sumOfAll(pool)).toBe(0)
  })
})

const arrive = (name: string): Intent => ({ kind: 'presence.arrived', who: { account: name, name } })

/** A channel where pia and her second account have watched a show each. */
async function channelWithTwo() {
  const { pool } = await testDatabase()
  const channel = await addChannel(pool)
  const one = writerFor(pool, channel)
  await one.send('setup', { kind: 'channel.setUp', currency: CURRENCY, plan: { intervalSeconds: 60 } })
  for (const [i, name] of ['pia', 'pia_too'].entries()) {
    const at = 1_000_000 + i * 100_000
    const started = await one.send(`start-${i}`, { kind: 'show.start', title: 'Test' }, at)
    await one.send(`in-${i}`, arrive(name), at)
    await one.send(
      `say-${i}`,
      { kind: 'chat.line', who: { account: name, name }, text: `it is me, ${name}`, privately: false },
      at,
    )
    await one.send(`out-${i}`, { kind: 'presence.left', account: name }, at + 600)
    await one.send(`end-${i}`, { kind: 'show.end' }, at + 600)
    await one.send(`settled-${i}`, { kind: 'show.settled', show: started.ok ? started.value.show : 0 }, at + 600)
  }
  const found = await pool.query('select id, account from viewer where channel = $1 order by id', [channel])
  const [pia, too] = found.rows.map(({ id }) => id as number)
  return { pool, channel, one, pia: pia ?? 0, too: too ?? 0 }
}

describe('a person', () => {
  test('made of two accounts has what both had, shows attended included, and is known by both', async () => {
    const { pool, one, pia, too } = await channelWithTwo()
    expect(await one.send('merge', { kind: 'people.merge', from: too, into: pia }, 1_200_000)).toMatchObject({
      value: { viewer: pia, moved: 100 },
    })
    expect((await pool.query('select balance, earned from account where id = $1', [pia])).rows).toEqual([
      { balance: 200, earned: 200 },
    ])
    const shows = await pool.query('select viewer, seconds from attendance order by show')
    expect(shows.rows).toEqual([
      { viewer: pia, seconds: 600 },
      { viewer: pia, seconds: 600 },
    ])
    await one.send('again', arrive('pia_too'), 1_300_000)
    expect((await pool.query('select present from viewer where id = $1', [pia])).rows).toEqual([{ present: true }])
    expect(await sumOfAll(pool)).toBe(0)
    expect(await one.send('twice', { kind: 'people.merge', from: too, into: pia }, 1_300_000)).toMatchObject({
      refusal: { code: 'viewer_not_found' },
    })
  })

  test('whose second account had an order waiting is given its money back themselves', async () => {
    const { pool, one, pia, too } = await channelWithTwo()
    await one.send('r', { kind: 'store.save', reward: null, settings: { ...NAMING, price: 60 } }, 1_150_000)
    const who = { account: 'pia_too', name: 'pia_too' }
    const bought = await one.send('buy', { kind: 'store.buy', who, word: 'name-it', text: 'Lamp' }, 1_150_000)
    await one.send('merge', { kind: 'people.merge', from: too, into: pia }, 1_200_000)
    const order = bought.ok ? bought.value.order : 0
    expect(await one.send('back', { kind: 'store.giveBack', order, by: 'wanda' }, 1_200_000)).toMatchObject({
      ok: true,
    })
    expect((await pool.query('select balance from account where id = any($1) order by id', [[pia, too]])).rows).toEqual(
      [{ balance: 200 }, { balance: 0 }],
    )
    expect(await sumOfAll(pool)).toBe(0)
  })

  test('that is refused to be merged keeps its history', async () => {
    const { pool, one, pia, too } = await channelWithTwo()
    await one.send('in', arrive('pia_too'), 1_200_000)
    expect(await one.send('merge', { kind: 'people.merge', from: too, into: pia }, 1_200_000)).toMatchObject({
      refusal: { code: 'merge_present' },
    })
    const shows = await pool.query('select viewer from attendance order by show')
    expect(shows.rows.map(({ viewer }) => viewer)).toEqual([pia, too])
  })

  test('forgotten is named nowhere any more, and the ledger still sums to 0', async () => {
    const { pool, one, pia } = await channelWithTwo()
    const note: Intent = { kind: 'people.note', viewer: pia, text: 'pia said so', by: 'wanda' }
    await one.send('note', note, 1_150_000)
    await pool.query(
      "insert into session values ('x', 'viewer', 'pia', 'pia', 0, 1, 1), ('y', 'viewer', 'jo', 'jo', 0, 1, 1)",
    )
    expect(await one.send('no', { kind: 'people.forget', viewer: pia, confirm: 'pia!' }, 1_200_000)).toMatchObject({
      refusal: { code: 'confirm_wrong' },
    })
    expect(await one.send('yes', { kind: 'people.forget', viewer: pia, confirm: 'pia' }, 1_200_000)).toMatchObject({
      value: { amount: 100 },
    })
    const places = [
      "select count(*)::int as n from viewer where concat(account, name, chat_name, handle) ~ '^pia(pia)*$'",
      "select count(*)::int as n from fact_batch where facts like '%it is me, pia\"%'",
      "select count(*)::int as n from note where text like '%pia%'",
    ]
    for (const text of places) expect({ text, n: (await pool.query(text)).rows[0].n }).toEqual({ text, n: 0 })
    expect(
      (await pool.query("select count(*)::int as n from fact_batch where facts like '%pia_too%'")).rows[0].n,
    ).toBeGreaterThan(0)
    expect(await sumOfAll(pool)).toBe(0)
  })
})
