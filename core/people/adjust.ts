import { accounts, BOOKS, balanceOf, MAX_AMOUNT, transfer } from '../ledger/index.ts'
import { defineTable, type Handler, type Need, needKey, ok, refuse, type World } from '../world/index.ts'
import { type ViewerRow, viewers } from './viewers.ts'

export type How = 'give' | 'take' | 'set'

/** What was changed of whom: above 0 came in, below 0 went out. */
export interface AdjustedLine {
  readonly viewer: number
  readonly change: number
}

/** A correction by hand, kept so that it can be undone and explained. */
export interface AdjustmentRow {
  readonly id: number
  readonly at: number
  readonly by: string
  readonly how: How
  readonly amount: number
  readonly why: string
  readonly lines: readonly AdjustedLine[]
  readonly undoneAt: number | null
}

export const adjustments = defineTable<AdjustmentRow>('adjustment', 'keyed', (row) => row.id)

/** How long a correction can be undone (seconds). */
const UNDO_SECONDS = 600
/** The most people in one intent, so that chat does not wait behind it. */
export const MOST_ADJUSTED = 2000

export interface AdjustBalances {
  readonly kind: 'people.adjust'
  readonly viewers: readonly number[]
  readonly how: How
  readonly amount: number
  readonly why: string
  /** Account of who does it. */
  readonly by: string
}

const needPeople = (ids: readonly number[]): Need[] =>
  ids.flatMap((id) => [needKey(viewers, id), needKey(accounts, id)])

/**
 * Gives to, takes from or sets the balance of people by hand. Taking takes at most what is there, giving no more than a
 * wallet can hold; the answer says how much it came to.
 */
export const adjustBalances: Handler<AdjustBalances> = {
  needs: (_world, intent) => needPeople(intent.viewers),
  decide(world, intent) {
    const { how, amount, why, by } = intent
    const least = how === 'set' ? 0 : 1
    if (!Number.isSafeInteger(amount) || amount < least)
      return refuse('amount_not_whole', `${amount} is not a whole amount from ${least} up.`)
    const people = [...new Set(intent.viewers)].map((id) => world.get(viewers, id))
    const known = people.filter((viewer) => viewer !== undefined)
    if (known.length === 0)
      return refuse('viewer_not_found', 'None of these people is known here. Load the page again.')
    const id = world.nextId()
    const lines = known.flatMap((viewer) => adjust(world, id, viewer, intent))
    world.put(adjustments, { id, at: world.at, by, how, amount, why, lines, undoneAt: null })
    tell(world, id, lines)
    return ok({ adjustment: id, ...sumOf(lines), asked: known.length })
  },
}

function adjust(
  world: World,
  about: number,
  viewer: ViewerRow,
  { how, amount, why, by }: AdjustBalances,
): AdjustedLine[] {
  const balance = balanceOf(world, viewer.id)
  const change = {
    give: Math.min(amount, MAX_AMOUNT - balance),
    take: -Math.min(amount, balance),
    set: amount - balance,
  }[how]
  return move(world, about, viewer.id, change, { how, why, by })
}

type Detail = Readonly<Record<string, string>>

function move(world: World, about: number, viewer: number, change: number, detail: Detail): AdjustedLine[] {
  if (change === 0) return []
  const [from, to] = change > 0 ? [BOOKS.adjusted, viewer] : [viewer, BOOKS.adjusted]
  const moved = transfer(world, { from, to, amount: Math.abs(change), reason: 'adjusted', about, detail })
  if (!moved.ok) throw new Error(`A checked correction was refused: ${moved.refusal.sentence}`)
  return [{ viewer, change }]
}

/** How many were changed, and by how much in all. */
const sumOf = (lines: readonly AdjustedLine[]) => ({
  changed: lines.length,
  total: lines.reduce((sum, { change }) => sum + change, 0),
})

function tell(world: World, adjustment: number, lines: readonly AdjustedLine[]): void {
  world.fact('people.adjusted', 'desk', { adjustment, ...sumOf(lines) })
  for (const { viewer } of lines)
    world.fact('balance.changed', `viewer:${viewer}`, { balance: balanceOf(world, viewer) })
}

export interface UndoAdjustment {
  readonly kind: 'people.undo'
  readonly adjustment: number
  readonly by: string
}

/** Takes a correction back, within ten minutes: of what was given meanwhile spent it takes what is there, and says what is missing. */
export const undoAdjustment: Handler<UndoAdjustment> = {
  needs(world, intent) {
    const need = needKey(adjustments, intent.adjustment)
    const row = world.rows.has(need) ? world.get(adjustments, intent.adjustment) : undefined
    return row === undefined ? [need] : [need, ...needPeople(row.lines.map(({ viewer }) => viewer))]
  },
  decide(world, intent) {
    const row = world.get(adjustments, intent.adjustment)
    if (row === undefined) return refuse('adjustment_not_found', 'This correction is not there. Load the page again.')
    if (row.undoneAt !== null) return refuse('adjustment_undone', 'This correction was taken back already.')
    if (world.at - row.at > UNDO_SECONDS)
      return refuse('adjustment_too_old', 'This correction is older than ten minutes. Correct it by hand instead.')
    const missing: AdjustedLine[] = []
    const lines = row.lines.flatMap(({ viewer, change }) => {
      const balance = balanceOf(world, viewer)
      const back = change > 0 ? -Math.min(change, balance) : Math.min(-change, MAX_AMOUNT - balance)
      if (change + back !== 0) missing.push({ viewer, change: change + back })
      return move(world, row.id, viewer, back, { how: 'undo', why: row.why, by: intent.by })
    })
    world.put(adjustments, { ...row, undoneAt: world.at })
    tell(world, row.id, lines)
    const owed = missing.reduce((sum, { change }) => sum + change, 0)
    return ok({
      ...sumOf(lines),
      owed,
      owing: missing.slice(0, 20).map(({ viewer, change }) => ({ viewer: nameOf(world, viewer), owed: change })),
    })
  },
}

const nameOf = (world: World, viewer: number): string => world.get(viewers, viewer)?.name ?? 'Somebody'
