import { writeFileSync } from 'node:fs'
import { cpus } from 'node:os'
import { freePort } from '../server/src/testing/ports.ts'
import { tpcbLike } from './bench/baseline.ts'
import { benchChannel } from './bench/channel.ts'
import { matching, mixedChat } from './bench/commands.ts'
import { counterDelay, feedDelay } from './bench/feed.ts'
import { chiSquares, duels, largeHeist, simulated } from './bench/games.ts'
import { firstLoads } from './bench/pages.ts'
import { bareList, crowdEnters, drawsAmong, smallRaffle } from './bench/raffles.ts'
import { measureAtSize } from './bench/size.ts'
import { burst } from './bench/store.ts'
import { bareUpdate, chatLines, payments } from './bench/writer.ts'
import { startTimes } from './bench/year.ts'
import { startPostgres } from './postgres.ts'

interface Figure {
  readonly name: string
  readonly value: number
  readonly baseline: number
  readonly unit: string
  readonly ratio: number
}

const PRESENT = 100_000
/** What the pages are meant to weigh at most: the yardstick of their first load. */
const AIM_KB: Readonly<Record<string, number>> = { desk: 220, 'viewer page': 130, overlay: 45 }

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
    const lines = await chatLines(bench, 20_000)
    note('(b) chat lines that cost currency', '/s', lines.perSecond, rate)
    note('(b) p99 latency at a tenth of that load', 'ms', lines.p99AtTenth, 50)
    note('(c) one interval paid to 100,000', 's', paid.seconds, await bareUpdate(bench))
    note('(c) peak memory of the process meanwhile', 'MB', paid.peakMegabytes, 300)
    const match = matching()
    note('(h) lines through the matcher of 500 commands, a bare Map against it', '/s', match.bare, match.perSecond)
    note('(i) p99 from line to answer, 200 lines a second of mixed chat for a minute', 'ms', await mixedChat(bench), 50)
    note('(j) 5,000 orders at once of a reward with 500 in stock, exactly 500 sold', '/s', await burst(bench), rate)
    const heist = await largeHeist(bench)
    note('(l) p99 from a join of a heist of 10,000 within ten seconds to its answer', 'ms', heist.joinMs, 50)
    note('(l) that heist gone through to its end, against 10,000 transfers', 's', heist.settleSeconds, 10_000 / rate)
    note('(m) a thousand duels at once, called, taken and decided', '/s', await duels(bench), rate)
    for (const { game, ours, bare } of simulated())
      note(`(n) a million plays of ${game} in the worker’s loop, bare JavaScript against it`, '/s', bare, ours)
    for (const { kind, value, critical } of chiSquares())
      note(`(o) chi-square of ten million draws, ${kind}`, '', value, critical)
    await raffles(bench, rate, note)
    const feed = await feedDelay(bench)
    note('(d) p99 from commit to 1,000 listeners', 'ms', feed.ours, feed.bare)
    await bench.close()
    const hundredth = await measureAtSize(postgres.url, 100)
    const tenth = await measureAtSize(postgres.url, 10)
    note(
      '(g) p95 of a search among people, a tenth of a year against a hundredth',
      'ms',
      tenth.search,
      hundredth.search,
    )
    note('(g) p95 of a trail, the same', 'ms', tenth.trail, hundredth.trail)
    note('(g) p95 of a payment to 200 present, the same', 'ms', tenth.payout, hundredth.payout)
    const start = await startTimes(postgres.url)
    note('(f) start on a year of a busy channel', 's', start.year, start.empty)
    const { pages, orderToAlertMs } = await firstLoads()
    note('(k) p95 from an order to its alert seen in Chromium', 'ms', orderToAlertMs, 300)
    for (const { name, kilobytes, fontKilobytes, usableMs } of pages) {
      note(
        `(e) first load of the ${name}, gzip, without fonts (${fontKilobytes.toFixed(0)} KB)`,
        'KB',
        kilobytes,
        AIM_KB[name] ?? 1,
      )
      note(`(e) ${name} usable on a CPU a quarter as fast`, 'ms', usableMs, 1500)
    }
    writeFileSync('bench.json', JSON.stringify({ cores: cpus().length, figures }, null, 2))
  } finally {
    postgres.stop()
  }
}

/** Raffles: a crowd that enters, a draw among them, and the readers of a live counter. */
async function raffles(
  bench: Awaited<ReturnType<typeof benchChannel>>,
  rate: number,
  note: (name: string, unit: string, value: number, baseline: number) => void,
): Promise<void> {
  const crowd = await crowdEnters(bench)
  note('(p) 50,000 entries by chat within a minute', '/s', crowd.perSecond, rate)
  note('(p) p99 from an entry to its answer meanwhile', 'ms', crowd.p99, 50)
  note('(p) peak memory of the process meanwhile', 'MB', crowd.megabytes, 300)
  const draw = await drawsAmong(bench, crowd.raffle)
  note('(q) a draw among 50,000 with a million tickets', 'ms', draw.ms, await bareList(bench, crowd.raffle))
  note('(q) memory that the draw took', 'MB', draw.megabytes, 50)
  const counter = await counterDelay(bench, await smallRaffle(bench))
  note('(r) p99 from commit to 5,000 readers of a raffle’s counter', 'ms', counter.ours, counter.bare)
}

await main()
