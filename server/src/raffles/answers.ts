import { Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { Guessing, RaffleSettings } from '#core/raffles'
import { Amount, Count, exactly, Id, oneOf, orNull, RaffleId, UnixSeconds, ViewerId } from '#core/schema'
import { PictureRef } from '#core/screen'
import { InWatching } from '../earning/index.ts'

export const RaffleStatus = oneOf(['open', 'off', 'planned', 'closed', 'returning', 'finished'])

export const Drawing = exactly({
  total: Count,
  slices: Type.Array(Type.Tuple([Type.Number(), orNull(Type.String())])),
  from: UnixSeconds,
  until: UnixSeconds,
})

export const ShownPick = exactly({ draw: Id, name: Type.String(), mark: Type.Number() })

export const RevealedDraw = exactly({
  at: UnixSeconds,
  picks: Type.Array(ShownPick),
  total: Count,
  slices: Type.Array(Type.Tuple([Type.Number(), orNull(Type.String())])),
})

export const Waiting = exactly({ draw: Id, viewer: ViewerId, name: Type.String(), until: UnixSeconds })

export const RunningRaffle = exactly({
  id: Id,
  setup: orNull(Id),
  settings: RaffleSettings,
  status: RaffleStatus,
  byName: Type.String(),
  madeAt: UnixSeconds,
  opensAt: orNull(UnixSeconds),
  openedAt: orNull(UnixSeconds),
  closesAt: orNull(UnixSeconds),
  closedAt: orNull(UnixSeconds),
  finishAt: orNull(UnixSeconds),
  endedAt: orNull(UnixSeconds),
  commitment: Type.String(),
  seedOrigin: oneOf(['own', 'channel']),
  seed: orNull(Type.String()),
  /** Of a guess whose answer the team has set: "answer:salt" once it has ended, '' before; and its SHA-256. */
  answer: Type.String(),
  answerCommitment: Type.String(),
  draws: Count,
  won: Count,
  drawing: orNull(Drawing),
  revealed: orNull(RevealedDraw),
  waiting: Type.Array(Waiting),
  each: orNull(Count),
  why: orNull(Type.String()),
  people: Count,
  tickets: Count,
  weight: Count,
  paid: Amount,
})

export const RaffleSetup = exactly({
  id: Id,
  settings: RaffleSettings,
  digit: orNull(Count),
  goneAt: orNull(UnixSeconds),
})

export const DeskRaffles = exactly({
  now: UnixSeconds,
  running: Type.Array(RunningRaffle),
  setups: Type.Array(RaffleSetup),
  currency: Currency,
})

export const RaffleForm = exactly({
  now: UnixSeconds,
  currency: Currency,
  circles: Type.Array(exactly({ id: Id, name: Type.String() })),
  alerts: Type.Array(exactly({ id: Id, name: Type.String() })),
  codes: Type.Array(exactly({ id: Id, name: Type.String(), left: Count })),
  setups: Type.Array(RaffleSetup),
  timeZone: Type.String(),
})

export const WinnerState = oneOf(['drawn', 'waiting', 'won', 'missed', 'passed'])

export const DeskWinner = exactly({
  raffle: RaffleId,
  draw: Id,
  viewer: ViewerId,
  name: Type.String(),
  digest: Type.String(),
  point: Count,
  weight: Count,
  total: Count,
  guess: orNull(Count),
  drawnAt: UnixSeconds,
  state: WinnerState,
  claimUntil: orNull(UnixSeconds),
  line: orNull(Type.String()),
  claimedAt: orNull(UnixSeconds),
  why: orNull(Type.String()),
  amount: Amount,
  code: orNull(Type.String()),
  deliveredAt: orNull(UnixSeconds),
  note: Type.String(),
  present: orNull(Type.Boolean()),
  lastSeenAt: orNull(UnixSeconds),
})

export const EndedRaffle = exactly({
  ...RunningRaffle.properties,
  winners: Type.Array(DeskWinner),
})

export const EndedRaffles = exactly({ raffles: Type.Array(EndedRaffle) })

export const Share = exactly({
  standing: Type.String(),
  weight: Count,
  people: Count,
  ofPeople: Count,
  ofChances: Count,
})

export const DeskRaffle = exactly({
  now: UnixSeconds,
  raffle: RunningRaffle,
  winners: Type.Array(DeskWinner),
  shares: Type.Array(Share),
  arrivals: Type.Array(exactly({ at: UnixSeconds, people: Count, tickets: Count })),
  currency: Currency,
  circles: Type.Array(exactly({ id: Id, name: Type.String() })),
  codes: Type.Array(exactly({ id: Id, name: Type.String(), left: Count })),
})

export const EntryState = oneOf(['in', 'left', 'removed'])

export const DeskEntry = exactly({
  viewer: ViewerId,
  name: Type.String(),
  nr: Count,
  tickets: Count,
  free: Count,
  paid: Amount,
  weight: Count,
  standing: orNull(Type.String()),
  at: UnixSeconds,
  changedAt: UnixSeconds,
  /** Not told before it has closed. */
  guess: orNull(Count),
  state: EntryState,
  why: orNull(Type.String()),
})

export const DeskEntries = exactly({ entries: Type.Array(DeskEntry) })

export const Check = exactly({
  ok: Type.Boolean(),
  sentence: Type.String(),
  fix: Type.Optional(exactly({ page: Type.String(), label: Type.String() })),
})

export const RaffleOutlook = exactly({
  /** Why it cannot be started, by the place in its settings; empty: it can. */
  faults: Type.Record(Type.String(), Type.String()),
  hints: Type.Array(Type.String()),
  here: Count,
  could: Count,
  reasons: Type.Array(exactly({ code: Type.String(), count: Count })),
  shares: Type.Array(Type.String()),
  priciest: exactly({ cost: Count, watching: Type.Array(InWatching) }),
  checks: Type.Array(Check),
})

export const ListedRaffle = exactly({
  id: Id,
  title: Type.String(),
  picture: PictureRef,
  word: Type.String(),
  byWord: Type.Boolean(),
  winners: Count,
  price: Amount,
  status: RaffleStatus,
  opensAt: orNull(UnixSeconds),
  closesAt: orNull(UnixSeconds),
  endedAt: orNull(UnixSeconds),
  people: Count,
  won: Count,
})

export const ListedEnded = exactly({ ...ListedRaffle.properties, winners: Type.Array(Type.String()) })

export const RafflesView = exactly({
  now: UnixSeconds,
  currency: Currency,
  running: Type.Array(ListedRaffle),
  ended: Type.Array(ListedEnded),
})

export const RaffleHead = exactly({
  ...ListedRaffle.properties,
  description: Type.String(),
  byPage: Type.Boolean(),
  mostTickets: Count,
  claimSeconds: Count,
  madeAt: UnixSeconds,
  openedAt: orNull(UnixSeconds),
  closedAt: orNull(UnixSeconds),
  finishAt: orNull(UnixSeconds),
  commitment: Type.String(),
  seedOrigin: oneOf(['own', 'channel']),
  seed: orNull(Type.String()),
  answer: Type.String(),
  answerCommitment: Type.String(),
  guess: orNull(Guessing),
  draws: Count,
  drawing: orNull(Drawing),
  revealed: orNull(RevealedDraw),
  waiting: Type.Array(Waiting),
  each: orNull(Count),
  why: orNull(Type.String()),
  tickets: Count,
  weight: Count,
  paid: Amount,
})

export const Entrant = exactly({
  name: Type.String(),
  tickets: Count,
  weight: Count,
  at: UnixSeconds,
  chance: Type.String(),
  /** Not told before it has closed. */
  guess: orNull(Count),
})

export const Winner = exactly({
  draw: Id,
  name: Type.String(),
  chance: Type.String(),
  guess: orNull(Count),
  state: WinnerState,
  drawnAt: UnixSeconds,
  claimUntil: orNull(UnixSeconds),
  line: orNull(Type.String()),
  claimedAt: orNull(UnixSeconds),
  why: orNull(Type.String()),
  amount: Amount,
})

export const OwnWin = exactly({
  draw: Id,
  state: WinnerState,
  claimUntil: orNull(UnixSeconds),
  code: orNull(Type.String()),
  amount: Amount,
})

export const OwnEntry = exactly({
  balance: Amount,
  tickets: Count,
  paid: Amount,
  freeLeft: Count,
  couldAdd: Count,
  couldCost: Count,
  chance: orNull(Type.String()),
  counts: orNull(Count),
  /** What one has guessed oneself. */
  guess: orNull(Count),
  why: orNull(Type.String()),
  won: orNull(OwnWin),
})

export const RaffleView = exactly({
  now: UnixSeconds,
  raffle: RaffleHead,
  prize: Type.String(),
  rules: Type.Array(Type.String()),
  shares: Type.Array(Type.String()),
  entrants: Type.Array(Entrant),
  removed: Type.Array(exactly({ name: Type.String(), why: orNull(Type.String()) })),
  winners: Type.Array(Winner),
  own: orNull(OwnEntry),
  currency: Currency,
})

export const Entered = exactly({
  balance: Amount,
  raffle: RaffleId,
  added: Count,
  cost: Count,
  tickets: Count,
  told: Type.String(),
})

/** The file by which a raffle can be checked without us. */
export const RaffleFile = exactly({
  kind: Type.Literal('ricompensa-raffle'),
  title: Type.String(),
  id: Id,
  seed: Type.String(),
  commitment: Type.String(),
  entrants: Type.Array(
    exactly({
      viewer: ViewerId,
      name: Type.String(),
      tickets: Count,
      weight: Count,
      guess: Type.Optional(orNull(Count)),
      guessOrder: Type.Optional(orNull(Count)),
    }),
  ),
  guess: Type.Optional(
    orNull(exactly({ least: Count, most: Count, answer: Type.String(), commitment: Type.String() })),
  ),
  winners: Type.Array(
    exactly({
      draw: Id,
      viewer: ViewerId,
      name: Type.String(),
      digest: Type.String(),
      point: Count,
      weight: Count,
      total: Count,
    }),
  ),
})
