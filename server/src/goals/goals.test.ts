import { randomUUID } from 'node:crypto'
import fc from 'fast-check'
import { expect, test } from 'vitest'
import { type GoalSettings, PLAIN_GOAL } from '#core/goals'
import { bothWays } from '../../../testing/server/bothWays.ts'
import { PLAN, sumOfAll, testDatabase } from '../../../testing/server/database.ts'
import { startOn, testServer } from '../../../testing/server/server.ts'

const NAMES = ['pia', 'jo', 'sol', 'newt']
const SEED = { kind: 'fairness.seed', seed: '5a'.repeat(32), first: true } as const
const CLOCK: GoalSettings = { ...PLAIN_GOAL, title: 'Mend the tram clock', word: 'clock', target: 500 }

const step = fc.oneof(
  {
    weight: 8,
    arbitrary: fc.record({
      who: fc.constantFrom(...NAMES),
      text: fc.constantFrom('!chip 7', '!chip half', '!chip all clock', '!chip back', '!goal', '!chip 3 lamp'),
    }),
  },
  { weight: 2, arbitrary: fc.record({ wait: fc.constantFrom(1, 5, 300) }) },
  { weight: 1, arbitrary: fc.record({ does: fc.constantFrom('end' as const, 'callOff' as const) }) },
  {
    weight: 1,
    arbitrary: fc.record({
      word: fc.constantFrom('clock', 'lamp'),
      target: fc.constantFrom(60, 150),
      unreached: fc.constantFrom('refund' as const, 'keep' as const),
      withdraw: fc.boolean(),
    }),
  },
  { weight: 1, arbitrary: fc.record({ page: fc.constantFrom(...NAMES), amount: fc.constantFrom(5, 40, null) }) },
)

test('goals come to the same through the writer, in batches of chance size, as in memory', async () => {
  const { pool } = await testDatabase()
  let run = 0
  const property = fc.asyncProperty(fc.array(step, { minLength: 5, maxLength: 50 }), fc.nat(6), async (steps, size) => {
    const { memory, hand, same } = await bothWays(pool, `goals-${++run}`, PLAN, run % 2 === 0)
    let goal = 0
    const make = (more: Partial<GoalSettings>) => {
      const settings = {
        ...CLOCK,
        endsAt: memory.now + 600,
        milestones: [{ at: 20, name: 'Springs', steps: [{ do: 'pay', to: { of: 'caller' }, amount: { fixed: 1 } }] }],
        ...more,
      } as GoalSettings
      const made = hand({ kind: 'goal.make', settings, opens: true, by: 'w' })
      if (made.ok) goal = made.value.goal
    }
    hand(SEED)
    for (const name of NAMES) hand({ kind: 'presence.arrived', who: { account: name, name } })
    const viewers = NAMES.map((name) => memory.viewer(name).id)
    hand({ kind: 'people.adjust', viewers, of: 'balance', how: 'give', amount: 60, why: '', by: 'w' })
    make({ withdraw: true })
    for (const one of steps) {
      if ('wait' in one) memory.now += one.wait
      else if ('does' in one) hand({ kind: 'goal.act', goal, does: one.does, why: '', by: 'w' })
      else if ('page' in one)
        hand({ kind: 'goal.chip', who: { account: one.page, name: one.page }, goal, amount: one.amount })
      else if ('word' in one) make(one)
      else hand({ kind: 'chat.line', who: { account: one.who, name: one.who }, text: one.text, privately: false })
      for (const intent of memory.dueTimers()) hand(intent)
    }
    await same(size)
  })
  await fc.assert(property, { numRuns: 20 })
  expect(await sumOfAll(pool)).toBe(0)
})

/** A channel with people who hold 1,000 each, over HTTP. */
async function opened() {
  const server = await testServer()
  const { signedIn, submit, richViewer, call } = server
  await submit('seed', SEED)
  for (const name of NAMES) await richViewer(name, 1000)
  const desk = await signedIn('desk', 'wanda')
  const atDesk = (method: string, path: string, body?: unknown) => call(desk, method, path, body)
  const as = async (name: string, method: string, path: string, body?: unknown) =>
    call(name === '' ? '' : await signedIn('viewer', name), method, path, body)
  const make = async (settings: Partial<GoalSettings> = {}, opens = true): Promise<number> =>
    Number((await atDesk('POST', '/desk/goals', { settings: { ...CLOCK, ...settings }, opens })).goal)
  return { ...server, atDesk, as, make }
}

/** Waits until something is so. */
async function until<T>(look: () => Promise<T | undefined>): Promise<T> {
  for (let i = 0; i < 2400; i++) {
    const found = await look()
    if (found !== undefined) return found
    await new Promise((later) => setTimeout(later, 50))
  }
  throw new Error('It never came to that.')
}

test('a goal is made at the desk, chipped in for on the page, and goes to those that ended by itself', async () => {
  const { make, as, atDesk, pool } = await opened()
  const goal = await make({ milestones: [{ at: 200, name: 'Springs', steps: [{ do: 'say', text: 'secret plans' }] }] })
  const planned = await make({ word: 'lamp', title: 'Planned lamp' }, false)
  expect(await as('pia', 'POST', `/goals/${goal}/chip`, { amount: 300 })).toMatchObject({ taken: 300, balance: 700 })
  expect((await as('', 'POST', `/goals/${goal}/chip`, { amount: 1 })).code).toBe('not_signed_in')
  expect((await as('pia', 'POST', `/goals/${planned}/chip`, { amount: 1 })).code).toBe('goal_ended')
  const page = await as('jo', 'GET', '/goals')
  expect(page).toMatchObject({
    word: 'chip',
    running: [{ id: goal, paid: 300, reached: 1, givers: [{ name: 'pia', paid: 300 }], own: { paid: 0, why: null } }],
  })
  expect(JSON.stringify(page)).not.toMatch(/secret plans|Planned lamp/)
  expect(await as('jo', 'POST', `/goals/${goal}/chip`, { amount: 900 })).toMatchObject({ taken: 200, balance: 800 })
  expect((await pool.query('select status from goal where id = $1', [goal])).rows).toEqual([{ status: 'reached' }])
  expect((await as('jo', 'GET', '/goals')).ended).toMatchObject([{ id: goal, status: 'reached', own: { paid: 200 } }])
  expect((await atDesk('GET', '/desk/goals/ended?text=TRAM')).goals).toMatchObject([{ id: goal }])
  expect((await atDesk('GET', `/desk/goals/${goal}/givers?text=pi`)).givers).toMatchObject([{ name: 'pia', paid: 300 }])
  expect(await atDesk('POST', `/desk/goals/${planned}/open`, { why: '' })).toMatchObject({ status: 'open' })
  expect((await as('pia', 'GET', '/commands')).commands).toEqual(
    expect.arrayContaining([expect.objectContaining({ word: 'chip' }), expect.objectContaining({ word: 'goal' })]),
  )
  expect(
    (
      await atDesk('PUT', '/desk/goal-words', {
        chip: { word: 'goal', aliases: [] },
        goal: { word: 'goal', aliases: [] },
      })
    ).code,
  ).toBe('words_overlap')
})

test('a goal whose end came while the server was away refunds once it is back', async () => {
  const { make, as, pool, url, server, submit } = await opened()
  const goal = await make()
  await as('pia', 'POST', `/goals/${goal}/chip`, { amount: 300 })
  await submit(randomUUID(), { kind: 'goal.act', goal, does: 'callOff', why: 'a test', by: 'wanda' })
  await server.stop()
  const again = await startOn(url)
  try {
    await until(async () => (await pool.query("select 1 from goal where status = 'off'")).rows[0])
    const back = await pool.query("select amount from transfer where reason = 'chipBack'")
    expect(back.rows).toEqual([{ amount: 300 }])
    expect((await pool.query('select balance from account where id = $1', [goal])).rows).toEqual([{ balance: 0 }])
  } finally {
    await again.server.stop()
  }
})
