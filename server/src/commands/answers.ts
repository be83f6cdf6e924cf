import { type Static, Type } from '@sinclair/typebox'
import { ChatWords, CommandSettings, OUTCOMES } from '#core/commands'
import { EarningPlan } from '#core/earning'
import { RaffleSettings } from '#core/raffles'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'
import { Piece } from '#core/screen'
import { Steps } from '#core/steps'
import { KINDS, RewardSettings } from '#core/store'
import { TriggerSettings } from '#core/triggers'
import { Voice } from '#core/voice'
import type { Unchangeable } from '#core/world'
import { WhoNames } from '../access/index.ts'
import { Refusal } from '../http/index.ts'
import { CircleRow } from '../people/index.ts'
import { Holdings, Sales } from '../store/index.ts'
import { TallyRow } from '../tallies/index.ts'

export const Readiness = exactly({
  ready: Type.Boolean(),
  sentence: Type.String(),
  mend: orNull(exactly({ page: Type.String(), label: Type.String() })),
})

export const DeskCommand = exactly({ id: Id, settings: CommandSettings, who: Type.String(), ready: Readiness })

export const DeskTrigger = exactly({
  id: Id,
  settings: TriggerSettings,
  dueAt: orNull(UnixSeconds),
  who: Type.String(),
  ready: Readiness,
})

export const DeskReward = exactly({
  id: Id,
  name: Type.String(),
  kind: oneOf(KINDS),
  steps: Steps,
  settings: exactly({ word: Type.String(), command: Type.Boolean(), name: Type.String() }),
})

export const DeskOutside = exactly({
  id: Type.String(),
  name: Type.String(),
  price: orNull(Count),
  seenAt: UnixSeconds,
  listed: Type.Boolean(),
})

export const Standing = exactly({
  muted: Type.Boolean(),
  silent: Type.Array(Type.String()),
  chatConnected: Type.Boolean(),
  overlays: Type.Number(),
  overlaysConnected: Type.Number(),
  onAir: Type.Boolean(),
})

export const Listener = exactly({ words: Type.Array(Type.String()), name: Type.String() })

export const DeskSetup = exactly({
  id: Id,
  settings: RaffleSettings,
  digit: orNull(Count),
  goneAt: orNull(UnixSeconds),
})

export const DeskCommandsAnswer = exactly({
  commands: Type.Array(DeskCommand),
  triggers: Type.Array(DeskTrigger),
  tallies: Type.Array(TallyRow),
  circles: Type.Array(CircleRow),
  rewards: Type.Array(DeskReward),
  alerts: Type.Array(exactly({ id: Id, name: Type.String() })),
  outside: Type.Array(DeskOutside),
  names: WhoNames,
  standing: Standing,
  voice: Voice,
  words: ChatWords,
  games: Type.Array(Listener),
  raffles: Type.Array(Listener),
  setups: Type.Array(DeskSetup),
})

export const StepOutcome = exactly({ do: Type.String(), sentence: Type.String() })

export const DeskRun = exactly({
  id: Id,
  at: UnixSeconds,
  endedAt: orNull(UnixSeconds),
  source: oneOf(['reward', 'command', 'trigger']),
  of: Id,
  name: Type.String(),
  viewer: orNull(Id),
  viewerName: orNull(Type.String()),
  outcome: oneOf(OUTCOMES),
  why: orNull(Type.String()),
  log: Type.Array(StepOutcome),
  seed: orNull(Type.Number()),
  ms: orNull(Type.Number()),
})

export const DeskRunsAnswer = exactly({ runs: Type.Array(DeskRun), before: orNull(Type.Number()) })

/** What moves in one wallet: below 0 goes out. */
export const Moved = exactly({
  who: Type.String(),
  why: Type.String(),
  change: Type.Number(),
  before: Type.Number(),
  after: Type.Number(),
})

export type Moved = Unchangeable<Static<typeof Moved>>

/** What would happen. */
export const Tried = exactly({
  outcome: Type.String(),
  refusal: orNull(Refusal),
  steps: Type.Array(StepOutcome),
  /** What would be said; `after`: seconds from the beginning. */
  lines: Type.Array(exactly({ to: orNull(Type.String()), text: Type.String(), after: Type.Number() })),
  transfers: Type.Array(Moved),
  alerts: Type.Array(Type.Record(Type.String(), Type.Unknown())),
  sounds: Type.Array(Type.String()),
  orders: Type.Array(Type.String()),
  /** Seconds that it takes, with its waits. */
  seconds: Count,
})

export type Tried = Unchangeable<Static<typeof Tried>>

export const Used = exactly({ run: Id, outcome: oneOf(OUTCOMES), refusal: Type.Optional(Refusal) })

export const Listed = exactly({
  word: Type.String(),
  aliases: Type.Array(Type.String()),
  usage: Type.String(),
  does: Type.String(),
  group: Type.String(),
  who: Type.String(),
  cost: Count,
  everyoneSeconds: Count,
  eachSeconds: Count,
  perViewer: Type.Number(),
  onAir: Type.Boolean(),
  where: Type.String(),
  /** Whether the caller may use it; null: nobody is signed in. */
  yours: orNull(Type.Boolean()),
})

export type Listed = Unchangeable<Static<typeof Listed>>

export const DeskOverlay = exactly({
  id: Id,
  name: Type.String(),
  pieces: Type.Array(Piece),
  connected: Type.Boolean(),
})

export const DeskStoreReward = exactly({
  id: Id,
  place: Type.Number(),
  settings: RewardSettings,
  left: orNull(Type.Number()),
  sold: exactly({ total: Count, show: Id, day: Type.Number() }),
  codes: exactly({ count: Count, given: Count }),
  who: Type.String(),
  hints: Type.Array(Type.String()),
  ready: Readiness,
})

export const DeskStoreAnswer = exactly({
  holdings: Holdings,
  plan: EarningPlan,
  timeZone: Type.String(),
  alerts: Type.Array(exactly({ id: Id, name: Type.String() })),
  overlays: Type.Array(DeskOverlay),
  onAir: Type.Boolean(),
  shows: Type.Number(),
  sales: Type.Array(Sales),
  rewards: Type.Array(DeskStoreReward),
  archived: Type.Array(exactly({ id: Id, name: Type.String(), goneAt: orNull(UnixSeconds) })),
})
