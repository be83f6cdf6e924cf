import { amount, digits, durationInWords } from '../currency/index.ts'
import { BOOKS, balanceOf, payUpTo } from '../ledger/index.ts'
import { payeeOf, viewers } from '../people/index.ts'
import { codeListOf, codesLeft, giveCode, rewardOf } from '../store/index.ts'
import { CODE_HERE, sayPrivately } from '../voice/index.ts'
import type { World } from '../world/index.ts'
import { chanceInWords } from './draw.ts'
import { answerTo } from './guesses.ts'
import { prizeOf } from './open.ts'
import { type RaffleRow, raffles, raffleWins, type WinnerRow, winnerKey, winners } from './rows.ts'
import { figuresOf, tell, tellChanged } from './tell.ts'
import { setTimer } from './timers.ts'

/** A raffle whose winners all have their prize finishes by itself after so long (seconds), unless somebody does it before. */
export const FINISH_SECONDS = 900

/** Tells who was drawn, now that it has been seen; from now on they have time to speak up, if they must. Needs `needDraw` or the winners' rows. */
export function announce(world: World, raffle: RaffleRow): RaffleRow {
  const { hidden } = raffle
  const revealed = hidden === null ? raffle.revealed : { ...hidden.reveal, at: world.at }
  let now: RaffleRow = world.put(raffles, { ...raffle, drawing: null, hidden: null, revealed })
  if (revealed !== null) world.fact('raffle.revealed', 'everyone', { raffle: raffle.id, ...revealed })
  for (const draw of hidden?.draws ?? []) {
    const winner = world.get(winners, winnerKey(raffle.id, draw))
    if (winner === undefined) continue
    now = winner.state === 'drawn' ? tellWinner(world, now, winner) : tellPassed(world, now, winner)
  }
  tellChanged(world, now)
  return now
}

function tellPassed(world: World, raffle: RaffleRow, winner: WinnerRow): RaffleRow {
  tell(world, `“${raffle.settings.title}”: ${winner.name} was drawn and cannot win. ${winner.why ?? ''}`.trim())
  return raffle
}

function tellWinner(world: World, raffle: RaffleRow, winner: WinnerRow): RaffleRow {
  const { title, claimSeconds } = raffle.settings
  const chance = chanceInWords(winner.weight, winner.total)
  const won =
    winner.guess === null
      ? `${winner.name} is drawn for “${title}”, with a chance of ${chance}.`
      : `“${title}”: it is ${digits(answerTo(raffle) ?? 0)}, and ${winner.name} is the nearest with ${digits(winner.guess)}.`
  world.moment('raffleWon', winner.viewer, {
    ...figuresOf(raffle),
    chance,
    draw: winner.draw,
    prize: prizeOf(world, raffle.settings),
  })
  if (claimSeconds === 0) {
    tell(world, won)
    return winnerHas(world, raffle, winner, {})
  }
  tell(world, `${won} ${winner.name}, say anything here within ${durationInWords(claimSeconds)} to claim it.`)
  return waitFor(world, raffle, winner)
}

/** Gives a winner the time that they have to speak up, from now. */
export function waitFor(world: World, raffle: RaffleRow, winner: WinnerRow): RaffleRow {
  const until = world.at + raffle.settings.claimSeconds
  world.put(winners, { ...winner, state: 'waiting', claimUntil: until })
  setTimer(world, raffle.id, 'claim', until, { draw: winner.draw })
  const { draw, name } = winner
  // Who speaks up does so with the account that theirs was merged into.
  const viewer = payeeOf(world, winner.viewer)
  const others = raffle.waiting.filter((one) => one.draw !== draw)
  return world.put(raffles, { ...raffle, waiting: [...others, { draw, viewer, name, until }] })
}

/** The prize is somebody's: they get it if it can be handed out at once. @param how - What they said, and when. */
export function winnerHas(
  world: World,
  raffle: RaffleRow,
  winner: WinnerRow,
  how: Partial<Pick<WinnerRow, 'line' | 'claimedAt'>>,
): RaffleRow {
  const payee = payeeOf(world, winner.viewer)
  const got = handOut(world, raffle, payee, winner.draw)
  world.put(winners, { ...winner, ...how, ...got, state: 'won', claimUntil: null })
  const luck = world.get(raffleWins, payee) ?? { id: payee, wins: 0, wonAt: 0, earlierAt: 0, title: '' }
  const { title } = raffle.settings
  world.put(raffleWins, { ...luck, wins: luck.wins + 1, wonAt: world.at, earlierAt: luck.wonAt, title })
  const next = { ...raffle, won: raffle.won + 1, waiting: raffle.waiting.filter(({ draw }) => draw !== winner.draw) }
  world.fact('raffle.own', `viewer:${payee}`, { raffle: raffle.id, won: winner.draw })
  if (next.won < raffle.settings.winners) return world.put(raffles, next)
  const finishAt = world.at + FINISH_SECONDS
  setTimer(world, raffle.id, 'finish', finishAt)
  return world.put(raffles, { ...next, finishAt })
}

function handOut(
  world: World,
  raffle: RaffleRow,
  payee: number,
  draw: number,
): Pick<WinnerRow, 'amount' | 'code' | 'deliveredAt'> {
  const { prize, title } = raffle.settings
  const nothing = { amount: 0, code: null, deliveredAt: null }
  if (prize.of === 'text') return nothing
  if (prize.of === 'codes') {
    const reward = rewardOf(world, prize.reward)
    if (reward === undefined || codesLeft(codeListOf(world, reward.id)) === 0) return nothing
    const code = giveCode(world, reward, raffle.id)
    const viewer = world.get(viewers, payee)
    if (viewer !== undefined)
      sayPrivately(world, {
        viewer,
        text: `Your code for “${title}”: ${CODE_HERE}`,
        code: { of: 'winner', key: winnerKey(raffle.id, draw) },
      })
    return { amount: 0, code, deliveredAt: world.at }
  }
  const wins = prize.of === 'currency' ? prize.amount : (raffle.each ?? 0)
  if (wins === 0) return { ...nothing, deliveredAt: world.at }
  const from = prize.of === 'currency' ? BOOKS.issued : raffle.id
  const paid = payUpTo(world, {
    from,
    to: payee,
    amount: wins,
    reason: 'prize',
    about: raffle.id,
    detail: { name: title },
  })
  world.fact('balance.changed', `viewer:${payee}`, { balance: balanceOf(world, payee) })
  return { amount: paid, code: null, deliveredAt: world.at }
}

/** What a winner got, for the sentence that says so: " 500 rivets are on their way". */
export function gotInWords(world: World, { amount: n, code }: Pick<WinnerRow, 'amount' | 'code'>): string {
  if (code !== null) return ' The code was sent to them alone.'
  return n > 0 ? ` ${amount(world, n)} are theirs.` : ''
}
