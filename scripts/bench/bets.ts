import { type BetSettings, USUAL_TERMS } from '#core/bets'
import type { BenchChannel } from './channel.ts'
import { scaled } from './scale.ts'

const BETS = scaled(50_000)
const TWO_MINUTES_MS = scaled(120_000)
/** Bets come in so many handfuls within the time. */
const BEATS = scaled(1200, 60)
const STAKE = 7

const WHICH: BetSettings = {
  ...USUAL_TERMS,
  question: 'Which?',
  outcomes: [
    { name: 'One', word: 'one' },
    { name: 'Other', word: 'other' },
  ],
  openSeconds: 0,
  stakes: { smallest: 1, largest: 0, share: 100 },
  rakeBp: 250,
  lateSeconds: 0,
  pauseSeconds: 0,
}

interface Betting {
  readonly bet: number
  readonly perSecond: number
  readonly p99: number
  readonly megabytes: number
}

/** 50,000 bets by chat within two minutes: how many a second came in, the 99th percentile to the answer (ms), and the process's memory at its peak. */
export async function crowdBets({ send, pool }: BenchChannel): Promise<Betting> {
  const opened = await send({ kind: 'bet.open', settings: WHICH, template: null, by: 'bench' })
  if (!opened.ok) throw new Error(opened.refusal.sentence)
  const { bet } = opened.value
  const took: number[] = []
  const lines: Promise<void>[] = []
  let peak = 0
  const began = performance.now()
  for (let beat = 0; beat < BEATS; beat++) {
    const due = began + (beat * TWO_MINUTES_MS) / BEATS
    await new Promise((next) => setTimeout(next, Math.max(0, due - performance.now())))
    const [from, until] = [beat, beat + 1].map((one) => Math.floor((one * BETS) / BEATS)) as [number, number]
    for (let at = from; at < until; at++) {
      const name = `viewer${at}`
      const sent = performance.now()
      const text = `!back ${at % 3 === 0 ? 'one' : 'other'} ${STAKE}`
      const line = send({ kind: 'chat.line', who: { account: name, name }, text, privately: false })
      lines.push(line.then(() => void took.push(performance.now() - sent)))
    }
    peak = Math.max(peak, process.memoryUsage.rss())
  }
  await Promise.all(lines)
  const perSecond = lines.length / ((performance.now() - began) / 1000)
  const backers = Number((await pool.query('select backers from bet_totals where id = $1', [bet])).rows[0].backers)
  if (backers !== BETS) throw new Error(`${backers} people are in.`)
  const p99 = took.sort((a, b) => a - b)[Math.floor(took.length * 0.99)] ?? Number.NaN
  return { bet, perSecond, p99, megabytes: peak / 1e6 }
}

/** That bet settled: from the pick to the last payment (s), and how much more memory it took (MB). */
export async function settlesAmong(
  { send, pool, at }: BenchChannel,
  bet: number,
): Promise<{ seconds: number; megabytes: number }> {
  await send({ kind: 'bet.act', bet, act: { does: 'lock' }, by: 'bench' })
  // What was loaded for the bets is let go of, as it is once the crowd has gone.
  await pool.query('update channel set revision = revision + 1')
  globalThis.gc?.()
  const before = process.memoryUsage().heapUsed
  const began = performance.now()
  const pick = { does: 'settle', outcome: 0, knownFrom: null, note: '', link: '', instead: false } as const
  const picked = await send({ kind: 'bet.act', bet, act: pick, by: 'bench' })
  if (!picked.ok) throw new Error(picked.refusal.sentence)
  await send({ kind: 'bet.tick', bet, what: 'pay', due: at() })
  for (let after = 0; ; ) {
    await send({ kind: 'bet.tick', bet, what: 'page', due: at(), after })
    const { status, paid_to: paidTo } = (await pool.query('select status, paid_to from bet where id = $1', [bet]))
      .rows[0]
    if (status === 'settled') break
    after = Number(paidTo)
  }
  const seconds = (performance.now() - began) / 1000
  const left = Number((await pool.query('select balance from account where id = $1', [bet])).rows[0].balance)
  if (left !== 0) throw new Error(`${left} are left in the pot.`)
  return { seconds, megabytes: (process.memoryUsage().heapUsed - before) / 1e6 }
}
