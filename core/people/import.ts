import { BOOKS, balanceOf, MAX_AMOUNT, transfer } from '../ledger/index.ts'
import type { Amount, Seconds, UnixSeconds } from '../schema.ts'
import { defineTable, type Handler, keysOf, needKey, noId, ok, type World } from '../world/index.ts'
import { type AccountRef, chatRef, FORGOTTEN, keyOf, MERGED } from './account.ts'
import { openCircles } from './circles.ts'
import { ignore } from './keep.ts'
import { shownName } from './names.ts'
import { findViewer, meet, namesOf, type ViewerRow, viewers } from './viewers.ts'
import { needWatch, watches, watchOf } from './watch.ts'

/** What a file says of somebody beside their figures; what is left out stays. Times in seconds since 1970; null: none. */
export interface ImportKept {
  readonly nickname?: string | null
  readonly moderator?: boolean
  readonly followedAt?: UnixSeconds | null
  /** 0: no subscriber. */
  readonly tier?: number
  readonly subscribedUntil?: UnixSeconds | null
  /** Ids; those that are not here are left out. */
  readonly circles?: readonly number[]
  readonly ignored?: boolean
  readonly unlisted?: boolean
}

/** A line of a file of people, read and found to be in order. */
export interface ImportLine {
  /** Left out: the chat network. */
  readonly issuer?: string
  readonly account: string
  readonly name: string
  /** Null: the file says nothing about it. */
  readonly balance: Amount | null
  readonly seconds: Seconds | null
  readonly kept?: ImportKept
}

/** A part of a file that has been taken in, by a digest of its content: taken in again it changes nothing. */
export interface ImportRow {
  readonly digest: string
  readonly at: UnixSeconds
  readonly by: string
  readonly lines: number
}

export const imports = defineTable<ImportRow>('import', 'keyed', (row) => row.digest, [], noId)

export interface ImportPeople {
  readonly kind: 'people.import'
  readonly digest: string
  readonly lines: readonly ImportLine[]
  /** `add`: on top of what they have here. `set`: what they have here is replaced. */
  readonly how: 'add' | 'set'
  readonly by: string
}

/** The most lines in one intent, so that chat does not wait behind it. */
export const MOST_IMPORTED = 1000

/** Takes people in from a file: makes those known who are not, and gives each the file's balance and hours. */
export const importPeople = {
  needs: (world, intent) => [
    needKey(imports, intent.digest),
    ...intent.lines.flatMap((line) => needWatch(world, keyOf(refIn(world, line)))),
  ],
  decide(world, { digest, lines, how, by }) {
    const before = world.get(imports, digest)
    if (before !== undefined) return ok({ again: true, added: 0, changed: 0 })
    let [added, changed] = [0, 0]
    for (const line of lines) {
      if (isOfNobody(line)) continue
      if (findViewer(world, keyOf(refIn(world, line))) === undefined) added++
      if (takeIn(world, line, how, by)) changed++
    }
    world.put(imports, { digest, at: world.at, by, lines: lines.length })
    world.fact('people.adjusted', 'desk', { of: 'import', changed, total: 0 })
    return ok({ again: false, added, changed })
  },
} satisfies Handler<ImportPeople>

const refIn = (world: World, { issuer, account }: ImportLine): AccountRef =>
  issuer === undefined ? chatRef(world, account) : { issuer, account }

/** Accounts of our own that stand for nobody any more. */
const isOfNobody = ({ issuer }: ImportLine): boolean => issuer === MERGED || issuer === FORGOTTEN

function takeIn(world: World, line: ImportLine, how: 'add' | 'set', by: string): boolean {
  const met = meet(world, { ...refIn(world, line), name: line.name })
  const viewer = keep(world, met, line.kept)
  const held = balanceOf(world, viewer.id)
  const change =
    line.balance === null ? 0 : how === 'set' ? line.balance - held : Math.min(line.balance, MAX_AMOUNT - held)
  if (change !== 0) {
    const [from, to] = change > 0 ? [BOOKS.adjusted, viewer.id] : [viewer.id, BOOKS.adjusted]
    transfer(world, { from, to, amount: Math.abs(change), reason: 'imported', detail: { by } })
  }
  const watch = watchOf(world, viewer.id)
  const watchedSeconds =
    line.seconds === null ? watch.watchedSeconds : line.seconds + (how === 'set' ? 0 : watch.watchedSeconds)
  if (watchedSeconds !== watch.watchedSeconds) world.put(watches, { ...watch, watchedSeconds })
  return change !== 0 || watchedSeconds !== watch.watchedSeconds || viewer !== met
}

function keep(world: World, viewer: ViewerRow, kept: ImportKept | undefined): ViewerRow {
  if (kept === undefined) return viewer
  const { nickname, circles, ignored, ...plain } = kept
  const known = openCircles(world).map(({ id }) => id)
  const named = nickname === undefined ? viewer.nickname : shownName(nickname ?? '', '') || null
  const subscribedSince = plain.tier ? (viewer.subscribedSince ?? world.at) : viewer.subscribedSince
  const next: ViewerRow = {
    ...viewer,
    ...plain,
    ...namesOf(viewer.chatName, named),
    subscribedSince,
    circles: circles === undefined ? viewer.circles : known.filter((id) => circles.includes(id)),
  }
  const changed = keysOf(next).some((key) => JSON.stringify(next[key]) !== JSON.stringify(viewer[key]))
  const now = changed ? world.put(viewers, next) : viewer
  return ignored === undefined || ignored === now.ignored ? now : ignore(world, now, ignored)
}
