import type { Amount, BetId, ShowId, UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable, type Need, needKey, savedCollection, viewerIn, type World } from '../world/index.ts'
import type { BetSettings } from './schema.ts'
import type { Laid, Payment } from './settle.ts'

/** A bet that is kept to open it from. `digit`: the key that opens it at the desk; null: none. */
export interface BetTemplateRow {
  readonly id: number
  readonly settings: BetSettings
  readonly digit: number | null
  readonly goneAt: UnixSeconds | null
}

/** Templates that are gone are not loaded. */
export const betTemplates = defineTable<BetTemplateRow>('betTemplate', 'whole', (row) => row.id)

export const savedBetTemplates = savedCollection(betTemplates, {
  one: 'template',
  many: 'templates',
  most: 60,
  missing: 'bet_not_found',
  full: 'bet_invalid',
})
export const { open: openBetTemplates, find: betTemplateOf } = savedBetTemplates

/**
 * `open`: people bet. `locked`: nobody bets any more, the outcome is waited for. `announced`: the winner is picked, and can
 * still be changed. `paying`, `returning`: the money is on its way. `settled`. `off`: all stakes are back.
 */
export type BetStatus = 'open' | 'locked' | 'announced' | 'paying' | 'returning' | 'settled' | 'off'

/** Which outcome came true, and what follows: who said so, and when it is paid. */
export interface PickedOutcome {
  readonly outcome: number
  readonly by: string
  readonly at: UnixSeconds
  readonly paysAt: UnixSeconds
}

/** One bet. What was staked lies in the pot that bears its id. Times in seconds since 1970. */
export interface BetRow {
  readonly id: BetId
  /** The template it was opened from; null: none that is kept. */
  readonly template: number | null
  readonly settings: BetSettings
  readonly status: BetStatus
  /** Who opened it. */
  readonly byName: string
  readonly openedAt: UnixSeconds
  /** When it locks by itself; null: by hand, or it is locked. */
  readonly locksAt: UnixSeconds | null
  readonly lockedAt: UnixSeconds | null
  readonly show: ShowId | null
  readonly pick: PickedOutcome | null
  /** How it is paid: known from the pick on. */
  readonly payment: Payment | null
  /** Up to whom it has been paid or given back. */
  readonly paidTo: number
  readonly endedAt: UnixSeconds | null
  /** Why it was called off. */
  readonly why: string | null
}

/** Bets that have ended are not loaded. */
export const bets = defineTable<BetRow>('bet', 'whole', (row) => row.id)

export const betEnded = ({ status }: { readonly status: BetStatus }): boolean =>
  status === 'settled' || status === 'off'

/** The bets that have not ended, in the order in which they were opened. */
export const runningBets = (world: World): BetRow[] =>
  world
    .all(bets)
    .filter((row) => !betEnded(row))
    .sort((a, b) => a.id - b.id)

/** A bet that has not ended. */
export function runningBet(world: World, id: number): BetRow | undefined {
  const row = world.get(bets, id)
  return row === undefined || betEnded(row) ? undefined : row
}

/** The bet that was opened from a template and has not ended; of several the last. */
export const betFrom = (world: World, template: number): BetRow | undefined =>
  runningBets(world)
    .filter((row) => row.template === template)
    .at(-1)

/** How much is in a bet: kept apart from it, because every stake changes it. Bears the bet's id. */
export interface BetTotalsRow {
  readonly id: number
  /** The number of the last who came in. */
  readonly last: number
  /** For each outcome how many are on it, and with how much in all. */
  readonly people: readonly number[]
  readonly staked: readonly Amount[]
  /** How many are in, on whatever outcome. */
  readonly backers: number
  /** When everybody is told next; null: all that there is to tell was told. */
  readonly tellAt: UnixSeconds | null
  readonly toldAt: UnixSeconds
}

export const betTotals = defineTable<BetTotalsRow>('betTotals', 'whole', (row) => row.id)

/** For each outcome nobody and nothing. */
export const nothingOn = ({ outcomes }: Pick<BetSettings, 'outcomes'>) => ({
  people: outcomes.map(() => 0),
  staked: outcomes.map(() => 0),
})

export const betTotalsOf = (world: World, { id, settings }: BetRow): BetTotalsRow =>
  world.get(betTotals, id) ?? {
    id,
    last: 0,
    ...nothingOn(settings),
    backers: 0,
    tellAt: null,
    toldAt: 0,
  }

/** What one person has in a bet: all they have laid, and what they got. */
export interface BackingRow {
  /** The bet's id and the viewer's: "12/34". */
  readonly key: string
  readonly bet: BetId
  readonly viewer: ViewerId
  readonly name: string
  /** The order of first stakes; whoever takes everything back and comes again keeps it. */
  readonly nr: number
  readonly laid: readonly Laid[]
  /** What went back of it, and what was won, the stake included. */
  readonly back: Amount
  readonly won: Amount
}

export const backingKey = (bet: BetId, viewer: ViewerId): string => `${bet}/${viewer}`

export const backings = defineTable<BackingRow>('backing', 'keyed', (row) => row.key, [], viewerIn)

export const needBacking = (bet: BetId, viewer: ViewerId): Need => needKey(backings, backingKey(bet, viewer))

export const backingOf = (world: World, bet: BetId, viewer: ViewerId): BackingRow | undefined =>
  world.get(backings, backingKey(bet, viewer))

/** What shows how a bet ended: a note of the team, and an address. Bears the bet's id, from its opening on and after its end. */
export interface BetEvidenceRow {
  readonly id: BetId
  readonly note: string
  readonly link: string
}

export const betEvidence = defineTable<BetEvidenceRow>('betEvidence', 'keyed', (row) => row.id)
