import { accounts } from '../ledger/index.ts'
import { payeeOf } from '../people/index.ts'
import type { ViewerId } from '../schema.ts'
import { needCodes, rewardOf } from '../store/index.ts'
import { type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { gotInWords, waitFor, winnerHas } from './announce.ts'
import { needWinning } from './drawing.ts'
import {
  needWinner,
  type RaffleRow,
  raffles,
  raffleWins,
  runningRaffle,
  runningRaffles,
  type Waiting,
  type WinnerRow,
  winnerKey,
  winners,
} from './rows.ts'
import { MOST_WINNERS } from './schema.ts'
import { figuresOf, tell, tellChanged } from './tell.ts'

/** The raffles in which somebody has been drawn and must speak up. */
export const waitsFor = (world: World, viewer: ViewerId): { readonly raffle: RaffleRow; readonly waiting: Waiting }[] =>
  runningRaffles(world).flatMap((raffle) =>
    raffle.waiting.filter((one) => one.viewer === viewer).map((waiting) => ({ raffle, waiting })),
  )

/** What it needs that somebody speaks up; nothing for who need not. */
export const needClaim = (world: World, viewer: ViewerId): Need[] =>
  waitsFor(world, viewer).flatMap(({ raffle, waiting }) => needClaimed(world, raffle, waiting.draw))

/** What it needs that a winner speaks up, or does not. To be asked again until nothing is missing. */
export function needClaimed(world: World, { id, settings: { prize } }: RaffleRow, draw: number): Need[] {
  const reward = prize.of === 'codes' ? rewardOf(world, prize.reward) : undefined
  const need = needWinner(id, draw)
  const winner = world.rows.has(need) ? world.get(winners, winnerKey(id, draw)) : undefined
  return [
    need,
    // A share is paid out of it.
    needKey(accounts, id),
    ...(winner === undefined ? [] : needWinning(world, winner.viewer)),
    ...(reward === undefined ? [] : needCodes(world, reward, MOST_WINNERS)),
  ]
}

/**
 * Notes that somebody has spoken up, in every raffle that waits for them.
 * @param line - What they said; empty: they pressed on their page.
 * @returns How many prizes are theirs now.
 */
export function speakUp(world: World, viewer: ViewerId, line: string): number {
  let count = 0
  for (const { raffle, waiting } of waitsFor(world, viewer)) {
    const winner = world.get(winners, winnerKey(raffle.id, waiting.draw))
    // Whose time has run out is too late, even if the timer is not here yet.
    if (winner?.state !== 'waiting' || world.at > waiting.until) continue
    const now = winnerHas(world, world.get(raffles, raffle.id) ?? raffle, winner, {
      line: line.slice(0, 300),
      claimedAt: world.at,
    })
    const has = world.get(winners, winner.key) ?? winner
    tell(world, `${winner.name} has replied: “${raffle.settings.title}” is won.${gotInWords(world, has)}`)
    world.moment('raffleClaimed', winner.viewer, { ...figuresOf(raffle), draw: winner.draw, line })
    tellChanged(world, now)
    count++
  }
  return count
}

/** Speaks up on the viewer page. */
export function claimByPress(world: World, viewer: ViewerId): Result<number> {
  const count = speakUp(world, viewer, '')
  return count > 0
    ? ok(count)
    : refuse('raffle_no_claim', 'There is nothing to claim: you were not drawn, or the time is over.')
}

/** A winner who did not speak up in time is out. @returns The raffle, whose place is to be drawn again. */
export function missed(world: World, raffle: RaffleRow, winner: WinnerRow): RaffleRow {
  world.put(winners, { ...winner, state: 'missed', claimUntil: null })
  const next = world.put(raffles, { ...raffle, waiting: raffle.waiting.filter(({ draw }) => draw !== winner.draw) })
  const again = raffle.settings.redraw === 'itself' ? ' It will be drawn again.' : ''
  tell(world, `${winner.name} did not reply in time and is out of “${raffle.settings.title}”.${again}`)
  world.moment('raffleUnclaimed', winner.viewer, { ...figuresOf(raffle), draw: winner.draw })
  tellChanged(world, next)
  return next
}

/** Gives who could not be heard their time once more: the bot was away while they had it. */
export function waitAgain(world: World, raffle: RaffleRow, winner: WinnerRow): RaffleRow {
  const next = waitFor(world, raffle, winner)
  tell(
    world,
    `The bot was away. ${winner.name}, you have another ${raffle.settings.claimSeconds} s to say anything and claim “${raffle.settings.title}”.`,
  )
  tellChanged(world, next)
  return next
}

/** Passes over somebody who was drawn, by hand: they are out, and their place can be drawn again. Everybody can read why. */
export function passOver(world: World, id: number, draw: number, why: string, by: string): Result<RaffleRow> {
  const raffle = runningRaffle(world, id)
  const winner = raffle === undefined ? undefined : world.get(winners, winnerKey(id, draw))
  if (raffle === undefined || winner === undefined)
    return refuse('raffle_not_found', 'This raffle no longer exists or has ended.')
  if (winner.state !== 'waiting' && winner.state !== 'won')
    return refuse('raffle_no_claim', `${winner.name} is already out.`)
  if (winner.deliveredAt !== null)
    return refuse('raffle_delivered', `${winner.name} already has the prize. It cannot be drawn again.`)
  world.put(winners, { ...winner, state: 'passed', claimUntil: null, why: `${why.trim()} (${by})` })
  if (winner.state === 'won') unwin(world, winner)
  const won = raffle.won - (winner.state === 'won' ? 1 : 0)
  const waiting = raffle.waiting.filter((one) => one.draw !== draw)
  const next = world.put(raffles, { ...raffle, won, waiting, finishAt: null })
  tell(world, `“${raffle.settings.title}”: ${winner.name} was skipped (${why.trim()}).`)
  tellChanged(world, next)
  return ok(next)
}

/** Takes a win back: it bars nobody from the next raffle. */
function unwin(world: World, { viewer }: WinnerRow): void {
  const luck = world.get(raffleWins, payeeOf(world, viewer))
  if (luck !== undefined)
    world.put(raffleWins, { ...luck, wins: Math.max(0, luck.wins - 1), wonAt: luck.earlierAt, earlierAt: 0 })
}
