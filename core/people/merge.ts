import { accounts, BOOKS, balanceOf, payUpTo, transfer } from '../ledger/index.ts'
import type { Amount, ViewerId } from '../schema.ts'
import { type Handler, needKey, ok, refuse, type World } from '../world/index.ts'
import { accountColumns, FORGOTTEN, MERGED } from './account.ts'
import { habitOf, habits } from './habits.ts'
import { noteOwner } from './link.ts'
import { isTestViewer } from './testViewer.ts'
import { aliases, needPerson, type ViewerRow, viewers } from './viewers.ts'
import { watches, watchOf } from './watch.ts'

export interface MergePeople {
  readonly kind: 'people.merge'
  /** The account that is given up. */
  readonly from: number
  /** The person who stays. */
  readonly into: number
  /** They have shown themselves that both are theirs. */
  readonly linked?: true
}

const needAll = (id: number) => [...needPerson(id), needKey(watches, id), needKey(habits, id)]

/**
 * Makes one person of two accounts: balance, hours, earnings and tallies are added up, and whoever comes with the account
 * that was given up is the person who stays. Its trail stays where it is; both trails say where the rest went.
 */
export const mergePeople = {
  needs: (world, intent) => {
    const from = world.rows.has(needKey(viewers, intent.from)) ? world.get(viewers, intent.from) : undefined
    return [...needAll(intent.from), ...needAll(intent.into), ...(from ? [needKey(aliases, from.accountKey)] : [])]
  },
  decide(world, intent) {
    const [from, into] = [world.get(viewers, intent.from), world.get(viewers, intent.into)]
    if (from === undefined || into === undefined || from.mergedInto !== null || into.mergedInto !== null)
      return refuse('viewer_not_found', 'One of them is no longer known here. Reload the page.')
    // Their currency is in no figure: merged, it would be.
    if (isTestViewer(from) || isTestViewer(into))
      return refuse('merge_test_viewer', 'The test viewer cannot be merged with anybody. Choose another person.')
    if (from.id === into.id) return refuse('merge_with_self', 'Choose another person to merge with.')
    // Who is ignored does not get out of it by being one with another account of theirs; the team may decide so.
    if (intent.linked && (from.ignored || into.ignored))
      return refuse('viewer_ignored', 'One of these accounts is ignored in this channel. Ask the team.')
    if (from.present) return refuse('merge_present', `${from.name} is in the room. Merge when they have left.`)
    const moved = balanceOf(world, from.id)
    if (moved > 0) moveBalance(world, from, into, moved)
    addEarned(world, from.id, into.id)
    addWatched(world, from.id, into.id)
    addHabits(world, from.id, into.id)
    world.put(viewers, { ...joined(from, into), ...(intent.linked && { linked: true }) })
    world.put(viewers, {
      ...from,
      ...accountColumns({ issuer: MERGED, account: String(from.id) }),
      mergedInto: into.id,
      circles: [],
      rank: null,
    })
    world.put(aliases, { account: from.accountKey, viewer: into.id })
    noteOwner(world, from.accountKey, into.id)
    world.fact('people.changed', 'desk', { viewers: 2 })
    world.fact('balance.changed', `viewer:${into.id}`, { balance: balanceOf(world, into.id) })
    return ok({ viewer: into.id, moved })
  },
} satisfies Handler<MergePeople>

function moveBalance(world: World, from: ViewerRow, into: ViewerRow, amount: Amount): void {
  const detail = { from: from.name, into: into.name }
  const moved = payUpTo(world, { from: from.id, to: into.id, amount, reason: 'merged', detail })
  // What has no room in one wallet cannot stay in one that nobody opens any more.
  if (moved < amount)
    transfer(world, { from: from.id, to: BOOKS.adjusted, amount: amount - moved, reason: 'merged', detail })
}

function addEarned(world: World, from: number, into: number): void {
  const [given, kept] = [world.get(accounts, from), world.get(accounts, into)]
  if (given === undefined || kept === undefined) return
  world.put(accounts, { ...kept, earned: kept.earned + given.earned })
  world.put(accounts, { ...given, earned: 0 })
}

function addWatched(world: World, from: number, into: number): void {
  const [given, kept] = [watchOf(world, from), watchOf(world, into)]
  if (given.watchedSeconds === 0) return
  const sameShow = given.showId !== null && given.showId === kept.showId
  world.put(watches, {
    ...kept,
    watchedSeconds: kept.watchedSeconds + given.watchedSeconds,
    showSeconds: kept.showSeconds + (sameShow ? given.showSeconds : 0),
    ...(given.attendedShow > kept.attendedShow && { attended: given.attended, attendedShow: given.attendedShow }),
  })
  world.put(watches, { ...given, watchedSeconds: 0, showSeconds: 0, attended: 0 })
}

function addHabits(world: World, from: number, into: number): void {
  const [given, kept] = [habitOf(world, from), habitOf(world, into)]
  if (given.checkIns === 0) return
  const later = given.checkedIn > kept.checkedIn ? given : kept
  world.put(habits, {
    ...kept,
    checkedIn: later.checkedIn,
    streak: later.streak,
    bestStreak: Math.max(given.bestStreak, kept.bestStreak),
    checkIns: given.checkIns + kept.checkIns,
    allowanceAt: Math.max(given.allowanceAt, kept.allowanceAt),
  })
}

/** What of the two is true for the one who stays: the earlier beginning, the higher standing, all circles joined by hand. */
function joined(from: ViewerRow, into: ViewerRow): ViewerRow {
  const subscribed = from.tier > into.tier ? from : into
  return {
    ...into,
    moderator: into.moderator || from.moderator,
    linked: into.linked || from.linked,
    followedAt: earlier(from.followedAt, into.followedAt),
    tier: subscribed.tier,
    subscribedSince: earlier(from.subscribedSince, into.subscribedSince),
    subscribedUntil: subscribed.subscribedUntil,
    circlesByHand: { ...from.circlesByHand, ...into.circlesByHand },
    accountMadeAt: earlier(from.accountMadeAt, into.accountMadeAt),
    barredUntil: Math.max(from.barredUntil, into.barredUntil),
    firstSeenAt: Math.min(from.firstSeenAt, into.firstSeenAt),
    lastSeenAt: Math.max(from.lastSeenAt, into.lastSeenAt),
  }
}

const earlier = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? (a ?? b) : Math.min(a, b)

export interface ForgetPerson {
  readonly kind: 'people.forget'
  readonly viewer: ViewerId
  /** Their name as shown, typed again: what is forgotten cannot be brought back. */
  readonly confirm: string
  /** The account that is forgotten, noted by the writer for what lies outside the rules: where they are signed in. */
  readonly account?: string
}

/**
 * Forgets a person for good: names and account go, what they hold goes back to the books, and their transfers stay as
 * somebody's who cannot be told any more, so that the ledger still sums to 0.
 */
export const forgetPerson = {
  needs: (_world, intent) => [...needPerson(intent.viewer), needKey(watches, intent.viewer)],
  decide(world, intent) {
    const viewer = world.get(viewers, intent.viewer)
    if (viewer === undefined) return refuse('viewer_not_found', 'This person is no longer known here.')
    if (viewer.present)
      return refuse('forget_present', `${viewer.name} is in the room. Forget them when they have left.`)
    if (intent.confirm.trim() !== viewer.name)
      return refuse('confirm_wrong', `Type the name exactly as it stands here: ${viewer.name}`)
    const amount = balanceOf(world, viewer.id)
    if (amount > 0) transfer(world, { from: viewer.id, to: BOOKS.adjusted, amount, reason: 'forgotten' })
    const name = `somebody ${viewer.id}`
    world.put(viewers, {
      ...viewer,
      ...accountColumns({ issuer: FORGOTTEN, account: String(viewer.id) }),
      name,
      chatName: name,
      handle: name,
      nickname: null,
      moderator: false,
      ignored: true,
      followedAt: null,
      tier: 0,
      circles: [],
      circlesByHand: {},
      rank: null,
      archivedAt: world.at,
    })
    world.fact('people.changed', 'desk', { viewers: 1 })
    return ok({ forgotten: viewer.id, amount })
  },
} satisfies Handler<ForgetPerson>
