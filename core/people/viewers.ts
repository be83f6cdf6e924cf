import { accounts, openAccount } from '../ledger/index.ts'
import { defineTable, type Need, needKey, needLookup, type World } from '../world/index.ts'
import { shownName } from './names.ts'

/** Somebody as chat or sign-in shows them. `account` identifies the person; the name may change. */
export interface Who {
  readonly account: string
  readonly name: string
  /** Left out where the source cannot tell: what is known stays. */
  readonly moderator?: boolean
}

/** Somebody known to the channel. Times in seconds since 1970, durations in seconds. */
export interface ViewerRow {
  readonly id: number
  readonly account: string
  readonly name: string
  readonly moderator: boolean
  /** Other bots: they never earn and appear in no list. */
  readonly ignored: boolean
  readonly present: boolean
  readonly presentSince: number | null
  readonly chattedAt: number | null
  /** When they first followed; a follow is paid once in a viewer's life. */
  readonly followedAt: number | null
  readonly firstSeenAt: number
  readonly lastSeenAt: number
}

export const viewers = defineTable<ViewerRow>('viewer', 'keyed', (row) => row.id, ['account'])

/** What an intent about somebody known by account needs: the person, and then their wallet. */
export function needViewer(world: World, account: string): Need[] {
  const byAccount = needLookup(viewers, 'account', account)
  const viewer = world.rows.has(byAccount) ? world.find(viewers, 'account', account) : undefined
  return viewer === undefined ? [byAccount] : [byAccount, needKey(accounts, viewer.id)]
}

/** Finds somebody by account, or makes their acquaintance: a row and an empty wallet. Keeps name and standing current. */
export function meet(world: World, who: Who): ViewerRow {
  const known = world.find(viewers, 'account', who.account)
  const name = shownName(who.name, who.account)
  if (known !== undefined) {
    const moderator = who.moderator ?? known.moderator
    if (known.name === name && known.moderator === moderator) return known
    return world.put(viewers, { ...known, name, moderator })
  }
  const id = world.nextId()
  openAccount(world, id, 'wallet')
  return world.put(viewers, {
    id,
    account: who.account,
    name,
    moderator: who.moderator ?? false,
    ignored: false,
    present: false,
    presentSince: null,
    chattedAt: null,
    followedAt: null,
    firstSeenAt: world.at,
    lastSeenAt: world.at,
  })
}
