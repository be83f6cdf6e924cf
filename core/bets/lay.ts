import { whyNotFor } from '../access/index.ts'
import { amount, durationInWords } from '../currency/index.ts'
import { maySpend } from '../earning/index.ts'
import { checkStakeWithin, countStaked, needPlayerRow, readStakeWithin, sitsOut } from '../games/index.ts'
import { accounts, balanceOf, payUpTo, transfer } from '../ledger/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { Amount, BetId, ViewerId } from '../schema.ts'
import { showOnAir } from '../show/index.ts'
import { type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { type BackingRow, type BetRow, backingKey, backingOf, backings, betTotalsOf, needBacking } from './rows.ts'
import { stakedIn, wouldBring } from './settle.ts'
import { count } from './tell.ts'

/** One person lays so many bets on one question at most: each is kept with its time. */
const MOST_LAID = 50

/** What betting needs. @param viewer - Undefined for who is new. */
export const needLay = (bet: BetId, viewer: ViewerId | undefined): Need[] => [
  needKey(accounts, bet),
  ...(viewer === undefined ? [] : [needBacking(bet, viewer), ...needPlayerRow(viewer)]),
]

/** What came of betting: what there is now, and the sentence for who asked. */
export interface BetLaid {
  readonly bet: BetId
  readonly outcome: number
  readonly stake: Amount
  readonly staked: Amount
  readonly told: string
}

/** Whether anybody can bet now; a refusal says since when not. */
function takesBets({ status, settings, lockedAt, locksAt }: BetRow, world: World): Result<true> {
  const { question } = settings
  const due = locksAt !== null && locksAt <= world.at
  if (status === 'open' && !due) return ok(true)
  const since = lockedAt ?? locksAt ?? world.at
  const ago = world.at - since
  return refuse(
    'bet_locked',
    `Betting on “${question}” was closed ${ago < 2 ? 'just now' : `${durationInWords(ago)} ago`}, by the server’s clock.`,
  )
}

/** Whether somebody may bet at all now. */
function mayBet(world: World, bet: BetRow, viewer: ViewerRow): Result<true> {
  const open = takesBets(bet, world)
  if (!open.ok) return open
  if (viewer.ignored) return refuse('viewer_ignored', 'This account is ignored in this channel.')
  const why = whyNotFor(world, bet.settings.who, viewer, 'This bet')
  if (why !== undefined) return refuse('bet_not_for_you', why)
  if (bet.settings.onAir && showOnAir(world) === undefined)
    return refuse('bet_off_air', 'Bets are laid only while the show is on air.')
  const sits = sitsOut(world, viewer)
  return sits.ok ? maySpend(world, viewer) : sits
}

/** The outcome that somebody has bet on, where only one is allowed and it is another one. */
function onOther({ settings }: BetRow, before: BackingRow | undefined, outcome: number): Result<true> {
  const other = before?.laid.find((one) => one.outcome !== outcome)
  if (settings.several || other === undefined) return ok(true)
  const name = settings.outcomes[other.outcome]?.name ?? ''
  return refuse('bet_other_outcome', `You have bet on “${name}”, and everybody has one outcome. You can add to that.`)
}

/**
 * Puts somebody's stake on an outcome, or adds to it. All of it happens, or nothing but the refusal. Needs `needLay`.
 * @param typed - The stake as it is typed ("half", "all", "100"), or a number.
 */
export function layBet(
  world: World,
  bet: BetRow,
  viewer: ViewerRow,
  outcome: number,
  typed: string | number,
): Result<BetLaid> {
  const { settings, id } = bet
  const allowed = mayBet(world, bet, viewer)
  if (!allowed.ok) return allowed
  if (settings.outcomes[outcome] === undefined) return refuse('bet_typed', 'There is no such outcome. Reload the page.')
  const before = backingOf(world, id, viewer.id)
  const other = onOther(bet, before, outcome)
  if (!other.ok) return other
  if ((before?.laid.length ?? 0) >= MOST_LAID)
    return refuse('bet_most', `You have laid ${MOST_LAID} bets on this question; more are not possible.`)
  const has = stakedIn(before?.laid ?? [])
  const stake =
    typeof typed === 'string'
      ? readStakeWithin(world, settings.stakes, viewer.id, typed, has)
      : checkedStake(world, bet, viewer, typed, has)
  if (!stake.ok) return stake
  const paid = pay(world, bet, viewer, stake.value)
  if (!paid.ok) return paid
  const backing = put(world, bet, viewer, before, { outcome, amount: stake.value, at: world.at })
  return ok({
    bet: id,
    outcome,
    stake: stake.value,
    staked: stakedIn(backing.laid),
    told: laidInWords(world, bet, viewer, backing, outcome),
  })
}

function checkedStake(
  world: World,
  { settings }: BetRow,
  { id }: ViewerRow,
  stake: Amount,
  has: Amount,
): Result<number> {
  const checked = checkStakeWithin(world, settings.stakes, id, stake, has)
  return checked.ok ? ok(stake) : checked
}

function pay(world: World, { id, settings }: BetRow, viewer: ViewerRow, stake: Amount): Result<true> {
  const detail = { name: settings.question }
  const moved = transfer(world, { from: viewer.id, to: id, amount: stake, reason: 'staked', about: id, detail })
  if (!moved.ok) return moved
  countStaked(world, viewer.id, { staked: stake, paid: 0 })
  world.fact('balance.changed', `viewer:${viewer.id}`, { balance: balanceOf(world, viewer.id) })
  return ok(true)
}

const plus = (list: readonly number[], at: number, more: number): number[] =>
  list.map((one, i) => (i === at ? one + more : one))

function put(
  world: World,
  bet: BetRow,
  viewer: ViewerRow,
  before: BackingRow | undefined,
  laid: BackingRow['laid'][number],
): BackingRow {
  const sums = betTotalsOf(world, bet)
  const nr = before?.nr ?? sums.last + 1
  const onIt = before?.laid.some(({ outcome }) => outcome === laid.outcome) ?? false
  const comes = (before?.laid.length ?? 0) === 0
  count(world, bet, {
    last: Math.max(sums.last, nr),
    people: onIt ? sums.people : plus(sums.people, laid.outcome, 1),
    staked: plus(sums.staked, laid.outcome, laid.amount),
    backers: sums.backers + (comes ? 1 : 0),
  })
  const backing = world.put(backings, {
    key: backingKey(bet.id, viewer.id),
    bet: bet.id,
    viewer: viewer.id,
    name: viewer.name,
    nr,
    laid: [...(before?.laid ?? []), laid],
    back: before?.back ?? 0,
    won: 0,
  })
  world.fact('bet.own', `viewer:${viewer.id}`, { bet: bet.id, staked: stakedIn(backing.laid), won: 0 })
  return backing
}

/** "pia has 150 rivets on “Yes”; that would bring 240 rivets now." */
function laidInWords(world: World, bet: BetRow, viewer: ViewerRow, { laid }: BackingRow, outcome: number): string {
  const own = stakedIn(laid.filter((one) => one.outcome === outcome))
  const { staked } = betTotalsOf(world, bet)
  const others = staked.map((sum, i) => (i === outcome ? sum - own : sum))
  const brings = wouldBring(others, outcome, own, bet.settings.rakeBp)
  const name = bet.settings.outcomes[outcome]?.name ?? ''
  return `${viewer.name} has ${amount(world, own)} on “${name}”; that would bring ${amount(world, brings)} now.`
}

/** Takes all that somebody has in a bet back, where that is allowed. Needs `needLay`. */
export function takeBetBack(world: World, bet: BetRow, viewer: ViewerRow): Result<BetLaid> {
  const open = takesBets(bet, world)
  if (!open.ok) return open
  const before = backingOf(world, bet.id, viewer.id)
  if (before === undefined || before.laid.length === 0)
    return refuse('bet_not_in', `You have nothing in “${bet.settings.question}”.`)
  if (!bet.settings.takeBack) return refuse('bet_take_back', 'Bets cannot be taken back here.')
  const back = stakedIn(before.laid)
  const sums = betTotalsOf(world, bet)
  const on = (outcome: number) => before.laid.filter((one) => one.outcome === outcome)
  count(world, bet, {
    people: sums.people.map((n, i) => n - (on(i).length > 0 ? 1 : 0)),
    staked: sums.staked.map((n, i) => n - stakedIn(on(i))),
    backers: sums.backers - 1,
  })
  world.put(backings, { ...before, laid: [] })
  giveBack(world, bet, viewer.id, back)
  world.fact('bet.own', `viewer:${viewer.id}`, { bet: bet.id, staked: 0, won: 0 })
  const told = `${viewer.name} is out of “${bet.settings.question}”: ${amount(world, back)} refunded.`
  return ok({ bet: bet.id, outcome: 0, stake: -back, staked: 0, told })
}

/** Gives stakes back out of a bet's pot: they were never risked. @returns What there was room for. */
export function giveBack(world: World, { id, settings }: BetRow, payee: ViewerId, back: Amount): Amount {
  if (back === 0) return 0
  const detail = { name: settings.question }
  const got = payUpTo(world, { from: id, to: payee, amount: back, reason: 'stakeBack', about: id, detail })
  countStaked(world, payee, { staked: -back, paid: 0 })
  world.fact('balance.changed', `viewer:${payee}`, { balance: balanceOf(world, payee) })
  return got
}
