import { currencySetting, inWords } from '../../currency/index.ts'
import { Chance } from '../../fairness/index.ts'
import { mulDiv } from '../../ledger/index.ts'
import type { ViewerRow } from '../../people/index.ts'
import type { Amount, RoundId } from '../../schema.ts'
import { readSetting } from '../../settings/index.ts'
import { ok, type Result, type World } from '../../world/index.ts'
import { countPlay, mayPlay, readStake } from '../allowed.ts'
import { endRound, openRound, settleSeat, takeSeat } from '../pot.ts'
import { spinPays, spinReels } from '../reels.ts'
import { type RoundRow, type RoundState, rounds, type Side } from '../rounds.ts'
import { settingsOf } from '../settings.ts'
import { tell } from '../texts/tell.ts'
import type { Played } from './played.ts'

// What is played against the machine alone ends in the moment in which it begins.

/** The side of a coin (rules: coin). @param seed - 32 bytes in hex. */
export const tossCoin = (seed: string, round: RoundId | string): Side =>
  new Chance(seed, `coin/${round}`).below(2) === 0 ? 'heads' : 'tails'

/** Pulls the lever once. */
export function playReels(world: World, viewer: ViewerRow, typed: string): Result<Played> {
  const { strip, table } = settingsOf(world, 'reels')
  const machine = { strip, table }
  return atOnce(world, 'reels', viewer, typed, (round, stake) => {
    const shown = spinReels(round.seed, round.id, machine)
    const paid = spinPays(machine, stake, shown)
    const fields = { shown: shown.join(' · '), ...common(world, viewer, stake, paid) }
    return {
      state: { of: 'reels', machine, shown },
      paid,
      tell: () => tell(world, paid > 0 ? 'reels.won' : 'reels.lost', fields, { likeness: 'reels' }),
    }
  })
}

/** Tosses the coin once. */
export function playCoin(world: World, viewer: ViewerRow, typed: string, called: Side): Result<Played> {
  const { multiplier } = settingsOf(world, 'coin')
  return atOnce(world, 'coin', viewer, typed, (round, stake) => {
    const side = tossCoin(round.seed, round.id)
    const paid = side === called ? mulDiv(stake, multiplier, 100) : 0
    const fields = { side, ...common(world, viewer, stake, paid) }
    return {
      state: { of: 'coin', multiplier, called, side },
      paid,
      tell: () => tell(world, paid > 0 ? 'coin.won' : 'coin.lost', fields, { likeness: 'coin' }),
    }
  })
}

function common(world: World, viewer: ViewerRow, stake: Amount, paid: Amount) {
  const currency = readSetting(world, currencySetting)
  return { viewer: { name: viewer.name }, stake: inWords(stake, currency), paid: inWords(paid, currency) }
}

interface Outcome {
  readonly state: RoundState
  readonly paid: Amount
  readonly tell: () => string
}

function atOnce(
  world: World,
  game: 'reels' | 'coin',
  viewer: ViewerRow,
  typed: string,
  play: (round: RoundRow, stake: Amount) => Outcome,
): Result<Played> {
  const allowed = mayPlay(world, game, viewer)
  if (!allowed.ok) return allowed
  const stake = readStake(world, game, viewer, typed)
  if (!stake.ok) return stake
  const nothing: RoundState = { of: 'coin', multiplier: 0, called: 'heads', side: 'heads' }
  const round = openRound(world, { game, status: 'running', state: nothing, nextAt: null, openerName: viewer.name })
  const seated = takeSeat(world, round, viewer, stake.value)
  if (!seated.ok) return seated
  countPlay(world, game, viewer.id)
  const outcome = play(round, stake.value)
  const shown = world.put(rounds, { ...seated.value.round, state: outcome.state })
  const settled = settleSeat(world, shown, seated.value.seat, outcome.paid > 0 ? 'won' : 'lost', outcome.paid)
  endRound(world, settled, 'settled')
  return ok({ round: round.id, told: outcome.tell() })
}
