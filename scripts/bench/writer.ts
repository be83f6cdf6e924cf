import { fork } from 'node:child_process'
import { once } from 'node:events'
import type { BenchChannel } from './channel.ts'

const AT_ONCE = 1024

const seconds = (since: number) => (performance.now() - since) / 1000

const INTERVALS = 3

const median = (numbers: readonly number[]): number =>
  [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)] ?? Number.NaN

/** One interval paid to everyone present, in pages as the timer does it: the median of three, after one to warm up. */
export async function payments({ url, channel, show, at, goOn }: BenchChannel) {
  const child = fork('scripts/bench/payer.ts', [url, channel, show, at(), INTERVALS + 1].map(String), {
    execArgv: ['--import', 'tsx'],
  })
  const [{ times, peak, people }] = await once(child, 'message')
  goOn(INTERVALS + 1)
  const took = median((times as number[]).slice(1))
  return { seconds: took, perSecond: people / took, peakMegabytes: peak / 1e6 }
}

/** The yardstick of a payment: the same wallets updated by one bare statement, the median of three. */
export async function bareUpdate({ pool }: BenchChannel): Promise<number> {
  const times: number[] = []
  for (let i = 0; i < INTERVALS; i++) {
    const began = performance.now()
    await pool.query("update account set balance = balance + 1 where kind = 'wallet'")
    times.push(seconds(began))
  }
  await pool.query('update account set balance = balance - $1 where kind = $2', [INTERVALS, 'wallet'])
  return median(times)
}

/** Chat lines that buy something, from being heard to committed and answered: the better of two runs, as with the yardstick. */
export async function chatLines(bench: BenchChannel, count: number) {
  const buy = (i: number) => {
    const name = `viewer${i % bench.viewers.length}`
    return bench.send({ kind: 'chat.line', who: { account: name, name }, text: '!get whistle', privately: false })
  }
  await Promise.all(Array.from({ length: AT_ONCE }, (_, i) => buy(i)))
  const perSecond = Math.max(await rateOf(count, buy), await rateOf(count, buy))
  return { perSecond, p99AtTenth: await latencyAt(perSecond / 10, buy) }
}

async function rateOf(count: number, buy: (i: number) => Promise<unknown>): Promise<number> {
  const began = performance.now()
  let next = 0
  const speaker = async () => {
    while (next < count) await buy(next++)
  }
  await Promise.all(Array.from({ length: AT_ONCE }, speaker))
  return count / seconds(began)
}

/** The 99th percentile of the time to an answer, in milliseconds, at a steady rate of lines per second. */
async function latencyAt(rate: number, buy: (i: number) => Promise<unknown>): Promise<number> {
  const times: number[] = []
  const answers: Promise<void>[] = []
  const began = performance.now()
  for (let i = 0; i < rate * 5; i++) {
    const due = began + (i / rate) * 1000
    while (performance.now() < due) await new Promise((later) => setTimeout(later, 1))
    const asked = performance.now()
    answers.push(buy(i).then(() => void times.push(performance.now() - asked)))
  }
  await Promise.all(answers)
  return times.sort((a, b) => a - b)[Math.floor(times.length * 0.99)] ?? Number.NaN
}
