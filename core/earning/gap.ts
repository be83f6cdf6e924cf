import { BOOKS, balanceOf, creditWithinCap, transfer } from '../ledger/index.ts'
import {
  findViewer,
  needPerson,
  needViewer,
  standingsOf,
  UNDO_SECONDS,
  viewers,
  watches,
  watchOf,
} from '../people/index.ts'
import type { Amount, Seconds, ShowId, UnixSeconds, ViewerId } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { openShow, type ShowRow, shows } from '../show/index.ts'
import { defineTable, type Handler, type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { credit } from './credit.ts'
import { earningSetting } from './plan.ts'
import { inShow, type Payout, payoutFor } from './settle.ts'

/** What a paid gap did to somebody: paid, counted (seconds), and by how much their carried seconds changed. */
interface GapLine {
  readonly viewer: ViewerId
  readonly paid: Amount
  readonly seconds: Seconds
  readonly carried: number
}

/** A time within a show when it was not known who was there. `people` were there before it and after it. */
export interface GapRow {
  readonly id: number
  readonly show: ShowId
  readonly from: number
  readonly until: UnixSeconds
  readonly people: readonly number[]
  readonly status: 'open' | 'paid' | 'undone' | 'dismissed'
  readonly lines: readonly GapLine[]
  readonly endedAt: UnixSeconds | null
  readonly by: string | null
}

export const gaps = defineTable<GapRow>('gap', 'keyed', (row) => row.id)

/** A shorter gap is not worth a word (seconds). */
const LEAST_GAP = 30

export interface NoteGap {
  readonly kind: 'presence.gap'
  readonly from: number
  readonly until: UnixSeconds
  /** Accounts that were there before and after. */
  readonly accounts: readonly string[]
}

/** Notes a gap in what is known of the room, if a show was on air meanwhile. */
export const noteGap = {
  needs: (world, intent) => intent.accounts.flatMap((account) => needViewer(world, account)),
  decide(world, intent): Result<{ readonly gap?: number }> {
    const show = openShow(world)
    if (show === undefined) return ok({})
    const from = Math.max(intent.from, show.countsFrom)
    const until = Math.min(intent.until, show.endedAt ?? intent.until, show.pausedAt ?? intent.until)
    const found = intent.accounts.map((account) => findViewer(world, account))
    const people = [...new Set(found.flatMap((viewer) => (viewer === undefined || viewer.ignored ? [] : [viewer.id])))]
    if (until - from < LEAST_GAP || people.length === 0) return ok({})
    const gap: GapRow = {
      id: world.nextId(),
      show: show.id,
      from,
      until,
      people,
      status: 'open',
      lines: [],
      endedAt: null,
      by: null,
    }
    world.put(gaps, gap)
    world.fact('presence.gap', 'desk', { gap: gap.id, from, until, people: people.length })
    return ok({ gap: gap.id })
  },
} satisfies Handler<NoteGap>

function needGap(world: World, id: number): Need[] {
  const need = needKey(gaps, id)
  const gap = world.rows.has(need) ? world.get(gaps, id) : undefined
  const people = gap?.people.flatMap((viewer) => [...needPerson(viewer), needKey(watches, viewer)]) ?? []
  return [need, ...people]
}

export interface PayGap {
  readonly kind: 'earning.payGap'
  readonly gap: number
  /** Only tells what it would come to. */
  readonly preview: boolean
  readonly by: string
}

/** What a gap comes to; `seconds`: how long it is, where nothing is paid yet. */
interface GapPaid {
  readonly people: number
  readonly total: number
  readonly seconds?: Seconds
}

/** Pays a gap to those who were there before and after it, by the plan of now. */
export const payGap = {
  needs: (world, intent) => needGap(world, intent.gap),
  decide(world, intent): Result<GapPaid> {
    const found = openGap(world, intent.gap)
    if (!found.ok) return found
    const { gap, show } = found.value
    const due = gap.people.map((viewer) => ({ viewer, payout: gapPays(world, gap, show, viewer) }))
    if (intent.preview) {
      const { cap } = readSetting(world, earningSetting)
      const total = due.reduce(
        (sum, { viewer, payout }) => sum + creditWithinCap(payout.amount, balanceOf(world, viewer), cap),
        0,
      )
      return ok({ people: due.length, total, seconds: gap.until - gap.from })
    }
    const lines = due.map(({ viewer, payout }) => payLine(world, show, viewer, payout))
    world.put(gaps, { ...gap, status: 'paid', lines, endedAt: world.at, by: intent.by })
    return told(world, gap.id, lines)
  },
} satisfies Handler<PayGap>

function openGap(world: World, id: number): Result<{ gap: GapRow; show: ShowRow }> {
  const gap = world.get(gaps, id)
  const show = gap && world.get(shows, gap.show)
  if (gap?.status !== 'open') return refuse('gap_not_open', 'This gap has already been dealt with. Reload the page.')
  if (show === undefined)
    return refuse('gap_too_old', 'There has been another show since. Adjust balances and hours instead.')
  return ok({ gap, show })
}

function gapPays(world: World, gap: GapRow, show: ShowRow, id: number): Payout {
  const viewer = world.get(viewers, id)
  const plan = readSetting(world, earningSetting)
  const standings = viewer ? standingsOf(viewer, world.at) : []
  const payee = { countedUntil: 0, carrySeconds: watchOf(world, id).carrySeconds, standings, active: false }
  return payoutFor(payee, { show, from: gap.from, to: gap.until, end: gap.until }, plan, gap.until)
}

function payLine(world: World, show: ShowRow, viewer: ViewerId, payout: Payout): GapLine {
  const { intervalSeconds } = readSetting(world, earningSetting)
  const watch = inShow(world, watchOf(world, viewer), show)
  const { seconds, payouts, each, carrySeconds } = payout
  world.put(watches, {
    ...watch,
    carrySeconds,
    watchedSeconds: watch.watchedSeconds + seconds,
    showSeconds: watch.showSeconds + seconds,
  })
  const detail = { payouts, each, interval: intervalSeconds }
  const paid = credit(world, viewer, payout.amount, { reason: 'gap', about: show.id, detail })
  return { viewer, paid, seconds, carried: carrySeconds - watch.carrySeconds }
}

function told(world: World, gap: number, lines: readonly GapLine[]) {
  for (const { viewer } of lines)
    world.fact('balance.changed', `viewer:${viewer}`, { balance: balanceOf(world, viewer) })
  const total = lines.reduce((sum, { paid }) => sum + paid, 0)
  world.fact('presence.gapEnded', 'desk', { gap, people: lines.length, total })
  return ok({ people: lines.length, total })
}

export interface EndGap {
  readonly kind: 'earning.endGap'
  readonly gap: number
  /** `dismiss`: nothing is paid for it. `undo`: takes a payment back, within ten minutes. */
  readonly how: 'dismiss' | 'undo'
  readonly by: string
}

/** Leaves a gap unpaid, or takes its payment back as far as it has not been spent. */
export const endGap = {
  needs: (world, intent) => needGap(world, intent.gap),
  decide(world, intent) {
    const gap = world.get(gaps, intent.gap)
    if (intent.how === 'dismiss') {
      if (gap?.status !== 'open')
        return refuse('gap_not_open', 'This gap has already been dealt with. Reload the page.')
      world.put(gaps, { ...gap, status: 'dismissed', endedAt: world.at, by: intent.by })
      return told(world, gap.id, [])
    }
    if (gap?.status !== 'paid') return refuse('gap_not_paid', 'There is no payment to undo. Reload the page.')
    if (world.at - (gap.endedAt ?? 0) > UNDO_SECONDS)
      return refuse('adjustment_too_old', 'This payment is older than ten minutes. Adjust balances instead.')
    const owed = gap.lines.reduce((sum, line) => sum + takeBack(world, gap, line), 0)
    world.put(gaps, { ...gap, status: 'undone', by: intent.by })
    told(world, gap.id, gap.lines)
    return ok({ people: gap.lines.length, owed })
  },
} satisfies Handler<EndGap>

/** @returns What could not be taken back because it was spent. */
function takeBack(world: World, gap: GapRow, line: GapLine): number {
  const watch = watchOf(world, line.viewer)
  world.put(watches, {
    ...watch,
    carrySeconds: Math.max(0, watch.carrySeconds - line.carried),
    watchedSeconds: Math.max(0, watch.watchedSeconds - line.seconds),
    showSeconds: watch.showId === gap.show ? Math.max(0, watch.showSeconds - line.seconds) : watch.showSeconds,
  })
  const back = Math.min(line.paid, balanceOf(world, line.viewer))
  if (back > 0)
    transfer(world, { from: line.viewer, to: BOOKS.issued, amount: back, reason: 'gapUndone', about: gap.show })
  return line.paid - back
}
