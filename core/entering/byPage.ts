import { balanceOf } from '../ledger/index.ts'
import { findViewer, keyOf, meet, needWatch, type Who } from '../people/index.ts'
import {
  claimByPress,
  enterRaffle,
  leaveRaffle,
  needClaim,
  needEntry,
  runningRaffle,
  type Wanted,
} from '../raffles/index.ts'
import type { RaffleId } from '../schema.ts'
import { type Handler, ok, refuse } from '../world/index.ts'

export interface EnterRaffle {
  readonly kind: 'raffle.enter'
  readonly who: Who
  readonly raffle: RaffleId
  /** `leave`: out again. */
  readonly wanted: Wanted | 'leave'
}

/** Entering a raffle on the viewer page, or leaving it: the same as in chat. */
export const enterByPage = {
  needs(world, { who, raffle }) {
    const needed = needWatch(world, keyOf(who))
    if (!needed.every((need) => world.rows.has(need))) return needed
    return [...needed, ...needEntry(raffle, findViewer(world, keyOf(who))?.id)]
  },
  decide(world, { who, raffle: id, wanted }) {
    const viewer = meet(world, who)
    const raffle = runningRaffle(world, id)
    if (raffle === undefined) return refuse('raffle_closed', 'This raffle is over.')
    const done =
      wanted === 'leave' ? leaveRaffle(world, raffle, viewer) : enterRaffle(world, raffle, viewer, wanted, 'page')
    return done.ok ? ok({ ...done.value, balance: balanceOf(world, viewer.id) }) : done
  },
} satisfies Handler<EnterRaffle>

export interface ClaimPrize {
  readonly kind: 'raffle.claim'
  readonly who: Who
}

/** A winner speaks up on the viewer page. */
export const claimByPage = {
  needs(world, { who }) {
    const needed = needWatch(world, keyOf(who))
    if (!needed.every((need) => world.rows.has(need))) return needed
    const viewer = findViewer(world, keyOf(who))
    return viewer === undefined ? needed : [...needed, ...needClaim(world, viewer.id)]
  },
  decide(world, { who }) {
    const claimed = claimByPress(world, meet(world, who).id)
    return claimed.ok ? ok({ claimed: claimed.value }) : claimed
  },
} satisfies Handler<ClaimPrize>
