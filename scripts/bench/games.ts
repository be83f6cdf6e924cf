import { Chance } from '#core/fairness'
import { type Act, type Game, gameSetting, outcomesOf, player, quickRandom, type SettingsOf } from '#core/games'
import type { BenchChannel } from './channel.ts'
import { scaled } from './scale.ts'

const NO_LIMITS = { everyoneSeconds: 0, eachSeconds: 0, perViewer: 0, perShow: 0 }
const STAKES = { smallest: 1, largest: 0, share: 100 }

async function turnOn<G extends Game>({ send }: BenchChannel, game: G, more: Partial<SettingsOf[G]>): Promise<void> {
  const settings = { ...gameSetting(game).initial, on: true, limits: NO_LIMITS, stakes: STAKES, ...more }
  const done = await send({ kind: 'game.change', game, settings: settings as SettingsOf[G] })
  if (!done.ok) throw new Error(done.refusal.sentence)
}

const CREW = scaled(10_000)
const JOIN_MS = scaled(10_000)
const BEATS = scaled(200, 10)

/** How the n-th of a crowd joins each game that is for all. */
const JOINS = {
  heist: (i: number): Act => ({ do: 'heist', stake: '10', leaveAfter: 1 + (i % 4) }),
  scramble: (): Act => ({ do: 'scramble' }),
  boss: (): Act => ({ do: 'boss', stake: '10' }),
} as const

/**
 * A heist, a scramble or a fight with 10,000 people who join within ten seconds, gone through to its end.
 * @returns The 99th percentile of joining (ms), and how long all of its rooms took together (s). @throws if its pot did not end at 0.
 */
export async function largeCrew(
  bench: BenchChannel,
  game: keyof typeof JOINS,
): Promise<{ joinMs: number; settleSeconds: number }> {
  await bench.send({ kind: 'fairness.seed', seed: 'ab'.repeat(32), first: true })
  await turnOn(bench, game, { mostCrew: 10_000, ...(game === 'scramble' && { stake: 10 }) })
  const joinMs = await joined(bench, game)
  const settling = performance.now()
  await goThrough(bench)
  return { joinMs, settleSeconds: (performance.now() - settling) / 1000 }
}

/** All of them join. @returns The 99th percentile (ms). */
async function joined({ send }: BenchChannel, game: keyof typeof JOINS): Promise<number> {
  const took: number[] = []
  const joins: Promise<void>[] = []
  const began = performance.now()
  for (let beat = 0; beat < BEATS; beat++) {
    await new Promise((next) => setTimeout(next, Math.max(0, began + (beat * JOIN_MS) / BEATS - performance.now())))
    for (let i = 0; i < CREW / BEATS; i++) {
      const name = `viewer${(beat * CREW) / BEATS + i}`
      const sent = performance.now()
      const join = send({ kind: 'game.play', who: { account: name, name }, act: JOINS[game](i) })
      joins.push(
        join.then((answer) => {
          if (!answer.ok) throw new Error(answer.refusal.sentence)
          took.push(performance.now() - sent)
        }),
      )
    }
  }
  await Promise.all(joins)
  return took.sort((a, b) => a - b)[Math.floor(CREW * 0.99)] ?? Number.NaN
}

/** What is on goes on until it has ended. @throws if a pot did not end at 0. */
async function goThrough({ send, pool, channel }: BenchChannel): Promise<void> {
  const text = 'select id, next_at from round where channel = $1 and ended_at is null'
  for (;;) {
    const [open] = (await pool.query(text, [channel])).rows
    if (open === undefined) break
    await send({ kind: 'game.tick', round: Number(open.id), due: Number(open.next_at) })
  }
  const left = await pool.query(
    // Pots of orders hold what is paid for until it is done.
    "select count(*)::int as n from account join round using (channel, id) where kind = 'pot' and balance <> 0",
  )
  if (left.rows[0].n !== 0) throw new Error('A pot did not end at 0.')
}

const DUELS = scaled(1000)

/** A thousand duels at once, called, taken and decided. @returns Duels per second. */
export async function duels(bench: BenchChannel): Promise<number> {
  const { send, pool, channel, viewers } = bench
  await turnOn(bench, 'duel', { suspenseSeconds: 0 })
  const play = (i: number, act: Act) => {
    const name = `viewer${i}`
    return send({ kind: 'game.play', who: { account: name, name }, act })
  }
  const began = performance.now()
  const calls = Array.from({ length: DUELS }, (_, i) =>
    play(i, { do: 'duel', stake: '10', challenged: viewers[DUELS + i] ?? 0 }),
  )
  await Promise.all(calls)
  const takes = await Promise.all(Array.from({ length: DUELS }, (_, i) => play(DUELS + i, { do: 'take' })))
  const seconds = (performance.now() - began) / 1000
  const refused = takes.find(({ ok }) => !ok)
  if (refused?.ok === false) throw new Error(refused.refusal.sentence)
  const text = "select count(*)::int as n from round where channel = $1 and game = 'duel' and status = 'settled'"
  const settled = (await pool.query(text, [channel])).rows[0].n as number
  if (settled !== DUELS) throw new Error(`${settled} of ${DUELS} duels were decided.`)
  return DUELS / seconds
}

const ROUNDS = scaled(1_000_000)

/** The same plays without anything of ours: what each game comes to, written out. */
const BARE: Readonly<Record<'heist' | 'duel' | 'roulette' | 'reels' | 'coin', () => number>> = {
  heist: () => (Math.random() < 0.8 && Math.random() < 0.8 ? 148 : 0),
  duel: () => (Math.random() < 0.5 ? 196 : 0),
  roulette: () => (Math.floor(Math.random() * 37) < 18 ? 200 : 0),
  reels: () => {
    const [a, b, c] = [stop(), stop(), stop()]
    if (a === b && b === c) return PAYS[a] ?? 0
    return a === 4 || b === 4 || c === 4 ? 100 : 0
  },
  coin: () => (Math.random() < 0.5 ? 196 : 0),
}
const STRIP = [0, 0, 0, 0, 0, 0, 0, 1, 1, 1, 1, 1, 1, 2, 2, 2, 2, 3, 3, 3, 4, 4]
const PAYS = [410, 670, 1610, 3360, 8080]
const stop = (): number => STRIP[Math.floor(Math.random() * STRIP.length)] ?? 0

/** A million plays of each game as the worker tries them, against the same in bare JavaScript: plays per second of both. */
export function simulated(): { game: string; ours: number; bare: number }[] {
  const way = { crew: 2, leaveAfter: 2, on: { on: 'red' } } as const
  return (Object.keys(BARE) as (keyof typeof BARE)[]).map((game) => {
    const play = player(outcomesOf(game, gameSetting(game).initial, way))
    const random = quickRandom(3)
    const loop = (once: () => number): number => {
      let sum = 0
      const began = performance.now()
      for (let i = 0; i < ROUNDS; i++) sum += once()
      const seconds = (performance.now() - began) / 1000
      if (sum === 0) throw new Error(`${game} never paid.`)
      return ROUNDS / seconds
    }
    const [bare, ours] = [BARE[game], () => play(random())]
    // Once each to warm up.
    loop(bare)
    loop(ours)
    return { game, ours: loop(ours), bare: loop(bare) }
  })
}

const DRAWS = scaled(10_000_000)

/** The bounds that games draw below, and the value that chi-square stays under in 999 of 1,000 fair runs. */
const KINDS: readonly {
  readonly kind: string
  readonly below: number
  readonly cells: number
  readonly critical: number
}[] = [
  { kind: 'duel and coin: below 2', below: 2, cells: 2, critical: 10.83 },
  { kind: 'wheel: below 37', below: 37, cells: 37, critical: 67.98 },
  { kind: 'reels: below 22', below: 22, cells: 22, critical: 46.8 },
  { kind: 'rooms: below 1,000,000, in 100 parts', below: 1_000_000, cells: 100, critical: 148.23 },
]

/** Chi-square of ten million draws of each kind from the stream that games are drawn from. */
export function chiSquares(): { kind: string; value: number; critical: number }[] {
  return KINDS.map(({ kind, below, cells, critical }) => {
    const chance = new Chance('5a'.repeat(32), `bench/${below}`)
    const counts = new Float64Array(cells)
    const per = below / cells
    for (let i = 0; i < DRAWS; i++) {
      const cell = Math.floor(chance.below(below) / per)
      counts[cell] = (counts[cell] ?? 0) + 1
    }
    const expected = DRAWS / cells
    const value = counts.reduce((sum, count) => sum + (count - expected) ** 2 / expected, 0)
    return { kind, value, critical }
  })
}
