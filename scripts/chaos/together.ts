import { randomUUID } from 'node:crypto'
import type pg from 'pg'
import { type BetSettings, USUAL_TERMS } from '#core/bets'
import type { AnswerTo, Intent } from '#core/engine'
import { PLAIN_GOAL } from '#core/goals'
import type { Result } from '#core/world'
import { cookieOf, type Stage } from './stage.ts'
import { until } from './until.ts'

type Submit = <I extends Intent>(key: string, intent: I) => Promise<Result<AnswerTo<I>>>

const bet = (question: string, openSeconds: number, more: Partial<BetSettings>): BetSettings => ({
  ...USUAL_TERMS,
  question,
  openSeconds,
  onAir: false,
  stakes: { smallest: 1, largest: 0, share: 100 },
  pauseSeconds: 1,
  announce: { ...USUAL_TERMS.announce, soonSeconds: 0 },
  outcomes: [
    { name: 'Yes', word: `yes${openSeconds}` },
    { name: 'No', word: `no${openSeconds}` },
  ],
  ...more,
})

/** Opens bets that lock by themselves and goals that are reached by chance, while servers die. */
export async function openTogether(submit: Submit): Promise<void> {
  const open = (key: string, settings: BetSettings) =>
    submit(key, { kind: 'bet.open', settings, template: null, by: 'wanda' })
  await open('bet/short', bet('Short?', 15, { takeBack: true, rakeBp: 777 }))
  await open('bet/long', bet('Long?', 25, { several: true }))
  const steps = [{ do: 'pay' as const, to: { of: 'caller' as const }, amount: { fixed: 1 } }]
  const milestones = [
    { at: 5, name: 'first', steps },
    { at: 15, name: 'second', steps },
  ]
  for (const [word, target] of [
    ['near', 30],
    ['far', 900_000],
  ] as const) {
    const settings = { ...PLAIN_GOAL, title: word, word, target, milestones, withdraw: word === 'far' }
    await submit(`goal/${word}`, { kind: 'goal.make', settings, opens: true, by: 'wanda' })
  }
}

/** What is said in the storm to bet and to chip in. */
export const TOGETHER_LINES = [
  ...['!back yes15 1', '!back no15 2', '!back yes25 1', '!back no25 half', '!back out'],
  ...['!chip 1 near', '!chip 2 far', '!chip back far', '!goal'],
]

/** Every bet is settled once, every goal ended, their pots at 0, and what each bet paid is what was staked. */
export async function togetherWrong(stage: Stage): Promise<string[]> {
  const { pool } = stage
  const bets = (await pool.query('select id from bet order by id')).rows.map(({ id }) => Number(id))
  const goals = (await pool.query('select id from goal order by id')).rows.map(({ id }) => Number(id))
  const wrong: string[] = []
  for (const id of bets) if (!(await settled(stage, id))) wrong.push(`bet ${id} never ended`)
  for (const id of goals) if (!(await ended(stage, id))) wrong.push(`goal ${id} never ended`)
  const laid = Number((await pool.query("select count(*) from backing where laid <> '[]'")).rows[0].count)
  if (laid === 0) wrong.push('nobody bet at all')
  const chipped = Number((await pool.query("select count(*) from transfer where reason = 'chipped'")).rows[0].count)
  if (chipped === 0) wrong.push('nobody chipped in at all')
  return [
    ...wrong,
    ...(await unequal(pool, POTS, 'pots are not at 0')),
    ...(await unequal(pool, PAID, 'bets paid otherwise')),
  ]
}

const POTS = `select count(*) from account a where a.kind = 'pot' and a.balance <> 0
  and (a.id in (select id from bet where ended_at is not null) or a.id in (select id from goal where ended_at is not null))`

/** What everybody laid is what they got, and what the house kept. */
const PAID = `select count(*) from bet b cross join lateral (
    select coalesce(sum((select coalesce(sum((l->>'amount')::bigint), 0) from jsonb_array_elements(k.laid) l)), 0) as laid,
      coalesce(sum(k.won), 0) as won from backing k where k.channel = b.channel and k.bet = b.id) as sums
  where b.status = 'settled' and sums.laid <> sums.won + coalesce((b.payment->>'rake')::bigint, 0)
    and b.payment->>'winning' is not null`

async function unequal(pool: pg.Pool, query: string, what: string): Promise<string[]> {
  const found = Number(Object.values((await pool.query(query)).rows[0] as object)[0])
  return found === 0 ? [] : [`${found} ${what}`]
}

async function send({ servers }: Stage, at: 0 | 1, path: string, body: object): Promise<void> {
  const headers = {
    cookie: cookieOf('desk', 'wanda'),
    'idempotency-key': randomUUID(),
    'content-type': 'application/json',
  }
  const address = `${servers[at].address}/api/channels/chaos/desk${path}`
  await fetch(address, { method: 'POST', headers, body: JSON.stringify(body) })
}

/** Two people settle a bet at once, each at a server of their own, until it has ended. */
function settled(stage: Stage, id: number): Promise<boolean> {
  return until(async () => {
    const { ended_at: at } = (await stage.pool.query('select ended_at from bet where id = $1', [id])).rows[0]
    if (at !== null) return true
    await send(stage, 0, `/bets/${id}/lock`, {})
    const pick = { knownFrom: null, note: '', link: '', instead: false }
    await Promise.all([
      send(stage, 0, `/bets/${id}/settle`, { ...pick, outcome: 0 }),
      send(stage, 1, `/bets/${id}/settle`, { ...pick, outcome: 1 }),
    ])
    return false
  })
}

function ended(stage: Stage, id: number): Promise<boolean> {
  return until(async () => {
    const { ended_at: at } = (await stage.pool.query('select ended_at from goal where id = $1', [id])).rows[0]
    if (at !== null) return true
    await send(stage, 1, `/goals/${id}/end`, { why: '' })
    return false
  })
}
