import { currencySetting, inWords } from '../currency/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { Amount } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { ok, type Result, type World } from '../world/index.ts'
import { countPlay, mayPlay, readStake } from './allowed.ts'
import type { RoundState, StakedGame, StateOf } from './declared.ts'
import type { Played } from './played.ts'
import { endRound, openRound, settleSeat, takeSeat } from './pot.ts'
import { type RoundRow, rounds } from './rounds.ts'

/** How a play ended: how the round stands, what is paid in all, and the line that tells it. */
interface Ended {
  readonly state: RoundState
  readonly paid: Amount
  readonly tell: () => string
}

/**
 * Plays against the machine alone: it ends in the moment in which it begins.
 * @param before - How the round stands until it is drawn.
 */
export function playAtOnce<G extends StakedGame>(
  world: World,
  game: G,
  viewer: ViewerRow,
  typed: string,
  {
    before,
    draw,
  }: { readonly before: StateOf<G> & RoundState; readonly draw: (round: RoundRow, stake: Amount) => Ended },
): Result<Played> {
  const allowed = mayPlay(world, game, viewer)
  if (!allowed.ok) return allowed
  const stake = readStake(world, game, viewer, typed)
  if (!stake.ok) return stake
  const round = openRound(world, { game, status: 'running', state: before, nextAt: null, openerName: viewer.name })
  const seated = takeSeat(world, round, viewer, stake.value)
  if (!seated.ok) return seated
  countPlay(world, game, viewer.id)
  const ended = draw(round, stake.value)
  const shown = world.put(rounds, { ...seated.value.round, state: ended.state })
  const settled = settleSeat(world, shown, seated.value.seat, ended.paid > 0 ? 'won' : 'lost', ended.paid)
  endRound(world, settled, 'settled')
  return ok({ round: round.id, told: ended.tell() })
}

/** What texts of such a play can tell. */
export function fieldsOf(world: World, viewer: ViewerRow, stake: Amount, paid: Amount) {
  const currency = readSetting(world, currencySetting)
  return { viewer: { name: viewer.name }, stake: inWords(stake, currency), paid: inWords(paid, currency) }
}
