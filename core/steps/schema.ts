import { type Static, Type } from '@sinclair/typebox'
import { StandingName } from '../earning/index.ts'
import { OPENED_FOR_ALL } from '../games/index.ts'
import { closed, Id, oneOf, whole } from '../schema.ts'
import { PictureRef, SoundRef } from '../screen/index.ts'

/** The longest text of one step, before it is filled in. */
export const MOST_LETTERS = 500
const Text = Type.String({ maxLength: MOST_LETTERS })
const ArgumentName = Type.String({ pattern: '^[a-z][a-z0-9_]{0,19}$' })

/** Whom a step is about: who set it off, somebody named, everyone present, or everyone in a circle. */
export const Target = Type.Union([
  Type.Object({ of: Type.Literal('caller') }, closed),
  Type.Object({ of: Type.Literal('argument'), name: ArgumentName }, closed),
  Type.Object({ of: Type.Literal('present') }, closed),
  Type.Object({ of: Type.Literal('circle'), circle: Id }, closed),
])
export type Target = Static<typeof Target>

/** How many: a fixed number, or what was typed. */
export const HowMany = Type.Union([
  Type.Object({ fixed: whole(0, 1_000_000_000) }, closed),
  Type.Object({ argument: ArgumentName }, closed),
])
export type HowMany = Static<typeof HowMany>

/** What must hold for steps to be done; what is left out does not matter. */
export const Condition = Type.Object(
  {
    standing: Type.Optional(StandingName),
    balanceFrom: Type.Optional(whole(0, Number.MAX_SAFE_INTEGER)),
    tally: Type.Optional(Type.Object({ tally: Id, from: whole(0, 1_000_000_000) }, closed)),
    onAir: Type.Optional(Type.Boolean()),
    /** Between two times of day ("18:30"), in the channel's time zone; past midnight where the second is earlier. */
    time: Type.Optional(
      Type.Object(
        {
          from: Type.String({ pattern: '^([01][0-9]|2[0-3]):[0-5][0-9]$' }),
          to: Type.String({ pattern: '^([01][0-9]|2[0-3]):[0-5][0-9]$' }),
        },
        closed,
      ),
    ),
  },
  closed,
)
export type Condition = Static<typeof Condition>

/** How a tally can be counted in. */
export const tallyHows = ['add', 'take', 'set', 'pass'] as const

const plain = [
  Type.Object({ do: Type.Literal('say'), text: Text }, closed),
  Type.Object({ do: Type.Literal('tell'), to: Target, text: Text }, closed),
  Type.Object({ do: Type.Literal('pay'), to: Target, amount: HowMany }, closed),
  Type.Object({ do: Type.Literal('take'), from: Target, amount: HowMany }, closed),
  Type.Object(
    {
      do: Type.Literal('tally'),
      tally: Id,
      how: oneOf(tallyHows),
      to: Target,
      amount: HowMany,
    },
    closed,
  ),
  Type.Object({ do: Type.Literal('order'), reward: Id, to: Target, text: Text }, closed),
  Type.Object(
    {
      do: Type.Literal('alert'),
      /** One of the list of alerts, whose own texts, picture and sound then hold; left out: what stands here. */
      alert: Type.Optional(Id),
      title: Type.String({ maxLength: 200 }),
      line: Type.String({ maxLength: 200 }),
      picture: PictureRef,
      sound: SoundRef,
      seconds: whole(2, 30),
    },
    closed,
  ),
  /** Opens a game for everybody, or calls off the round of it that is on. */
  Type.Object(
    {
      do: Type.Literal('round'),
      how: oneOf(['open', 'callOff']),
      game: oneOf(OPENED_FOR_ALL),
    },
    closed,
  ),
  /** Starts a raffle from a set-up that is kept, or goes on with the one that was started from it. */
  Type.Object({ do: Type.Literal('raffle'), how: oneOf(['start', 'close', 'draw', 'callOff']), setup: Id }, closed),
  /** Gives somebody tickets of that raffle, without their price. */
  Type.Object({ do: Type.Literal('tickets'), setup: Id, to: Target, tickets: HowMany }, closed),
  /** Opens a bet from a template that is kept, or goes on with the one that was opened from it. */
  Type.Object({ do: Type.Literal('bet'), how: oneOf(['open', 'lock', 'callOff']), template: Id }, closed),
  /** Puts a reward on sale, or takes it off. */
  Type.Object({ do: Type.Literal('sale'), how: oneOf(['on', 'off']), reward: Id }, closed),
  Type.Object({ do: Type.Literal('sound'), sound: SoundRef }, closed),
  Type.Object(
    {
      do: Type.Literal('circle'),
      circle: Id,
      how: oneOf(['in', 'out']),
      who: Target,
    },
    closed,
  ),
  Type.Object({ do: Type.Literal('wait'), seconds: whole(1, 3600) }, closed),
  Type.Object({ do: Type.Literal('call'), command: Id }, closed),
] as const

/** The most steps in one list, and how deep lists may stand within steps. */
const MOST_STEPS = 25
export const DEEPEST = 3

/** Stands for a step within schemas; whoever compiles them knows it by `StepSchema`. */
const StepRef = Type.Unsafe<unknown>(Type.Ref('Step'))

/** One thing that happens in answer. Steps that choose or ask have steps of their own, so the schema names itself. */
export const StepSchema = Type.Union(
  [
    ...plain,
    Type.Object(
      {
        do: Type.Literal('choose'),
        branches: Type.Array(
          Type.Object(
            {
              weight: whole(1, 1_000_000),
              name: Type.String({ maxLength: 60 }),
              steps: Type.Array(StepRef, { maxItems: MOST_STEPS }),
            },
            closed,
          ),
          { minItems: 2, maxItems: 20 },
        ),
      },
      closed,
    ),
    Type.Object(
      {
        do: Type.Literal('when'),
        if: Condition,
        steps: Type.Array(StepRef, { maxItems: MOST_STEPS }),
        otherwise: Type.Array(StepRef, { maxItems: MOST_STEPS }),
      },
      closed,
    ),
  ],
  { $id: 'Step' },
)

type Plain = Static<(typeof plain)[number]>
export interface Branch {
  readonly weight: number
  readonly name: string
  readonly steps: readonly Step[]
}
export type ChooseStep = { readonly do: 'choose'; readonly branches: readonly Branch[] }
export type WhenStep = {
  readonly do: 'when'
  readonly if: Condition
  readonly steps: readonly Step[]
  readonly otherwise: readonly Step[]
}
export type Step = Plain | ChooseStep | WhenStep
export type StepKind = Step['do']
export type StepOf<K extends StepKind> = Extract<Step, { do: K }>

export const Steps = Type.Unsafe<readonly Step[]>(Type.Array(StepRef, { maxItems: MOST_STEPS }))
