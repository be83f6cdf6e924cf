import { BOOKS, balanceOf, MAX_AMOUNT, transfer } from '../ledger/index.ts'
import type { Amount, ViewerId } from '../schema.ts'
import { type Handler, type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { type AdjustedLine, type AdjustmentRow, adjustments, type How, type Of } from './adjustments.ts'
import { imports, putBack } from './import.ts'
import { UNDO_RESET_SECONDS, UNDO_SECONDS } from './undo.ts'
import { needPerson, type ViewerRow, viewers } from './viewers.ts'
import { watches, watchOf } from './watch.ts'

/** The most people in one intent, so that chat does not wait behind it. */
export const MOST_ADJUSTED = 2000

export interface AdjustBalances {
  readonly kind: 'people.adjust'
  readonly viewers: readonly number[]
  /** Units of currency, or seconds. */
  readonly of: Of
  readonly how: How
  readonly amount: Amount
  readonly why: string
  /** Account of who does it. */
  readonly by: string
  /** The most that whoever does it may give or take per person; null: no limit. */
  readonly mostAdjusted?: Amount | null
  /** Part of a reset of everybody, which can be taken back for a day. */
  readonly reset?: boolean
}

const needPeople = (ids: readonly number[]): Need[] => ids.flatMap((id) => [...needPerson(id), needKey(watches, id)])

/**
 * Gives to, takes from or sets the balance or the hours of people by hand. Taking takes at most what is there, giving no
 * more than there can be; the answer says how much it came to.
 */
export function adjustByHand(world: World, wanted: Omit<AdjustBalances, 'kind'>) {
  const { of, how, amount, why, by } = wanted
  const checked = checkPeople(world, wanted)
  if (!checked.ok) return checked
  const id = world.nextId()
  const lines = checked.value.flatMap((viewer) => adjust(world, id, viewer, wanted))
  const undoUntil = world.at + (wanted.reset ? UNDO_RESET_SECONDS : UNDO_SECONDS)
  world.put(adjustments, { id, at: world.at, by, of, how, amount, why, lines, undoneAt: null, undoUntil, digest: null })
  tell(world, id, of, lines)
  return ok({ adjustment: id, ...sumOf(lines), asked: checked.value.length })
}

export const adjustBalances = {
  needs: (_world, intent) => needPeople(intent.viewers),
  decide: (world, intent) => adjustByHand(world, intent),
} satisfies Handler<AdjustBalances>

function checkPeople(
  world: World,
  { of, how, amount, viewers: ids, mostAdjusted = null }: Omit<AdjustBalances, 'kind'>,
): Result<ViewerRow[]> {
  const least = how === 'set' ? 0 : 1
  if (!Number.isSafeInteger(amount) || amount < least)
    return refuse('amount_not_whole', `${amount} is not a whole amount from ${least} up.`)
  if (isTooMuch(world, { of, how, amount, viewers: ids, mostAdjusted }))
    return refuse('rights_beyond', `You may adjust a balance by ${mostAdjusted} at most. Ask an owner for more.`)
  const known = [...new Set(ids)].map((id) => world.get(viewers, id)).filter((viewer) => viewer !== undefined)
  return known.length > 0
    ? ok(known)
    : refuse('viewer_not_found', 'None of these people is known here. Reload the page.')
}

/** Whether a balance would change by more than whoever does it may. */
function isTooMuch(
  world: World,
  {
    of,
    how,
    amount,
    viewers: ids,
    mostAdjusted,
  }: Pick<AdjustBalances, 'of' | 'how' | 'amount' | 'viewers' | 'mostAdjusted'>,
): boolean {
  if (mostAdjusted == null || of === 'hours') return false
  if (how !== 'set') return amount > mostAdjusted
  return ids.some((id) => Math.abs(amount - balanceOf(world, id)) > mostAdjusted)
}

/** The most that can be held of either: hours have a limit, too, so that no sum of theirs ever passes 2^53. */
const most = (of: Of): number => (of === 'balance' ? MAX_AMOUNT : 1_000_000 * 3600)

const holdsNow = (world: World, of: Of, viewer: ViewerId): number =>
  of === 'balance' ? balanceOf(world, viewer) : watchOf(world, viewer).watchedSeconds

function adjust(
  world: World,
  about: number,
  viewer: ViewerRow,
  { of, how, amount, why, by }: Omit<AdjustBalances, 'kind'>,
): AdjustedLine[] {
  const held = holdsNow(world, of, viewer.id)
  const change = {
    give: Math.max(0, Math.min(amount, most(of) - held)),
    take: -Math.min(amount, held),
    set: Math.min(amount, most(of)) - held,
  }[how]
  return of === 'balance'
    ? move(world, about, viewer.id, change, { how, why, by })
    : moveHours(world, viewer.id, change)
}

function moveHours(world: World, viewer: ViewerId, change: number): AdjustedLine[] {
  if (change === 0) return []
  const watch = watchOf(world, viewer)
  world.put(watches, { ...watch, watchedSeconds: watch.watchedSeconds + change })
  return [{ viewer, change }]
}

type Detail = Readonly<Record<string, string>>

function move(world: World, about: number, viewer: ViewerId, change: number, detail: Detail): AdjustedLine[] {
  const room = Math.max(0, MAX_AMOUNT - balanceOf(world, viewer))
  return moveWithin(world, about, viewer, Math.min(change, room), detail)
}

function moveWithin(world: World, about: number, viewer: ViewerId, change: number, detail: Detail): AdjustedLine[] {
  if (change === 0) return []
  const [from, to] = change > 0 ? [BOOKS.adjusted, viewer] : [viewer, BOOKS.adjusted]
  const moved = transfer(world, { from, to, amount: Math.abs(change), reason: 'adjusted', about, detail })
  if (!moved.ok) throw new Error(`A checked adjustment was refused: ${moved.refusal.sentence}`)
  return [{ viewer, change }]
}

/** How many were changed, and by how much in all. */
const sumOf = (lines: readonly AdjustedLine[]) => ({
  changed: lines.length,
  total: lines.reduce((sum, { change }) => sum + change, 0),
})

function tell(world: World, adjustment: number, of: AdjustmentRow['of'], lines: readonly AdjustedLine[]): void {
  world.fact('people.adjusted', 'desk', { adjustment, of, ...sumOf(lines) })
  for (const { viewer } of of === 'hours' ? [] : lines)
    world.fact('balance.changed', `viewer:${viewer}`, { balance: balanceOf(world, viewer) })
}

export interface UndoAdjustment {
  readonly kind: 'people.undo'
  readonly adjustment: number
  readonly by: string
  /** The most that whoever does it may give or take per person; null: no limit. */
  readonly mostAdjusted?: Amount | null
}

/** Takes a correction back, within ten minutes (a reset of everybody: a day): of what was given meanwhile spent it takes what is there, and says what is missing. */
export const undoAdjustment = {
  needs(world, intent) {
    const need = needKey(adjustments, intent.adjustment)
    const row = world.rows.has(need) ? world.get(adjustments, intent.adjustment) : undefined
    if (row === undefined) return [need]
    const ofFile = row.digest === null ? [] : [needKey(imports, row.digest)]
    return [need, ...ofFile, ...needPeople(row.lines.map(({ viewer }) => viewer))]
  },
  decide(world, intent) {
    const row = world.get(adjustments, intent.adjustment)
    if (row === undefined) return refuse('adjustment_not_found', 'This adjustment does not exist. Reload the page.')
    if (row.undoneAt !== null) return refuse('adjustment_undone', 'This adjustment was already undone.')
    if (world.at > row.undoUntil)
      return refuse('adjustment_too_old', 'This adjustment can no longer be undone. Make another adjustment instead.')
    if (isBeyond(row, intent))
      return refuse('rights_beyond', 'This is more than you may adjust. Ask an owner to undo it.')
    const missing: AdjustedLine[] = []
    const lines = row.lines.flatMap((line) => takeBack(world, row, line, intent.by, missing))
    world.put(adjustments, { ...row, undoneAt: world.at })
    reopenFile(world, row)
    tell(world, row.id, row.of, lines)
    const owed = missing.reduce((sum, { change }) => sum + change, 0)
    return ok({
      ...sumOf(lines),
      owed,
      owing: missing.slice(0, 20).map(({ viewer, change }) => ({ viewer: nameOf(world, viewer), owed: change })),
    })
  },
} satisfies Handler<UndoAdjustment>

/** A part of a file that was taken back can be taken in again. */
function reopenFile(world: World, { digest }: AdjustmentRow): void {
  const file = digest === null ? undefined : world.get(imports, digest)
  if (file !== undefined) world.put(imports, { ...file, undoneAt: world.at })
}

/** Whether undoing somebody else's adjustment would move more than whoever does it may. */
const isBeyond = (row: AdjustmentRow, { by, mostAdjusted = null }: UndoAdjustment): boolean =>
  mostAdjusted !== null &&
  row.by !== by &&
  row.of !== 'hours' &&
  row.lines.some(({ change }) => Math.abs(change) > mostAdjusted)

function takeBack(
  world: World,
  { id, why, ...row }: AdjustmentRow,
  line: AdjustmentRow['lines'][number],
  by: string,
  missing: AdjustedLine[],
): AdjustedLine[] {
  const { viewer, change } = line
  const of = row.of === 'hours' ? 'hours' : 'balance'
  const held = holdsNow(world, of, viewer)
  const back = change > 0 ? -Math.min(change, held) : Math.min(-change, most(of) - held)
  if (change + back !== 0) missing.push({ viewer, change: change + back })
  const moved =
    of === 'balance' ? move(world, id, viewer, back, { how: 'undo', why, by }) : moveHours(world, viewer, back)
  if (!('was' in line)) return moved
  putBack(world, line)
  return moved.length > 0 ? moved : [{ viewer, change: 0 }]
}

const nameOf = (world: World, viewer: ViewerId): string => world.get(viewers, viewer)?.name ?? 'Somebody'
