import { writeFileSync } from 'node:fs'
import { cpus } from 'node:os'
import { parseArgs } from 'node:util'
import { startPostgres } from '../machine/postgres.ts'
import { freePort } from '../testing/server/ports.ts'
import type { Figures, Note } from './bench/figures.ts'

/** What the pages are meant to weigh at most: the yardstick of their first load. */
const AIM_KB: Readonly<Record<string, number>> = { desk: 165, 'viewer page': 124, overlay: 16 }

/**
 * Measures on a PostgreSQL of its own, durable as shipped; every figure is a ratio to a baseline of the same run.
 * `--scale 0.01` does a hundredth of the work: its figures say nothing, but that every part runs.
 * `--only bets` measures the parts that bear this in their name.
 * Ends with 1 if a part is broken; the others are measured all the same.
 */
async function main(): Promise<void> {
  const { scale, only } = parseArgs({
    options: { scale: { type: 'string', default: '1' }, only: { type: 'string', default: '' } },
  }).values
  process.env.BENCH_SCALE = scale
  // Loaded now: how much work they do is read as they load.
  const { Figures } = await import('./bench/figures.ts')
  const figures = new Figures(only)
  const postgres = startPostgres({ name: 'bench', port: await freePort(), fresh: true })
  try {
    console.log(`${cpus().length} cores`)
    await oneChannel(postgres.url, figures)
    await wholeInstallation(postgres.url, figures)
    await manyChannels(postgres.url, figures)
    const { figures: measured, broken } = figures
    if (scale === '1' && only === '')
      writeFileSync('bench.json', JSON.stringify({ cores: cpus().length, figures: measured, broken }, null, 2))
    console.log(`${measured.length} figures, ${broken.length} broken`)
    process.exitCode = broken.length > 0 ? 1 : 0
  } finally {
    postgres.stop()
  }
}

/** What one channel with a crowd in it does through the writer and the feed. */
async function oneChannel(url: string, figures: Figures): Promise<void> {
  const { tpcbLike } = await import('./bench/baseline.ts')
  const { benchChannel } = await import('./bench/channel.ts')
  const { scaled } = await import('./bench/scale.ts')
  const rate = tpcbLike(url, scaled(5))
  const bench = await benchChannel(url, scaled(100_000, 2_000))
  await writing(bench, rate, figures)
  await chat(bench, figures)
  await games(bench, rate, figures)
  await raffles(bench, rate, figures)
  await bets(bench, rate, figures)
  await figures.part('(d) feed', async (note) => {
    const { feedDelay } = await import('./bench/feed.ts')
    const feed = await feedDelay(bench)
    note('(d) p99 from commit to 1,000 listeners', 'ms', feed.ours, feed.bare)
  })
  await bench.close()
}

type Bench = Awaited<ReturnType<typeof import('./bench/channel.ts')['benchChannel']>>

async function writing(bench: Bench, rate: number, figures: Figures): Promise<void> {
  const { bareUpdate, chatLines, payments } = await import('./bench/writer.ts')
  const { burst } = await import('./bench/store.ts')
  const { scaled } = await import('./bench/scale.ts')
  const paying = async (note: Note) => {
    const paid = await payments(bench)
    note('(a) transfers through the writer', '/s', paid.perSecond, rate)
    note('(c) one interval paid to 100,000', 's', paid.seconds, await bareUpdate(bench))
    note('(c) peak memory of the process meanwhile', 'MB', paid.peakMegabytes, 300)
  }
  // It fills the wallets for all that follow.
  await figures.part('(a), (c) payments', paying, true)
  await figures.part('(b) chat lines', async (note) => {
    const lines = await chatLines(bench, scaled(20_000))
    note('(b) chat lines that cost currency', '/s', lines.perSecond, rate)
    note('(b) p99 latency at a tenth of that load', 'ms', lines.p99AtTenth, 50)
  })
  await figures.part('(t) what is loaded first', async (note) => {
    const { prefetched } = await import('./bench/prefetch.ts')
    for (const { name, first, met } of await prefetched(bench))
      note(`(t) ${name} by people who are not in memory, loading what each meets against it`, '/s', first, met)
  })
  await figures.part('(j) orders', async (note) =>
    note('(j) 5,000 orders at once of a reward with 500 in stock, exactly 500 sold', '/s', await burst(bench), rate),
  )
}

async function chat(bench: Bench, figures: Figures): Promise<void> {
  const { matching, mixedChat } = await import('./bench/commands.ts')
  await figures.part('(h) matcher', (note) => {
    const match = matching()
    note('(h) lines through the matcher of 500 commands, a bare Map against it', '/s', match.bare, match.perSecond)
  })
  await figures.part('(i) mixed chat', async (note) =>
    note(
      '(i) p99 from line to answer, 200 lines a second of mixed chat for a minute',
      'ms',
      await mixedChat(bench),
      50,
    ),
  )
}

async function games(bench: Bench, rate: number, figures: Figures): Promise<void> {
  const { chiSquares, duels, largeCrew, simulated } = await import('./bench/games.ts')
  for (const game of ['heist', 'scramble', 'boss'] as const)
    await figures.part(`(l) ${game}`, async (note) => {
      const { joinMs, settleSeconds } = await largeCrew(bench, game)
      note(`(l) p99 from a join of a ${game} of 10,000 within ten seconds to its answer`, 'ms', joinMs, 50)
      note(`(l) that ${game} gone through to its end, against 10,000 transfers`, 's', settleSeconds, 10_000 / rate)
    })
  await figures.part('(m) duels', async (note) =>
    note('(m) a thousand duels at once, called, taken and decided', '/s', await duels(bench), rate),
  )
  await figures.part('(n) simulated plays', (note) => {
    for (const { game, ours, bare } of simulated())
      note(`(n) a million plays of ${game} in the worker’s loop, bare JavaScript against it`, '/s', bare, ours)
  })
  await figures.part('(o) chi-square', (note) => {
    for (const { kind, value, critical } of chiSquares())
      note(`(o) chi-square of ten million draws, ${kind}`, '', value, critical)
  })
}

/** Raffles: a crowd that enters, a draw among them, and the readers of a live counter. */
async function raffles(bench: Bench, rate: number, figures: Figures): Promise<void> {
  const { bareList, crowdEnters, drawsAmong, smallRaffle } = await import('./bench/raffles.ts')
  const { counterDelay } = await import('./bench/feed.ts')
  await figures.part('(p), (q) raffle', async (note) => {
    const crowd = await crowdEnters(bench)
    note('(p) 50,000 entries by chat within a minute', '/s', crowd.perSecond, rate)
    note('(p) p99 from an entry to its answer meanwhile', 'ms', crowd.p99, 50)
    note('(p) peak memory of the process meanwhile', 'MB', crowd.megabytes, 300)
    const draw = await drawsAmong(bench, crowd.raffle)
    note('(q) a draw among 50,000 with a million tickets', 'ms', draw.ms, await bareList(bench, crowd.raffle))
    note('(q) memory that the draw took', 'MB', draw.megabytes, 50)
  })
  await figures.part('(r) counter', async (note) => {
    const counter = await counterDelay(bench, await smallRaffle(bench))
    note('(r) p99 from commit to 5,000 readers of a raffle’s counter', 'ms', counter.ours, counter.bare)
  })
}

/** A crowd that bets, and the settling among them. */
async function bets(bench: Bench, rate: number, figures: Figures): Promise<void> {
  const { crowdBets, settlesAmong } = await import('./bench/bets.ts')
  await figures.part('(v) bets', async (note) => {
    const crowd = await crowdBets(bench)
    note('(v) 50,000 bets by chat within two minutes', '/s', crowd.perSecond, rate)
    note('(v) p99 from a bet to its answer meanwhile', 'ms', crowd.p99, 50)
    const settling = await settlesAmong(bench, crowd.bet)
    note('(v) that bet settled among 50,000', 's', settling.seconds, 2)
    note('(v) memory that settling took', 'MB', settling.megabytes, 50)
  })
}

/** What a year of a channel, the pages and an attack come to. */
async function wholeInstallation(url: string, figures: Figures): Promise<void> {
  await figures.part('(g) size', async (note) => {
    const { measureAtSize } = await import('./bench/size.ts')
    const hundredth = await measureAtSize(url, 100)
    const tenth = await measureAtSize(url, 10)
    const against = 'a tenth of a year against a hundredth'
    note(`(g) p95 of a search among people, ${against}`, 'ms', tenth.search, hundredth.search)
    note('(g) p95 of a trail, the same', 'ms', tenth.trail, hundredth.trail)
    note('(g) p95 of a payment to 200 present, the same', 'ms', tenth.payout, hundredth.payout)
  })
  await figures.part('(f) start', async (note) => {
    const { startTimes } = await import('./bench/year.ts')
    const start = await startTimes(url)
    note('(f) start on a year of a busy channel', 's', start.year, start.empty)
  })
  await figures.part('(s) attack', async (note) => {
    const { besideAttacker } = await import('./bench/attack.ts')
    const { beside, alone, attacks } = await besideAttacker(url)
    const many = attacks.toFixed(0)
    note(`(s) p99 of 200 honest requests a second beside ${many} of one attacker, against none`, 'ms', beside, alone)
  })
  await figures.part('(e), (k) pages', async (note) => {
    const { firstLoads } = await import('./bench/pages.ts')
    const { pages, bare, move, orderToAlertMs } = await firstLoads()
    note('(k) p95 from an order to its alert seen in Chromium', 'ms', orderToAlertMs, 300)
    for (const { name, kilobytes, fontKilobytes, usableMs } of pages) {
      const fonts = fontKilobytes.toFixed(0)
      note(`(e) first load of the ${name}, gzip, without fonts (${fonts} KB)`, 'KB', kilobytes, AIM_KB[name] ?? 1)
      if (name !== 'overlay')
        note(`(e) the ${name} beside React, Router and Query alone, gzip`, 'KB', kilobytes, bare.kilobytes)
      note(`(e) ${name} usable on a CPU a quarter as fast, median of five`, 'ms', usableMs, 1200)
      note(`(e) the same beside React, Router and Query alone (${name})`, 'ms', usableMs, bare.usableMs)
    }
    note('(w) from the press on a desk page’s link to its heading, the slowest of four', 'ms', move.frameMs, 100)
    note('(w) from the press on a desk page’s link to its first row, the slowest of four', 'ms', move.contentMs, 300)
  })
}

/** What many channels, most of them idle, and the rooms of one network come to. */
async function manyChannels(url: string, figures: Figures): Promise<void> {
  const bench = await import('./bench/channels.ts')
  await figures.part('(x) many channels', async (note) => {
    const many = await bench.manyChannels(url)
    note('(x) lines answered in 200 channels on air of 2,000, one a second in each', '/s', many.linesPerSecond, 200)
    note('(x) p99 from such a line to its answer', 'ms', many.p99, 50)
    note('(x) memory of 1,000 channels in which something has just happened', 'MB', many.busyMegabytes, 20)
    note('(x) memory of 1,000 idle ones', 'MB', many.idleMegabytes, 20)
  })
  await figures.part('(y) idle channels', async (note) => {
    const idle = await bench.idleChannels(url)
    note('(y) start with 10,000 channels, an empty database against it', 's', idle.startSeconds, idle.startEmptySeconds)
    note('(y) the same against its aim', 's', idle.startSeconds, 3)
    note('(y) statements of an idle channel in a minute', '', idle.statements, 1)
  })
  await figures.part('(u) rooms', async (note) => {
    const { takenOver } = await import('./bench/rooms.ts')
    const rooms = await takenOver(url)
    note('(u) from the start of a server until its bot sat in 1,000 rooms by one connection', 's', rooms.joined, 10)
    note('(u) from the death of that server to the first answer of another', 's', rooms.firstAnswer, 10)
    note('(u) the same until it sat in all rooms again', 's', rooms.allBack, 10)
    note(`(u) of ${rooms.said} lines meanwhile: never answered`, '', rooms.lost, rooms.said)
    note('(u) of them: answered twice', '', rooms.twice, 1)
  })
  await figures.part('(z) bus', async (note) => {
    const { neither, notices, nats, inCommit } = await bench.busRates(url)
    note('(z) commits of 64 busy channels with notices after them, with none against it', '/s', notices, neither)
    note('(z) the same with notices inside of the commits', '/s', inCommit, neither)
    if (nats !== undefined) note('(z) the same with NATS', '/s', nats, neither)
  })
}

await main()
