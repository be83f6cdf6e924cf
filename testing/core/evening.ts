import { type RoundRow, rounds, seatsOf, type ToldRound } from '../../core/games/index.ts'
import { accounts } from '../../core/ledger/index.ts'
import { TestChannel } from './channel.ts'

export const PLAYERS = ['pia', 'jo', 'umbra', 'bo', 'fen', 'kit'] as const

/** A channel on air with every game on, and people who hold 1,000 each. */
export function evening(): TestChannel {
  const made = new TestChannel()
  made.send({ kind: 'people.add', account: 'old', name: 'old' })
  made.now += 1
  made.startShow()
  for (const name of PLAYERS) {
    made.arrive(name)
    made.give(name, 1000)
  }
  const limits = { everyoneSeconds: 0, eachSeconds: 0, perViewer: 0, perShow: 0 }
  for (const game of ['duel', 'roulette', 'reels', 'cup', 'scramble'] as const) made.game(game)
  made.game('heist', { limits })
  made.game('coin', { limits })
  made.game('boss', { limits })
  return made
}

/** What lies in all pots together. */
export const potsOf = (channel: TestChannel): number =>
  channel.world
    .all(accounts)
    .filter(({ kind }) => kind === 'pot')
    .reduce((sum, { balance }) => sum + balance, 0)

export const roundsOf = (channel: TestChannel): RoundRow[] => channel.world.all(rounds)

/** A round as it is told once it has ended. */
export const toldOf = (channel: TestChannel, round: RoundRow): ToldRound => ({
  ...round,
  seats: seatsOf(channel.world, round),
})

/** Lets some seconds go by with the timers that are due then. */
export function later(channel: TestChannel, seconds: number): void {
  channel.now += seconds
  channel.runTimers()
}
