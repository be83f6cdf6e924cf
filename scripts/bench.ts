import { writeFileSync } from 'node:fs'
import { cpus } from 'node:os'
import { freePort } from '../server/src/testing/ports.ts'
import { tpcbLike } from './bench/baseline.ts'
import { benchChannel } from './bench/channel.ts'
import { bareUpdate, chatLines, payments } from './bench/writer.ts'
import { startPostgres } from './postgres.ts'

interface Figure {
  readonly name: string
  readonly value: number
  readonly baseline: number
  readonly unit: string
  readonly ratio: number
}

const PRESENT = 100_000

/** Measures on a PostgreSQL of its own, durable as shipped; every figure is a ratio to a baseline of the same run. */
async function main(): Promise<void> {
  const postgres = startPostgres({ name: 'bench', port: await freePort(), fresh: true })
  try {
    const figures: Figure[] = []
    const note = (name: string, unit: string, value: number, baseline: number) => {
      figures.push({ name, unit, value, baseline, ratio: value / baseline })
      console.log(
        `${name}: ${value.toFixed(1)} ${unit}, baseline ${baseline.toFixed(1)}, ratio ${(value / baseline).toFixed(2)}`,
      )
    }
    console.log(`${cpus().length} cores`)
    const rate = tpcbLike(postgres.url, 5)
    const bench = await benchChannel(postgres.url, PRESENT)
    const paid = await payments(bench)
    note('(a) transfers through the writer', '/s', paid.perSecond, rate)
    note('(c) one interval paid to 100,000', 's', paid.seconds, await bareUpdate(bench))
    note('(c) peak memory of the process meanwhile', 'MB', paid.peakMegabytes, 300)
    const lines = await chatLines(bench, 20_000)
    note('(b) chat lines that cost currency', '/s', lines.perSecond, rate)
    note('(b) p99 latency at a tenth of that load', 'ms', lines.p99AtTenth, 50)
    await bench.close()
    writeFileSync('bench.json', JSON.stringify({ cores: cpus().length, figures }, null, 2))
  } finally {
    postgres.stop()
  }
}

await main()
