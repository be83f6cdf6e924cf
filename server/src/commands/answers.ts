import { type Static, Type } from '@sinclair/typebox'
import { EarningPlan } from '#core/earning'
import { FACTS } from '#core/engine'
import { OUTCOMES } from '#core/runs'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds, ViewerId } from '#core/schema'
import { AlertSettings, Piece } from '#core/screen'
import { Steps } from '#core/steps'
import { KINDS, OVER_WINDOWS, RewardSettings } from '#core/store'
import { BUTTON_COLOURS, TriggerSettings } from '#core/triggers'
import { Voice } from '#core/voice'
import { ChatWords, CommandSettings } from '#core/words'
import type { Unchangeable } from '#core/world'
import { keyedBy } from '#core/world'
import { WhoNames } from '../access/index.ts'
import { BetTemplateRow } from '../bets/index.ts'
import { Refusal } from '../http/index.ts'
import { RaffleSetup } from '../raffles/index.ts'
import { CircleRow } from '../ranks/index.ts'
import { Holdings, Sales } from '../store/index.ts'
import { TallyRow } from '../tallies/index.ts'
import { OutsideReward } from '../triggers/index.ts'

export const Readiness = exactly({
  ready: Type.Boolean(),
  sentence: Type.String(),
  /** How much else keeps it from working. */
  more: Count,
  fix: orNull(exactly({ page: Type.String(), label: Type.String() })),
})

export const CommandShown = exactly({ id: Id, settings: CommandSettings, who: Type.String(), ready: Readiness })

export const TriggerShown = exactly({
  id: Id,
  settings: TriggerSettings,
  dueAt: orNull(UnixSeconds),
  who: Type.String(),
  ready: Readiness,
})

export const Buttons = exactly({
  now: UnixSeconds,
  buttons: Type.Array(
    exactly({
      id: Id,
      name: Type.String(),
      board: Type.String(),
      colour: oneOf(BUTTON_COLOURS),
      confirm: Type.Boolean(),
      ready: Readiness,
      /** Until when it is on cooldown; 0, or what has passed: it is not. */
      restsUntil: UnixSeconds,
    }),
  ),
})

export const RewardWithSteps = exactly({
  id: Id,
  name: Type.String(),
  kind: oneOf(KINDS),
  steps: Steps,
  settings: exactly({ word: Type.String(), command: Type.Boolean(), name: Type.String() }),
})

export const Standing = exactly({
  muted: Type.Boolean(),
  silent: Type.Array(Type.String()),
  chatConnected: Type.Boolean(),
  overlays: Count,
  overlaysConnected: Count,
  onAir: Type.Boolean(),
})

export const Listener = exactly({ words: Type.Array(Type.String()), name: Type.String() })

export const CommandsView = exactly({
  commands: Type.Array(CommandShown),
  triggers: Type.Array(TriggerShown),
  tallies: Type.Array(TallyRow),
  circles: Type.Array(CircleRow),
  rewards: Type.Array(RewardWithSteps),
  alerts: Type.Array(exactly({ id: Id, name: Type.String() })),
  outside: Type.Array(OutsideReward),
  names: WhoNames,
  standing: Standing,
  voice: Voice,
  words: ChatWords,
  games: Type.Array(Listener),
  raffles: Type.Array(Listener),
  setups: Type.Array(RaffleSetup),
  bets: Type.Array(BetTemplateRow),
})

export const StepOutcome = exactly({ do: Type.String(), sentence: Type.String() })

export const RunShown = exactly({
  id: Id,
  at: UnixSeconds,
  endedAt: orNull(UnixSeconds),
  source: oneOf(['reward', 'command', 'trigger', 'goal']),
  of: Id,
  name: Type.String(),
  viewer: orNull(ViewerId),
  viewerName: orNull(Type.String()),
  outcome: oneOf(OUTCOMES),
  why: orNull(Type.String()),
  log: Type.Array(StepOutcome),
  seed: orNull(Count),
  ms: orNull(Count),
})

export const Runs = exactly({ runs: Type.Array(RunShown), before: orNull(Count) })

/** What moves in one wallet: below 0 goes out. */
export const Moved = exactly({
  who: Type.String(),
  why: Type.String(),
  change: Type.Integer(),
  before: Type.Integer(),
  after: Type.Integer(),
})

export type Moved = Unchangeable<Static<typeof Moved>>

/** What would happen. */
export const Tried = exactly({
  outcome: Type.String(),
  refusal: orNull(Refusal),
  steps: Type.Array(StepOutcome),
  /** What would be said; `after`: seconds from the beginning. */
  lines: Type.Array(exactly({ to: orNull(Type.String()), text: Type.String(), after: Type.Integer() })),
  transfers: Type.Array(Moved),
  alerts: Type.Array(FACTS['screen.alert'].body),
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
  perViewer: Count,
  onAir: Type.Boolean(),
  where: Type.String(),
  /** Whether the caller may use it; null: nobody is signed in. */
  yours: orNull(Type.Boolean()),
})

export type Listed = Unchangeable<Static<typeof Listed>>

export const OverlayHead = exactly({
  id: Id,
  name: Type.String(),
  pieces: Type.Array(Piece),
  connected: Type.Boolean(),
})

export const RewardShown = exactly({
  id: Id,
  place: Count,
  settings: RewardSettings,
  left: orNull(Count),
  sold: exactly({ total: Count, ...keyedBy(OVER_WINDOWS, () => Count) }),
  codes: exactly({ count: Count, given: Count }),
  who: Type.String(),
  hints: Type.Array(Type.String()),
  ready: Readiness,
})

export const StoreView = exactly({
  tallies: Type.Array(TallyRow),
  holdings: Holdings,
  plan: EarningPlan,
  /** Whether that plan only begins with the next show. */
  scheduled: Type.Boolean(),
  timeZone: Type.String(),
  alerts: Type.Array(exactly({ id: Id, settings: AlertSettings })),
  overlays: Type.Array(OverlayHead),
  onAir: Type.Boolean(),
  shows: Count,
  sales: Type.Array(Sales),
  rewards: Type.Array(RewardShown),
  archived: Type.Array(exactly({ id: Id, name: Type.String(), goneAt: orNull(UnixSeconds) })),
})
