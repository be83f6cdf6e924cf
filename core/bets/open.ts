import { firstFault } from '../faults.ts'
import { openAccount } from '../ledger/index.ts'
import { showSaved } from '../screen/index.ts'
import { showOnAir } from '../show/index.ts'
import { ok, type Result, refuse, type World } from '../world/index.ts'
import { alertIds, betFaults, fixedIn } from './faults.ts'
import { type BetRow, betEvidence, bets, betTotals, betTotalsOf, nothingOn, runningBets } from './rows.ts'
import type { BetSettings } from './schema.ts'
import { figuresOf, openedInWords, tell, tellChanged } from './tell.ts'
import { lockLater } from './timers.ts'

/** So many bets run at once at most: more than anybody follows, and a bound for what is kept in memory. */
const MOST_RUNNING = 20

export interface BetOpening {
  readonly settings: BetSettings
  /** The template it is opened from; null: none that is kept. */
  readonly template: number | null
  readonly byName: string
}

/** Opens a bet: from now on people lay, and its clock runs. One that is not whole is refused. */
export function openBet(world: World, { settings, template, byName }: BetOpening): Result<BetRow> {
  const fault = firstFault(betFaults(settings, alertIds(world)))
  if (fault !== undefined) return refuse('bet_invalid', fault)
  const show = showOnAir(world)
  if (settings.onAir && show === undefined)
    return refuse('bet_off_air', 'Bets are laid on air, and you are off air. Go on air first, or allow bets off air.')
  if (runningBets(world).length >= MOST_RUNNING)
    return refuse('bets_full', `${MOST_RUNNING} bets run already. Settle some of them, or call them off.`)
  const id = world.nextId()
  openAccount(world, id, 'pot')
  const bet = world.put(bets, {
    id,
    template,
    settings,
    status: 'open',
    byName,
    openedAt: world.at,
    locksAt: null,
    lockedAt: null,
    show: show?.id ?? null,
    pick: null,
    payment: null,
    paidTo: 0,
    endedAt: null,
    why: null,
  })
  world.put(betEvidence, { id, note: '', link: '' })
  world.put(betTotals, betTotalsOf(world, bet))
  const opened = lockLater(world, bet, settings.openSeconds === 0 ? null : world.at + settings.openSeconds)
  tell(world, openedInWords(world, opened))
  tellChanged(world, opened)
  showFor(world, opened, 'opened', '')
  world.moment('betOpened', null, figuresOf(opened))
  return ok(opened)
}

/** Shows the alert that a bet has for something, if it has one. */
export function showFor(world: World, { settings }: BetRow, what: 'opened' | 'settled', line: string): void {
  const alert = settings.announce[what]
  if (alert === null) return
  showSaved(world, alert, {
    viewer: { name: settings.question },
    reward: { name: settings.question },
    order: { text: line, cost: '' },
  })
}

/** Changes a bet that is open or locked. Once somebody has bet, what they bet on stays as it is. */
export function changeSettings(world: World, bet: BetRow, settings: BetSettings): Result<BetRow> {
  if (bet.status !== 'open' && bet.status !== 'locked')
    return refuse('bet_paying', 'There is a winner already: nothing of it can be changed.')
  const fault = firstFault(betFaults(settings, alertIds(world)))
  if (fault !== undefined) return refuse('bet_invalid', fault)
  const fixed = fixedIn(bet.settings, settings)
  if (fixed !== undefined && betTotalsOf(world, bet).last > 0)
    return refuse(
      'bet_fixed',
      `Somebody has bet already, so ${fixed} cannot change. Call it off (everybody is refunded), and open it again with the change.`,
    )
  const changed = world.put(bets, { ...bet, settings })
  if (settings.outcomes.length !== bet.settings.outcomes.length)
    world.put(betTotals, { ...betTotalsOf(world, bet), ...nothingOn(settings) })
  const sameTime = settings.openSeconds === bet.settings.openSeconds
  const end = settings.openSeconds === 0 ? null : Math.max(world.at, bet.openedAt + settings.openSeconds)
  const timed = bet.status === 'open' && !sameTime ? lockLater(world, changed, end) : changed
  tellChanged(world, timed)
  return ok(timed)
}
