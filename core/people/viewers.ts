import { accounts, openAccount } from '../ledger/index.ts'
import type { UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable, type Need, needKey, needLookup, noId, type World } from '../world/index.ts'
import { type AccountKey, type AccountRef, accountColumns, keyOf } from './account.ts'
import { barred } from './barred.ts'
import { shownName } from './names.ts'

/** Somebody as chat or sign-in shows them. `account` identifies the person; the name may change. */
export interface Who extends AccountRef {
  readonly account: string
  readonly name: string
  /** Left out where the source cannot tell: what is known stays. */
  readonly moderator?: boolean
  /** The source says that this is a program: whoever is new and one is ignored. */
  readonly bot?: boolean
}

/** Somebody known to the channel. Times in seconds since 1970, durations in seconds. */
export interface ViewerRow {
  readonly id: ViewerId
  /** Who issued their account; see `AccountRef`. */
  readonly issuer: string
  readonly account: string
  readonly accountKey: AccountKey
  /** As shown everywhere: the nickname if the team gave one, else the chat name. */
  readonly name: string
  readonly chatName: string
  /** The chat name in lower case: what others type to mean this person. */
  readonly handle: string
  readonly nickname: string | null
  readonly moderator: boolean
  /** Has shown by a code or a second sign-in that another account is theirs, too. */
  readonly linked: boolean
  /** Other bots: they never earn and appear in no list. */
  readonly ignored: boolean
  readonly present: boolean
  /** The rooms in which they are. */
  readonly rooms: readonly number[]
  readonly presentSince: UnixSeconds | null
  readonly chattedAt: UnixSeconds | null
  /** When they first followed; a follow is paid once in a viewer's life. */
  readonly followedAt: UnixSeconds | null
  /** 1 to 3, 0: none ever. Counts until `subscribedUntil`. */
  readonly tier: number
  readonly subscribedSince: UnixSeconds | null
  readonly subscribedUntil: UnixSeconds | null
  /** Ids of the circles they are in. */
  readonly circles: readonly number[]
  /** What a hand decided about circles, by their id: it outweighs their rules. */
  readonly circlesByHand: Readonly<Record<string, 'in' | 'out'>>
  /** The id of the rank held, as last looked at. */
  readonly rank: number | null
  /** The measure from which the rank must be looked at again; null: never by measure alone. */
  readonly rankNext: number | null
  /** Wants to be in no public list. */
  readonly unlisted: boolean
  readonly archivedAt: UnixSeconds | null
  /** Barred from wagering until then (Unix seconds) since before they were forgotten; 0: not. */
  readonly barredUntil: UnixSeconds
  /** The person whose second account this was. */
  readonly mergedInto: number | null
  /** When their account was made, where a file of people told it; null: not known. */
  readonly accountMadeAt: UnixSeconds | null
  readonly firstSeenAt: UnixSeconds
  readonly lastSeenAt: UnixSeconds
}

export const viewers = defineTable<ViewerRow>('viewer', 'keyed', (row) => row.id, ['accountKey', 'handle'])

/** Another account of somebody known: merged into theirs, or matched by hand. */
export interface AliasRow {
  /** The account's key. */
  readonly account: AccountKey
  readonly viewer: ViewerId
}

export const aliases = defineTable<AliasRow>('alias', 'keyed', (row) => row.account, [], noId)

/** What an intent about somebody known by account needs: the person, by an alias if need be, and their wallet. */
export function needViewer(world: World, account: AccountKey): Need[] {
  const byAccount = needLookup(viewers, 'accountKey', account)
  if (!world.rows.has(byAccount)) return [byAccount]
  const viewer = world.find(viewers, 'accountKey', account)
  if (viewer !== undefined) return [byAccount, needKey(accounts, viewer.id)]
  const byAlias = needKey(aliases, account)
  const alias = world.rows.has(byAlias) ? world.get(aliases, account) : undefined
  return alias === undefined
    ? [byAccount, byAlias, needKey(barred, account)]
    : [byAccount, byAlias, ...needPerson(alias.viewer)]
}

/** What an intent about somebody known by id needs. */
export const needPerson = (id: number): Need[] => [needKey(viewers, id), needKey(accounts, id)]

/** Whoever gets what is meant for somebody: the person their account was merged into meanwhile. */
export const payeeOf = (world: World, viewer: ViewerId): number => world.get(viewers, viewer)?.mergedInto ?? viewer

/** What paying somebody needs: their row, and the wallet of whoever gets it. To be asked again until nothing is missing. */
export function needPayee(world: World, viewer: ViewerId): { readonly payee: number; readonly needs: Need[] } {
  const known = needKey(viewers, viewer)
  const payee = world.rows.has(known) ? payeeOf(world, viewer) : viewer
  return { payee, needs: [known, needKey(accounts, payee)] }
}

/** Somebody by their account or by another account of theirs. Needs `needViewer`. */
export function findViewer(world: World, account: AccountKey): ViewerRow | undefined {
  const known = world.find(viewers, 'accountKey', account)
  if (known !== undefined) return known
  const alias = world.get(aliases, account)
  return alias && whoItIsNow(world, alias.viewer)
}

/** A person, or whom they were made one with since. */
function whoItIsNow(world: World, id: ViewerId): ViewerRow | undefined {
  const found = world.get(viewers, id)
  return found === undefined || found.mergedInto === null ? found : whoItIsNow(world, found.mergedInto)
}

/** Finds somebody by account, or makes their acquaintance: a row and an empty wallet. Keeps name and standing current. */
export function meet(world: World, who: Who): ViewerRow {
  const known = findViewer(world, keyOf(who))
  const chatName = shownName(who.name, who.account)
  if (known === undefined) return acquaint(world, who, chatName)
  const moderator = who.moderator ?? known.moderator
  // What a program says first tells that it is one; from then on the team decides.
  if (who.bot && known.chattedAt === null && !known.ignored) return world.put(viewers, { ...known, ignored: true })
  // Seen through a second account: that account's name is not theirs.
  if (known.accountKey !== keyOf(who) || (known.chatName === chatName && known.moderator === moderator)) return known
  return world.put(viewers, { ...known, ...namesOf(chatName, known.nickname), moderator })
}

/** The three forms of a person's name. */
export const namesOf = (chatName: string, nickname: string | null) => ({
  name: nickname ?? chatName,
  chatName,
  handle: chatName.toLowerCase(),
  nickname,
})

function acquaint(world: World, who: Who, chatName: string): ViewerRow {
  const id = world.nextId()
  openAccount(world, id, 'wallet')
  return world.put(viewers, {
    id,
    ...accountColumns(who),
    ...namesOf(chatName, null),
    moderator: who.moderator ?? false,
    linked: false,
    ignored: who.bot ?? false,
    present: false,
    rooms: [],
    presentSince: null,
    chattedAt: null,
    followedAt: null,
    tier: 0,
    subscribedSince: null,
    subscribedUntil: null,
    circles: [],
    circlesByHand: {},
    rank: null,
    rankNext: 0,
    unlisted: false,
    archivedAt: null,
    barredUntil: world.get(barred, keyOf(who))?.until ?? 0,
    mergedInto: null,
    accountMadeAt: null,
    firstSeenAt: world.at,
    lastSeenAt: world.at,
  })
}
