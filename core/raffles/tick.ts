import { digits } from '../currency/index.ts'
import { accounts } from '../ledger/index.ts'
import type { RaffleId, UnixSeconds } from '../schema.ts'
import { type Handler, type Need, needKey, ok, type World } from '../world/index.ts'
import { announce } from './announce.ts'
import { playCheer } from './cheer.ts'
import { missed, needClaimed, waitAgain } from './claim.ts'
import { closeRaffle } from './close.ts'
import { drawRaffle, needDraw } from './drawing.ts'
import { finishRaffle, needReturn, returnSome } from './finish.ts'
import { openRaffle, remindInWords } from './open.ts'
import { cheers, type RaffleRow, raffles, runningRaffle, totalsOf, winnerKey, winners } from './rows.ts'
import { figuresOf, tell, tellChanged, tellCount } from './tell.ts'
import { beforeTimes, remindLater, setTimers, soonAt, type TimerKind } from './timers.ts'

/** A timer that is later than this (seconds) comes after the bot was away. */
const LATE = 120
/** So long (seconds) an open raffle goes on whose end came while the bot was away. */
const MORE_SECONDS = 120

export interface RaffleTick {
  readonly kind: 'raffle.tick'
  readonly raffle: RaffleId
  readonly what: TimerKind
  /** The time for which this timer was set. */
  readonly due: UnixSeconds
  readonly draw?: number
  readonly after?: number
}

/** A raffle goes on because its time has come. A timer that comes twice, or for a time that was changed, does nothing. */
export const tickRaffle = {
  needs(world, { raffle: id, what, draw = 0 }) {
    const raffle = runningRaffle(world, id)
    if (raffle === undefined) return []
    const pot = needKey(accounts, id)
    switch (what) {
      case 'return':
        return needReturn(world, raffle)
      case 'announce':
        return [pot, ...(raffle.hidden?.draws ?? []).flatMap((draw) => needClaimed(world, raffle, draw))]
      case 'claim':
        return [
          pot,
          ...needClaimed(world, raffle, draw),
          ...(raffle.settings.redraw === 'itself' ? needRedraw(world, raffle, draw) : []),
        ]
      default:
        return [pot]
    }
  },
  decide(world, tick) {
    const raffle = runningRaffle(world, tick.raffle)
    if (raffle !== undefined) goOn(world, raffle, tick)
    return ok({})
  },
} satisfies Handler<RaffleTick>

/** What drawing again needs once a winner has let their time pass: the draw is decided as it will be then. */
function needRedraw(world: World, raffle: RaffleRow, draw: number): Need[] {
  return needDraw(world, withoutWaiting(raffle, draw))
}

const withoutWaiting = (raffle: RaffleRow, draw: number): RaffleRow => ({
  ...raffle,
  waiting: raffle.waiting.filter((one) => one.draw !== draw),
})

function goOn(world: World, raffle: RaffleRow, { what, due, draw = 0, after = 0 }: RaffleTick): void {
  const { status } = raffle
  switch (what) {
    case 'open':
      if (status === 'planned' && raffle.opensAt === due) openByTime(world, raffle)
      return
    case 'close':
      if (status === 'open' && raffle.closesAt === due) closeByTime(world, raffle, due)
      return
    case 'soon':
      if (status === 'open' && soonAt(raffle) === due) soon(world, raffle)
      return
    case 'before':
      if (status === 'open' && beforeTimes(raffle).includes(due) && world.at - due < LATE) remind(world, raffle)
      return
    case 'remind':
      if (status !== 'open' || raffle.remindAt !== due) return
      if (world.at - due < LATE) remind(world, raffle)
      remindLater(world, raffle, raffle.settings.remind.everyMinutes)
      return
    case 'announce':
      if (raffle.drawing?.until === due) announce(world, raffle)
      return
    case 'claim':
      claimOver(world, raffle, draw, due)
      return
    case 'return':
      if (status === 'returning' && raffle.returned === after) returnSome(world, raffle)
      return
    case 'finish':
      if (raffle.finishAt === due) finishRaffle(world, raffle)
      return
    case 'told':
      if (totalsOf(world, raffle.id).tellAt === due) tellCount(world, totalsOf(world, raffle.id))
      return
    case 'cheer':
      cheerMore(world, raffle, due)
  }
}

function openByTime(world: World, raffle: RaffleRow): void {
  const before = world.mark()
  const opened = openRaffle(world, raffle)
  if (opened.ok) return
  world.undo(before)
  // It waits for a hand: the desk shows why, and what to do.
  tellChanged(world, world.put(raffles, { ...raffle, opensAt: null, why: opened.refusal.sentence }))
}

/** Its time is over; where that came while the bot was away, people get some of it back. */
function closeByTime(world: World, raffle: RaffleRow, due: UnixSeconds): void {
  if (world.at - due <= LATE) {
    closeRaffle(world, raffle, 'time')
    return
  }
  const longer = setTimers(world, { ...raffle, closesAt: world.at + MORE_SECONDS })
  tell(world, `The bot was away. “${raffle.settings.title}” stays open for ${MORE_SECONDS / 60} more minutes.`)
  tellChanged(world, longer)
}

function remind(world: World, raffle: RaffleRow): void {
  tell(world, remindInWords(world, raffle))
  const { people, tickets } = totalsOf(world, raffle.id)
  world.moment('raffleReminder', null, { ...figuresOf(raffle), people, tickets })
}

function soon(world: World, raffle: RaffleRow): void {
  const { people, tickets } = totalsOf(world, raffle.id)
  const seconds = Math.max(0, (raffle.closesAt ?? world.at) - world.at)
  world.moment('raffleClosingSoon', null, { ...figuresOf(raffle), people, tickets, seconds })
}

function claimOver(world: World, raffle: RaffleRow, draw: number, due: UnixSeconds): void {
  const waiting = raffle.waiting.find((one) => one.draw === draw)
  const winner = world.get(winners, winnerKey(raffle.id, draw))
  if (waiting?.until !== due || winner?.state !== 'waiting') return
  if (world.at - due > LATE) {
    waitAgain(world, raffle, winner)
    return
  }
  const out = missed(world, raffle, winner)
  if (raffle.settings.redraw !== 'itself') return
  const before = world.mark()
  if (!drawRaffle(world, world.get(raffles, raffle.id) ?? out, out.draws + 1).ok) world.undo(before)
}

function cheerMore(world: World, raffle: RaffleRow, due: UnixSeconds): void {
  const row = world.get(cheers, raffle.id)
  if (row?.until !== due || row.more === 0) return
  playCheer(world, raffle, `${digits(row.more)} more`)
  world.put(cheers, { ...row, until: world.at, more: 0 })
}

declare module '../world/timers.ts' {
  interface TimedIntents {
    'raffle.tick': RaffleTick
  }
}
