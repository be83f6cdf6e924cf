import type { BenchChannel } from './channel.ts'

const PAGE = 20_000
const AT_ONCE = 1024

const seconds = (since: number) => (performance.now() - since) / 1000

/** One interval paid to everyone present, in pages as the timer does it. */
export async function payments({ viewers, show, send, nextInterval }: BenchChannel) {
  nextInterval()
  let peak = 0
  const watch = setInterval(() => {
    peak = Math.max(peak, process.memoryUsage().rss)
  }, 5)
  const began = performance.now()
  for (let i = 0; i < viewers.length; i += PAGE)
    await send({
      kind: 'earning.pay',
      show,
      after: (viewers[i] ?? 0) - 1,
      upTo: viewers[i + PAGE - 1] ?? Number.MAX_SAFE_INTEGER,
    })
  const took = seconds(began)
  clearInterval(watch)
  return { seconds: took, perSecond: viewers.length / took, peakMegabytes: peak / 1e6 }
}

/** The yardstick of a payment: the same wallets updated by one bare statement. */
export async function bareUpdate({ pool }: BenchChannel): Promise<number> {
  const began = performance.now()
  await pool.query("update account set balance = balance + 1000 where kind = 'wallet'")
  await pool.query("update account set balance = balance - 1000 where kind = 'wallet'")
  return seconds(began) / 2
}

/** Chat lines that buy something, from being heard to committed and answered. */
export async function chatLines(bench: BenchChannel, count: number) {
  const buy = (i: number) => {
    const name = `viewer${i % bench.viewers.length}`
    return bench.send({ kind: 'chat.line', who: { account: name, name }, text: '!get whistle', privately: false })
  }
  await Promise.all(Array.from({ length: AT_ONCE }, (_, i) => buy(i)))
  const began = performance.now()
  let next = 0
  const speaker = async () => {
    while (next < count) await buy(next++)
  }
  await Promise.all(Array.from({ length: AT_ONCE }, speaker))
  const perSecond = count / seconds(began)
  return { perSecond, p99AtTenth: await latencyAt(perSecond / 10, buy) }
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
