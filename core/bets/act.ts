import { amount, digits, durationInWords } from '../currency/index.ts'
import { accounts } from '../ledger/index.ts'
import type { BetId, Seconds, UnixSeconds } from '../schema.ts'
import { type Handler, type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { backersOf, needBackers } from './backers.ts'
import { changeSettings, showFor } from './open.ts'
import { beginPaying } from './pay.ts'
import { type BetRow, betEvidence, bets, betTotalsOf, runningBet } from './rows.ts'
import type { BetSettings } from './schema.ts'
import { paymentOf } from './settle.ts'
import {
  figuresOf,
  locksInWords,
  paymentInWords,
  potInWords,
  potOf,
  tell,
  tellChanged,
  tellCount,
  winnerOf,
} from './tell.ts'
import { lockLater, setTimer } from './timers.ts'

export const BET_GONE = 'This bet no longer exists or has ended.'

/** Why a bet locks: its time is over, a hand did it, or the show is over. */
export type LockCause = 'time' | 'hand' | 'show'

/** Locks a bet: nobody bets any more, and what is in stands. @param at - When it counts as locked. */
export function lockBet(world: World, bet: BetRow, cause: LockCause, at: UnixSeconds = world.at): BetRow {
  const locked = world.put(bets, { ...bet, status: 'locked', locksAt: null, lockedAt: at })
  const sums = tellCount(world, betTotalsOf(world, bet))
  const why = cause === 'show' ? 'is locked, as the show is over' : 'is locked'
  tell(world, `“${bet.settings.question}” ${why}: ${potInWords(world, sums)}.`)
  tellChanged(world, locked)
  world.moment('betLocked', null, {
    ...figuresOf(locked),
    people: sums.backers,
    pot: digits(potOf(sums.staked)),
  })
  return locked
}

/** Locks the bets that are laid on air only, once the show is over. To be called once what happened is known. */
export function lockWithShow(world: World): void {
  if (!world.moments.some(({ kind }) => kind === 'showEnded')) return
  for (const bet of world.all(bets)) if (bet.status === 'open' && bet.settings.onAir) lockBet(world, bet, 'show')
}

/** Keeps betting open for longer, or opens it again after a lock that came too early. */
export function extendBet(world: World, bet: BetRow, seconds: Seconds): Result<BetRow> {
  if (bet.status !== 'open' && bet.status !== 'locked')
    return refuse('bet_paying', 'There is a winner already: nobody can bet any more.')
  const from = Math.max(world.at, bet.locksAt ?? world.at)
  const open = lockLater(world, { ...bet, status: 'open', lockedAt: null }, from + seconds)
  tell(
    world,
    `“${bet.settings.question}” ${bet.status === 'locked' ? 'is open again and' : ''} ${locksInWords(open, world.at)}.`.replace(
      '  ',
      ' ',
    ),
  )
  tellChanged(world, open)
  return ok(open)
}

export interface Picking {
  readonly outcome: number
  /** Stakes laid from then on go back; null: all count. */
  readonly knownFrom: UnixSeconds | null
  readonly note: string
  readonly link: string
  /** Whether another winner than the one picked already is meant. */
  readonly instead: boolean
  readonly by: string
}

/** Picks what came true: it is told at once, and paid after a pause in which it can be changed. Needs `needBackers`. */
export function pickWinner(world: World, bet: BetRow, picking: Picking): Result<BetRow> {
  const { outcome, knownFrom, instead, by } = picking
  const { question, outcomes, rakeBp, pauseSeconds } = bet.settings
  if (bet.status === 'open') return refuse('bet_not_locked', 'People can still bet. Lock it first.')
  if (bet.status !== 'locked' && bet.status !== 'announced')
    return refuse('bet_paying', 'It is being paid. Correct single balances by hand now.')
  if (outcomes[outcome] === undefined) return refuse('bet_not_found', 'There is no such outcome. Reload the page.')
  if (bet.pick !== null && !instead)
    return refuse(
      'bet_picked',
      `${bet.pick.by} picked “${winnerOf(bet)}” already. Change it if that is wrong: it is paid in ${durationInWords(Math.max(1, bet.pick.paysAt - world.at))}.`,
    )
  if (knownFrom !== null && knownFrom > world.at)
    return refuse('bet_invalid', 'That is still to come. Choose a time that has passed.')
  const payment = paymentOf(backersOf(world, bet.id), outcome, { rakeBp, knownFrom })
  const paysAt = world.at + pauseSeconds
  const picked = world.put(bets, {
    ...bet,
    status: 'announced',
    pick: { outcome, by, at: world.at, paysAt },
    payment,
  })
  world.put(betEvidence, { id: bet.id, note: picking.note.trim(), link: picking.link })
  setTimer(world, bet.id, 'pay', paysAt)
  const corrected = bet.pick === null ? '' : 'Corrected: '
  const winner = winnerOf(picked) ?? ''
  const when = pauseSeconds === 0 ? '' : ` Paid in ${durationInWords(pauseSeconds)}.`
  tell(world, `${corrected}“${question}”: ${winner}! ${paymentInWords(world, payment)}${when}`)
  tellChanged(world, picked)
  showFor(world, picked, 'settled', winner)
  return ok(picked)
}

/** Begins to pay once the pause is over, and tells triggers. */
export function payNow(world: World, bet: BetRow): BetRow {
  const sums = betTotalsOf(world, bet)
  world.moment('betSettled', null, {
    ...figuresOf(bet),
    people: sums.backers,
    pot: digits(potOf(sums.staked)),
    winner: winnerOf(bet) ?? '',
    winners: bet.payment?.winners ?? 0,
    prize: amount(world, bet.payment?.prize ?? 0),
  })
  return beginPaying(world, bet, 'paying')
}

/** Calls a bet off: all stakes go back, some people at a time. */
export function callOffBet(world: World, bet: BetRow, why: string): Result<BetRow> {
  if (bet.status === 'paying' || bet.status === 'returning')
    return refuse('bet_paying', 'The money is on its way already.')
  const any = potOf(betTotalsOf(world, bet).staked) > 0
  const off = { ...bet, pick: null, payment: null, why, lockedAt: bet.lockedAt ?? world.at }
  tell(world, `“${bet.settings.question}” is called off: ${why}.${any ? ' All stakes are refunded.' : ''}`)
  return ok(beginPaying(world, off, 'returning'))
}

export type BetAct =
  | { readonly does: 'lock' }
  | { readonly does: 'extend'; readonly seconds: Seconds }
  | ({ readonly does: 'settle' } & Omit<Picking, 'by'>)
  | { readonly does: 'callOff'; readonly why: string }
  | { readonly does: 'change'; readonly settings: BetSettings }

export interface ActOnBet {
  readonly kind: 'bet.act'
  readonly bet: BetId
  readonly act: BetAct
  readonly by: string
}

/** What it needs that something is done to a bet. */
export const needBetAct = (bet: BetId, does: BetAct['does']): Need[] => [
  needKey(accounts, bet),
  ...(does === 'settle' ? [needBackers(bet), needKey(betEvidence, bet)] : []),
]

/** Does something to a bet: the same for desk, chat and steps. Needs `needBetAct`. */
export function actOnBet(world: World, bet: BetRow, act: BetAct, by: string): Result<BetRow> {
  switch (act.does) {
    case 'lock':
      return bet.status === 'open' ? ok(lockBet(world, bet, 'hand')) : refuse('bet_locked', 'It is locked already.')
    case 'extend':
      return extendBet(world, bet, act.seconds)
    case 'settle':
      return pickWinner(world, bet, { ...act, by })
    case 'callOff':
      return callOffBet(world, bet, act.why.trim() === '' ? `by ${by}` : `${act.why.trim()} (${by})`)
    case 'change':
      return changeSettings(world, bet, act.settings)
  }
}

/** Locks, extends, settles, changes or calls off a bet. */
export const actOnRunning = {
  needs: (_, { bet, act }) => needBetAct(bet, act.does),
  decide(world, { bet: id, act, by }) {
    const bet = runningBet(world, id)
    if (bet === undefined) return refuse('bet_not_found', BET_GONE)
    const done = actOnBet(world, bet, act, by)
    return done.ok ? ok({ bet: id, status: done.value.status }) : done
  },
} satisfies Handler<ActOnBet>
