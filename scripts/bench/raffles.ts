import { type RaffleSettings, SAME_CHANCE } from '#core/raffles'
import type { BenchChannel } from './channel.ts'
import { scaled } from './scale.ts'

const ENTRIES = scaled(50_000)
const MINUTE_MS = scaled(60_000)
/** Entries come in so many handfuls within the minute. */
const BEATS = scaled(600, 60)
const TICKETS = 20

const start = async ({ send }: BenchChannel, word: string, more: Partial<RaffleSettings> = {}): Promise<number> => {
  const settings: RaffleSettings = {
    ...SAME_CHANCE,
    title: word,
    prize: { of: 'text', text: 'a lamp' },
    word: { word, aliases: [] },
    closeSeconds: 0,
    remind: { everyMinutes: 0, beforeMinutes: [] },
    mostTickets: TICKETS,
    ...more,
  }
  const made = await send({ kind: 'raffle.start', settings, opens: { of: 'now' }, setup: null, by: 'bench' })
  if (!made.ok) throw new Error(made.refusal.sentence)
  return made.value.raffle
}

/** A raffle for the readers of its counter. */
export const smallRaffle = (bench: BenchChannel): Promise<number> => start(bench, 'small')

interface Entering {
  readonly raffle: number
  readonly perSecond: number
  readonly p99: number
  readonly megabytes: number
}

/** 50,000 entries by chat within a minute: how many a second came in, the 99th percentile to the answer (ms), and the process's memory at its peak. */
export async function crowdEnters(bench: BenchChannel): Promise<Entering> {
  const raffle = await start(bench, 'crowd')
  const took: number[] = []
  const lines: Promise<void>[] = []
  let peak = 0
  const began = performance.now()
  for (let beat = 0; beat < BEATS; beat++) {
    await new Promise((next) => setTimeout(next, Math.max(0, began + (beat * MINUTE_MS) / BEATS - performance.now())))
    if (beat % (BEATS / 60) === 0) bench.goOn(1 / 60)
    const [from, until] = [beat, beat + 1].map((one) => Math.floor((one * ENTRIES) / BEATS)) as [number, number]
    for (let at = from; at < until; at++) {
      const name = `viewer${at}`
      const sent = performance.now()
      const line = bench.send({ kind: 'chat.line', who: { account: name, name }, text: '!crowd', privately: false })
      lines.push(line.then(() => void took.push(performance.now() - sent)))
    }
    peak = Math.max(peak, process.memoryUsage.rss())
  }
  await Promise.all(lines)
  const perSecond = lines.length / ((performance.now() - began) / 1000)
  const [{ people, tickets }] = (
    await bench.pool.query('select people, tickets from raffle_totals where id = $1', [raffle])
  ).rows as [{ people: number; tickets: number }]
  if (people !== ENTRIES || tickets !== ENTRIES * TICKETS)
    throw new Error(`${people} people with ${tickets} tickets are in.`)
  const p99 = took.sort((a, b) => a - b)[Math.floor(took.length * 0.99)] ?? Number.NaN
  return { raffle, perSecond, p99, megabytes: peak / 1e6 }
}

/** A draw among them, with a million tickets: from the press to the answer (ms), and how much more memory it took (MB). */
export async function drawsAmong(
  { send, pool }: BenchChannel,
  raffle: number,
): Promise<{ ms: number; megabytes: number }> {
  await send({ kind: 'raffle.act', raffle, does: 'close', by: 'bench' })
  // What was loaded for the entries is let go of, as it is once the crowd has gone.
  await pool.query('update channel set revision = revision + 1')
  globalThis.gc?.()
  const before = process.memoryUsage().heapUsed
  const began = performance.now()
  const drawn = await send({ kind: 'raffle.act', raffle, does: 'draw', draw: 1, by: 'bench' })
  const ms = performance.now() - began
  const megabytes = (process.memoryUsage().heapUsed - before) / 1e6
  if (!drawn.ok) throw new Error(drawn.refusal.sentence)
  return { ms, megabytes }
}

/** The bare yardstick of a draw: its rows read by one statement (ms). */
export async function bareList({ pool }: BenchChannel, raffle: number): Promise<number> {
  const began = performance.now()
  await pool.query(
    "select viewer, name, tickets * weight, nr from raffle_entry where raffle = $1 and state = 'in' order by nr",
    [raffle],
  )
  return performance.now() - began
}
