import { BOOKS, balanceOf, MAX_AMOUNT, transfer } from '../ledger/index.ts'
import type { Amount, Seconds, UnixSeconds, ViewerId } from '../schema.ts'
import {
  defineTable,
  type Handler,
  keysOf,
  needKey,
  noId,
  ok,
  type Result,
  refuse,
  type World,
} from '../world/index.ts'
import { type AccountRef, chatRef, FORGOTTEN, keyOf, MERGED } from './account.ts'
import { adjustments, type ImportedLine } from './adjustments.ts'
import { openCircles } from './circles.ts'
import { ignore } from './keep.ts'
import { shownName } from './names.ts'
import { TEST } from './testViewer.ts'
import { UNDO_RESET_SECONDS } from './undo.ts'
import { findViewer, meet, namesOf, type ViewerRow, viewers } from './viewers.ts'
import { needWatch, watches, watchOf } from './watch.ts'

/** What a file says of somebody beside their figures; what is left out stays. Times in seconds since 1970; null: none. */
export interface ImportKept {
  readonly nickname?: string | null
  readonly moderator?: boolean
  readonly followedAt?: UnixSeconds | null
  /** 0: no subscriber. */
  readonly tier?: number
  readonly subscribedSince?: UnixSeconds | null
  readonly subscribedUntil?: UnixSeconds | null
  readonly accountMadeAt?: UnixSeconds | null
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
  /** When it was taken back: then it can be taken in again. */
  readonly undoneAt: UnixSeconds | null
}

export const imports = defineTable<ImportRow>('import', 'keyed', (row) => row.digest, [], noId)

export interface ImportPeople {
  readonly kind: 'people.import'
  readonly digest: string
  readonly lines: readonly ImportLine[]
  /** `add`: on top of what they have here. `set`: what they have here is replaced. */
  readonly how: 'add' | 'set'
  readonly by: string
  /** What it is called in the list of what can be taken back: the file's name. */
  readonly called?: string
  /** The most that whoever does it may give or take per person; null: no limit. */
  readonly mostAdjusted?: Amount | null
}

/** The most lines in one intent, so that chat does not wait behind it. */
export const MOST_IMPORTED = 1000

/**
 * Takes people in from a file: makes those known who are not, and gives each the file's balance and hours. It can be taken
 * back for a day.
 */
export const importPeople = {
  needs: (world, intent) => [
    needKey(imports, intent.digest),
    ...intent.lines.flatMap((line) => needWatch(world, keyOf(refIn(world, line)))),
  ],
  decide(world, { digest, lines, how, by, called = '', mostAdjusted = null }) {
    const before = world.get(imports, digest)
    if (before !== undefined && before.undoneAt === null) return ok({ again: true, added: 0, changed: 0 })
    const beyond = tooMuch(world, lines, how, mostAdjusted)
    if (beyond !== undefined) return beyond
    const took = lines.filter((line) => !isOfNobody(line)).map((line) => takeIn(world, line, how, by))
    const changed = took.filter((line) => line !== undefined)
    world.put(imports, { digest, at: world.at, by, lines: lines.length, undoneAt: null })
    const adjustment = world.nextId()
    world.put(adjustments, {
      ...{ id: adjustment, at: world.at, by, of: 'import', how: how === 'add' ? 'give' : 'set', amount: 0 },
      ...{
        why: called.slice(0, 100),
        lines: changed,
        undoneAt: null,
        undoUntil: world.at + UNDO_RESET_SECONDS,
        digest,
      },
    })
    const total = changed.reduce((sum, { change }) => sum + change, 0)
    world.fact('people.adjusted', 'desk', { adjustment, of: 'import', changed: changed.length, total })
    return ok({ again: false, added: changed.filter(({ made }) => made).length, changed: changed.length })
  },
} satisfies Handler<ImportPeople>

const refIn = (world: World, { issuer, account }: ImportLine): AccountRef =>
  issuer === undefined ? chatRef(world, account) : { issuer, account }

/** Accounts of our own that stand for nobody any more, or never for anybody. */
const isOfNobody = ({ issuer }: Pick<ImportLine, 'issuer'>): boolean =>
  issuer === MERGED || issuer === FORGOTTEN || issuer === TEST

function balanceChange(
  world: World,
  viewer: ViewerRow | undefined,
  balance: Amount | null,
  how: 'add' | 'set',
): number {
  if (balance === null) return 0
  const held = viewer === undefined ? 0 : balanceOf(world, viewer.id)
  return how === 'set' ? balance - held : Math.min(balance, MAX_AMOUNT - held)
}

/** A file is no way around what somebody may give by hand. */
function tooMuch(
  world: World,
  lines: readonly ImportLine[],
  how: 'add' | 'set',
  most: Amount | null,
): Result<never> | undefined {
  if (most === null) return undefined
  const beyond = lines.find((line) => {
    const known = findViewer(world, keyOf(refIn(world, line)))
    return Math.abs(balanceChange(world, known, line.balance, how)) > most
  })
  return (
    beyond &&
    refuse(
      'rights_beyond',
      `You may adjust a balance by ${most} at most, and the file changes that of ${beyond.name} by more. Ask an owner for more.`,
    )
  )
}

function takeIn(world: World, line: ImportLine, how: 'add' | 'set', by: string): ImportedLine | undefined {
  const known = findViewer(world, keyOf(refIn(world, line)))
  // Whoever has been here is called what they are called today: a file may be older than that.
  const met = known !== undefined && wasHere(known) ? known : meet(world, { ...refIn(world, line), name: line.name })
  const viewer = keep(world, met, line.kept)
  const change = balanceChange(world, viewer, line.balance, how)
  if (change !== 0) moveImported(world, viewer.id, change, by)
  const watch = watchOf(world, viewer.id)
  const seconds = line.seconds === null ? 0 : line.seconds - (how === 'set' ? watch.watchedSeconds : 0)
  if (seconds !== 0) world.put(watches, { ...watch, watchedSeconds: watch.watchedSeconds + seconds })
  const made = known === undefined
  if (!made && change === 0 && seconds === 0 && viewer === known) return undefined
  const named = met.nickname === null && viewer.nickname !== null
  return { viewer: viewer.id, change, seconds, was: wasBefore(met, viewer), named, made }
}

const wasHere = ({ present, presentSince, chattedAt }: ViewerRow): boolean =>
  present || presentSince !== null || chattedAt !== null

function moveImported(world: World, viewer: ViewerId, change: number, by: string): void {
  const [from, to] = change > 0 ? [BOOKS.adjusted, viewer] : [viewer, BOOKS.adjusted]
  transfer(world, { from, to, amount: Math.abs(change), reason: 'imported', detail: { by } })
}

function keep(world: World, viewer: ViewerRow, kept: ImportKept | undefined): ViewerRow {
  if (kept === undefined) return viewer
  const { nickname, circles, ignored, ...plain } = kept
  const open = openCircles(world).map(({ id }) => id)
  const named = nickname === undefined ? viewer.nickname : shownName(nickname ?? '', '') || null
  const subscribedSince = plain.subscribedSince ?? viewer.subscribedSince ?? (plain.tier ? world.at : null)
  const next: ViewerRow = {
    ...viewer,
    ...plain,
    ...namesOf(viewer.chatName, named),
    subscribedSince,
    circles: circles === undefined ? viewer.circles : open.filter((id) => circles.includes(id)),
  }
  const changed = keysOf(next).some((key) => differ(next[key], viewer[key]))
  const put = changed ? world.put(viewers, next) : viewer
  return ignored === undefined || ignored === put.ignored ? put : ignore(world, put, ignored)
}

const differ = (a: unknown, b: unknown): boolean => JSON.stringify(a) !== JSON.stringify(b)

/** What a file says, beside names and figures. */
const KEPT = [
  ...(['moderator', 'followedAt', 'tier', 'subscribedSince', 'subscribedUntil'] as const),
  ...(['accountMadeAt', 'circles', 'ignored', 'unlisted'] as const),
]

const wasBefore = (before: ViewerRow, now: ViewerRow): ImportedLine['was'] =>
  Object.fromEntries(KEPT.filter((key) => differ(before[key], now[key])).map((key) => [key, [before[key], now[key]]]))

/** Puts back what a file changed of somebody beside their balance, where nothing else has changed it since. Needs their watch row. */
export function putBack(world: World, { viewer: id, seconds, was, named, made }: ImportedLine): void {
  const viewer = world.get(viewers, id)
  if (viewer === undefined || isOfNobody(viewer)) return
  const watch = watchOf(world, id)
  if (seconds !== 0) world.put(watches, { ...watch, watchedSeconds: Math.max(0, watch.watchedSeconds - seconds) })
  const back = Object.fromEntries(
    KEPT.flatMap((key) => {
      const kept = was[key]
      return kept === undefined || differ(kept[1], viewer[key]) ? [] : [[key, kept[0]]]
    }),
  ) as Partial<ViewerRow>
  const { ignored, ...plain } = back
  const archived = made && !wasHere(viewer) ? { archivedAt: world.at } : {}
  const names = named ? namesOf(viewer.chatName, null) : {}
  const put = world.put(viewers, { ...viewer, ...plain, ...archived, ...names })
  if (ignored !== undefined) ignore(world, put, ignored)
}
