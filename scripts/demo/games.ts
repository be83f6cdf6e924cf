import { randomBytes } from 'node:crypto'
import type pg from 'pg'
import { type Act, GAMES, gameSetting, type SettingsOf } from '#core/games'
import { STREAMER } from '../../standin/src/people.ts'
import type { Submit } from './submit.ts'
import { WORKSHOP_REELS, WORKSHOP_SITES } from './workshop.ts'

const NO_LIMITS = { everyoneSeconds: 0, eachSeconds: 0, perViewer: 0, perShow: 0 }

/** Switches the games on, and sets the most that one may lose. */
export async function seedGames(submit: Submit, at: number): Promise<void> {
  await submit(at, { kind: 'fairness.seed', seed: randomBytes(32).toString('hex'), first: true })
  const own: { readonly [G in keyof SettingsOf]?: Partial<SettingsOf[G]> } = {
    heist: { sites: [...WORKSHOP_SITES], gatherSeconds: 45, limits: { ...NO_LIMITS, everyoneSeconds: 60 } },
    reels: { ...WORKSHOP_REELS, limits: { ...NO_LIMITS, eachSeconds: 5 } },
    coin: { limits: { ...NO_LIMITS, eachSeconds: 5 } },
    scramble: { adds: 10, leastCrew: 5, limits: { ...NO_LIMITS, everyoneSeconds: 120 } },
    boss: { name: 'The old boiler', limits: { ...NO_LIMITS, everyoneSeconds: 120 } },
  }
  for (const game of GAMES) {
    const settings = { ...gameSetting(game).initial, on: true, ...own[game] }
    const changed = await submit(at, { kind: 'game.change', game, settings })
    if (!changed.ok) throw new Error(`${game}: ${changed.refusal.sentence}`)
  }
  await submit(at, { kind: 'game.wagering', wagering: { mostLost: 2000, sitOut: { word: 'sitout', aliases: [] } } })
}

interface Player {
  readonly account: string
  readonly name: string
}

/** An evening's games: some heists, spins, duels and pulls by those who came. */
export async function pastGames(
  pool: pg.Pool,
  submit: Submit,
  chance: () => number,
  people: readonly Player[],
  from: number,
): Promise<void> {
  const one = (): Player => people[Math.floor(chance() * people.length)] ?? STREAMER
  const play = (at: number, who: Player, act: Act) => submit(at, { kind: 'game.play', who, act })
  const stake = () => String(10 * (1 + Math.floor(chance() * 8)))
  for (let i = 0; i < 3; i++) {
    const at = from + i * 1800
    for (let k = 0; k < 4 + 5 * i; k++)
      await play(at, one(), { do: 'heist', stake: stake(), leaveAfter: 1 + Math.floor(chance() * 4) })
    await goOn(pool, submit)
    for (let k = 0; k < 5; k++)
      await play(at + 400, one(), { do: 'roulette', bets: `${stake()} ${BETS[Math.floor(chance() * BETS.length)]}` })
    await goOn(pool, submit)
    for (let k = 0; k < 3; k++) {
      await play(at + 600 + k, one(), { do: 'duel', stake: stake(), challenged: null })
      await play(at + 620 + k, one(), { do: 'take' })
      await goOn(pool, submit)
    }
    const crowd = [...people].sort(() => chance() - 0.5).slice(0, 6 + 4 * i)
    for (const who of crowd) await play(at + 700, who, i === 1 ? { do: 'boss', stake: stake() } : { do: 'scramble' })
    await goOn(pool, submit)
    for (let k = 0; k < 6; k++) await play(at + 800 + 30 * k, one(), { do: 'reels', stake: stake() })
    for (let k = 0; k < 4; k++) await play(at + 1000 + 30 * k, one(), { do: 'coin', stake: stake(), side: 'heads' })
  }
}

const BETS = ['red', 'black', '17', 'second dozen', 'odd', 'first column', '0', 'high']

/** Lets the rounds that are on go on as their timers would, until none is. */
async function goOn(pool: pg.Pool, submit: Submit): Promise<void> {
  for (;;) {
    const open = await pool.query('select id, next_at from round where ended_at is null order by id')
    if (open.rows.length === 0) return
    for (const { id, next_at: due } of open.rows)
      await submit(Number(due), { kind: 'game.tick', round: Number(id), due: Number(due) })
  }
}
