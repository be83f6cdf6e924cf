import { hasRate, type Support } from '../earning/index.ts'
import { chatRef, keyOf, rememberAlias, viewers } from '../people/index.ts'
import type { UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable, type Handler, ok, refuse, type World } from '../world/index.ts'
import { thank } from './thank.ts'
import { keepTip } from './waitingTips.ts'

/** Support by somebody whom chat does not know under that name: waits for a hand to say who it was. */
export interface SupporterRow {
  readonly id: number
  readonly at: UnixSeconds
  readonly account: string
  readonly name: string
  readonly support: Support
  readonly status: 'waiting' | 'matched' | 'dismissed'
  readonly viewer: ViewerId | null
}

export const supporters = defineTable<SupporterRow>('supporter', 'keyed', (row) => row.id)

/** Puts support by an unknown account aside, to be matched to a person by hand. */
export function putAside(world: World, account: string, name: string, support: Support): SupporterRow {
  const row: SupporterRow = {
    id: world.nextId(),
    at: world.at,
    account,
    name,
    support,
    status: 'waiting',
    viewer: null,
  }
  world.fact('supporter.waits', 'desk', { supporter: row.id, name })
  return world.put(supporters, row)
}

export interface MatchSupporter {
  readonly kind: 'supporter.match'
  readonly supporter: number
  /** Null: nobody; it is let go. */
  readonly viewer: ViewerId | null
}

/** Says who an unknown supporter was: pays them for it, and knows the account from then on. */
export const matchSupporter = {
  decide(world, intent) {
    const row = world.get(supporters, intent.supporter)
    if (row?.status !== 'waiting') return refuse('supporter_not_found', 'This has been dealt with. Reload the page.')
    if (intent.viewer === null) {
      world.put(supporters, { ...row, status: 'dismissed' })
      world.fact('supporter.matched', 'desk', { supporter: row.id })
      return ok({ paid: 0 })
    }
    const viewer = world.get(viewers, intent.viewer)
    if (viewer === undefined || viewer.mergedInto !== null)
      return refuse('viewer_not_found', 'This person is no longer known here. Reload the page.')
    world.put(supporters, { ...row, status: 'matched', viewer: viewer.id })
    rememberAlias(world, keyOf(chatRef(world, row.account)), viewer.id)
    world.fact('supporter.matched', 'desk', { supporter: row.id, viewer: viewer.id })
    const paid = thank(world, viewer, row.support)
    const { support } = row
    if (support.kind === 'tip' && support.currency !== undefined && !hasRate(world, support.currency))
      keepTip(world, viewer, support.minorUnits, support.currency)
    return ok({ paid })
  },
} satisfies Handler<MatchSupporter>
