import type { SeedOrigin } from '../fairness/index.ts'
import type { Amount, RaffleId, ShowId, UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable, type Need, needKey, savedCollection, viewerIn, type World } from '../world/index.ts'
import type { RaffleSettings } from './schema.ts'

/** A set-up that is kept to start raffles from. `digit`: the key that starts it at the desk; null: none. */
export interface SetupRow {
  readonly id: number
  readonly settings: RaffleSettings
  readonly digit: number | null
  readonly goneAt: UnixSeconds | null
}

/** Set-ups that are gone are not loaded. */
export const setups = defineTable<SetupRow>('raffleSetup', 'whole', (row) => row.id)

/** The set-ups there are, in the order in which they were made. */
export const savedSetups = savedCollection(setups, {
  one: 'set-up',
  many: 'set-ups',
  most: 60,
  missing: 'raffle_not_found',
  full: 'raffle_invalid',
})
export const { open: openSetups, find: setupOf } = savedSetups

/**
 * `planned`: not open yet. `open`: people enter. `closed`: nobody enters any more, winners are drawn. `returning`: called off, the money is on its
 * way back. `finished`: locked, the seed is told. `off`: all money is back.
 */
export type RaffleStatus = 'planned' | 'open' | 'closed' | 'returning' | 'finished' | 'off'

/** A pick that is being shown: where the marker stops on the strip of all who were in. */
export interface ShownPick {
  readonly draw: number
  readonly name: string
  /** On the strip: from 0 to below the total. */
  readonly mark: number
}

/** The odds bar with its picks. `slices`: what each stands for, from left to right, and whose it is where it is wide. */
export interface Strip {
  readonly picks: readonly ShownPick[]
  readonly total: number
  readonly slices: readonly (readonly [weight: number, name: string | null])[]
}

/** A draw that is being shown, as everybody may know it: who was picked is not in it before the reveal. */
export interface Drawing {
  readonly total: number
  readonly slices: Strip['slices']
  readonly from: number
  readonly until: UnixSeconds
}

/** A draw that has been revealed, and when. */
export interface RevealedDraw extends Strip {
  readonly at: UnixSeconds
}

/** What a draw comes to, for the ledger alone until it is revealed. */
export interface HiddenDraw {
  readonly draws: readonly number[]
  readonly reveal: Strip
}

/** Somebody who has been drawn and must speak up. */
export interface Waiting {
  readonly draw: number
  readonly viewer: ViewerId
  readonly name: string
  readonly until: UnixSeconds
}

/** One raffle. What was paid for tickets lies in the pot that bears its id. Times in seconds since 1970. */
export interface RaffleRow {
  readonly id: RaffleId
  /** The set-up it was started from; null: none that was kept. */
  readonly setup: number | null
  readonly settings: RaffleSettings
  readonly status: RaffleStatus
  /** Who set it up. */
  readonly byName: string
  readonly madeAt: UnixSeconds
  /** When it opens by itself; null: by hand, or it has opened. */
  readonly opensAt: UnixSeconds | null
  readonly openedAt: UnixSeconds | null
  readonly closesAt: UnixSeconds | null
  readonly remindAt: UnixSeconds | null
  readonly closedAt: UnixSeconds | null
  /** When it finishes by itself. */
  readonly finishAt: UnixSeconds | null
  readonly endedAt: UnixSeconds | null
  readonly show: ShowId | null
  /** What winners are drawn from, 32 bytes in hex; empty before it opens, told to nobody before it ends. */
  readonly seed: string
  readonly commitment: string
  readonly seedOrigin: SeedOrigin
  /** Of a guess whose answer the team has set: "answer:salt", told to nobody before it ends; '': none. And what is published of it. */
  readonly answer: string
  readonly answerCommitment: string
  /** Picks made so far, and winners that have their prize for sure. */
  readonly draws: number
  readonly won: number
  readonly drawnAt: UnixSeconds | null
  readonly drawing: Drawing | null
  /** Told to nobody before the drawing is over. */
  readonly hidden: HiddenDraw | null
  /** The last draw that everybody has seen. */
  readonly revealed: RevealedDraw | null
  readonly waiting: readonly Waiting[]
  /** Everybody who has been picked, in that order: they are out of the list. */
  readonly picked: readonly number[]
  /** What each winner gets of the pot: known from the first draw on. */
  readonly each: number | null
  /** Of a raffle that is called off: up to whom the money is back. */
  readonly returned: number
  /** Why it was called off, or could not open. */
  readonly why: string | null
}

/** Raffles that have ended are not loaded. */
export const raffles = defineTable<RaffleRow>('raffle', 'whole', (row) => row.id)

export const hasEnded = ({ status }: Pick<RaffleRow, 'status'>): boolean => status === 'finished' || status === 'off'

/** The raffles that have not ended, in the order in which they were made. */
export const runningRaffles = (world: World): RaffleRow[] =>
  world
    .all(raffles)
    .filter((row) => !hasEnded(row))
    .sort((a, b) => a.id - b.id)

/** A raffle that has not ended. */
export function runningRaffle(world: World, id: number): RaffleRow | undefined {
  const row = world.get(raffles, id)
  return row === undefined || hasEnded(row) ? undefined : row
}

/** The raffle that was started from a set-up and has not ended; of several the last. */
export const raffleFrom = (world: World, setup: number): RaffleRow | undefined =>
  runningRaffles(world)
    .filter((row) => row.setup === setup && row.status !== 'returning')
    .at(-1)

/** How much is in a raffle: kept apart from it, because every entry changes it. Bears the raffle's id. */
export interface TotalsRow {
  readonly id: number
  /** The number of the last who entered, whether they are in still or not. */
  readonly last: number
  readonly people: number
  readonly tickets: number
  readonly weight: number
  /** What was paid for the tickets that are in. */
  readonly paid: Amount
  /** When everybody is told next how many there are; null: all that there is to tell was told. */
  readonly tellAt: UnixSeconds | null
  readonly toldAt: UnixSeconds
  /** Who came in since that was told, a few of them, and how many. */
  readonly names: readonly string[]
  readonly came: number
}

export const totals = defineTable<TotalsRow>('raffleTotals', 'whole', (row) => row.id)

export const totalsOf = (world: World, id: number): TotalsRow =>
  world.get(totals, id) ?? {
    id,
    last: 0,
    people: 0,
    tickets: 0,
    weight: 0,
    paid: 0,
    tellAt: null,
    toldAt: 0,
    names: [],
    came: 0,
  }

/** `in`; `left` by themselves; `removed` by the team. */
export type EntryState = 'in' | 'left' | 'removed'

/** Somebody in a raffle. */
export interface EntryRow {
  /** The raffle's id and the viewer's: "12/34". */
  readonly key: string
  readonly raffle: RaffleId
  readonly viewer: ViewerId
  readonly name: string
  /** The order of first entry; who comes back after leaving has a new one. */
  readonly nr: number
  readonly tickets: number
  /** How many of them were free. */
  readonly free: number
  readonly paid: Amount
  /** What each ticket counts, in hundredths, and the standing that made it so; null: plain. */
  readonly weight: number
  readonly standing: string | null
  readonly at: UnixSeconds
  readonly changedAt: UnixSeconds
  /** Of a guess: the number, and its place in the order of all guesses. */
  readonly guess: number | null
  readonly guessOrder: number | null
  readonly state: EntryState
  /** Why they were removed, and by whom. */
  readonly why: string | null
}

export const entryKey = (raffle: RaffleId, viewer: ViewerId): string => `${raffle}/${viewer}`

export const entries = defineTable<EntryRow>('raffleEntry', 'keyed', (row) => row.key, [], viewerIn)

/** `drawn`: their name is about to be told. `waiting`: they must speak up. `won`. `missed`: they did not. `passed`: they cannot win, or the team passed over them. */
export type WinnerState = 'drawn' | 'waiting' | 'won' | 'missed' | 'passed'

/** One pick of a raffle and what became of it. */
export interface WinnerRow {
  /** The raffle's id and the number of the pick: "12/1". */
  readonly key: string
  readonly raffle: RaffleId
  readonly draw: number
  readonly viewer: ViewerId
  readonly name: string
  readonly digest: string
  readonly point: number
  readonly weight: number
  readonly total: number
  /** Of a guess: the number that was the nearest left. */
  readonly guess: number | null
  readonly drawnAt: UnixSeconds
  readonly state: WinnerState
  readonly claimUntil: UnixSeconds | null
  /** What they said first, and when; empty: they pressed on their page. */
  readonly line: string | null
  readonly claimedAt: UnixSeconds | null
  /** Why they were passed over. */
  readonly why: string | null
  /** What they got: an amount of currency, or a code. */
  readonly amount: Amount
  readonly code: string | null
  readonly deliveredAt: UnixSeconds | null
  readonly note: string
}

export const winnerKey = (raffle: RaffleId, draw: number): string => `${raffle}/${draw}`
const raffleIn = (key: string | number): number => Number(String(key).split('/')[0])

export const winners = defineTable<WinnerRow>('raffleWinner', 'keyed', (row) => row.key, [], raffleIn)

export const needWinner = (raffle: RaffleId, draw: number): Need => needKey(winners, winnerKey(raffle, draw))

/** What somebody has won so far; bears their viewer's id. */
export interface RaffleWinsRow {
  readonly id: number
  readonly wins: number
  readonly wonAt: UnixSeconds
  /** When they won before that; 0: never. A win that is taken back leaves it as the last. */
  readonly earlierAt: UnixSeconds
  readonly title: string
}

export const raffleWins = defineTable<RaffleWinsRow>('raffleLuck', 'keyed', (row) => row.id)

/** The sounds and alerts of entries: when the next may play, and how many entries wait for it. Bears the raffle's id. */
export interface CheerRow {
  readonly id: number
  readonly until: UnixSeconds
  readonly more: number
}

export const cheers = defineTable<CheerRow>('raffleCheer', 'whole', (row) => row.id)
