import { connectWriter } from '#server/database/index.ts'
import { ChannelWriter } from '#server/writer/index.ts'

/** Pays intervals in a process of its own, as a server would that has just started: tells its parent how long each took and its peak memory. */
const [url = '', channel = '', show = '', from = '', intervals = ''] = process.argv.slice(2)
const INTERVAL = 60
const PAGE = 20_000

const pool = connectWriter(url)
const writer = new ChannelWriter({ pool, channel: Number(channel), onFacts: () => {} })
const found = await pool.query('select id from watch where channel = $1 and counting order by id', [channel])
const ids = found.rows.map((row) => row.id as number)
let peak = 0
const watch = setInterval(() => {
  peak = Math.max(peak, process.memoryUsage().rss)
}, 5)
const times: number[] = []
for (let n = 1; n <= Number(intervals); n++) {
  const at = Number(from) + n * INTERVAL
  const began = performance.now()
  for (let i = 0; i < ids.length; i += PAGE) {
    const upTo = ids[i + PAGE - 1] ?? Number.MAX_SAFE_INTEGER
    const range = { show: Number(show), after: (ids[i] ?? 0) - 1, upTo }
    await writer.submit({ kind: 'earning.pay', ...range, key: `payer/${n}/${i}`, at })
  }
  times.push((performance.now() - began) / 1000)
}
clearInterval(watch)
await pool.end()
process.send?.({ times, peak, people: ids.length })
