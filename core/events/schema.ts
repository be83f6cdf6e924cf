import { type Static, type TSchema, Type } from '@sinclair/typebox'
import { whole } from '../schema.ts'
import { keysOf } from '../world/index.ts'

/** Somebody on the platform. `account` is the one that chat and sign-in report for them, in lower case. */
const Person = Type.Object({
  account: Type.String({ minLength: 1, maxLength: 100, pattern: '^[^\\u0000-\\u0020\\u007f]+$' }),
  name: Type.String({ minLength: 1, maxLength: 100, pattern: '^[^\\u0000-\\u001f\\u007f]+$' }),
})

/** Who tips: services for that know people by names of their own, with spaces in them, too. */
const Tipper = Type.Object({
  account: Type.String({ minLength: 1, maxLength: 100, pattern: '^[^\\u0000-\\u001f\\u007f]+$' }),
  name: Person.properties.name,
})

const Text = Type.Optional(Type.String({ maxLength: 500 }))
const Tier = whole(1, 3)
const Count = (maximum: number) => whole(0, maximum)

/** What each kind of event carries in `data`. */
export const EVENT_DATA = {
  'ricompensa.show.started': Type.Object({ title: Type.Optional(Type.String({ minLength: 1, maxLength: 100 })) }),
  'ricompensa.show.ended': Type.Object({}),
  'ricompensa.follow': Type.Object({ who: Person }),
  'ricompensa.subscription': Type.Object({ who: Person, tier: Tier }),
  'ricompensa.resubscription': Type.Object({ who: Person, tier: Tier, months: Count(10_000), text: Text }),
  'ricompensa.subscription.ended': Type.Object({ who: Person }),
  'ricompensa.gift': Type.Object({
    who: Person,
    tier: Tier,
    count: whole(1, 10_000),
    /** Who received them, where the platform tells. */
    to: Type.Optional(Type.Array(Person, { maxItems: 500 })),
  }),
  'ricompensa.raid': Type.Object({ who: Person, viewers: Count(10_000_000) }),
  'ricompensa.tip': Type.Object({
    who: Tipper,
    minorUnits: whole(1, 1_000_000_000),
    currency: Type.String({ pattern: '^[A-Z]{3}$' }),
    text: Text,
  }),
  'ricompensa.cheer': Type.Object({
    who: Person,
    units: whole(1, 1_000_000_000),
    text: Text,
  }),
  'ricompensa.reward.redeemed': Type.Object({
    who: Person,
    /** The platform's id of this redemption, by which it is answered; left out: the event's own. */
    redemption: Type.Optional(Type.String({ minLength: 1, maxLength: 200 })),
    reward: Type.Object({
      id: Type.String({ minLength: 1, maxLength: 100 }),
      name: Type.String({ minLength: 1, maxLength: 200 }),
    }),
    text: Text,
  }),
  /** All rewards of the platform's own points that there are now. */
  'ricompensa.rewards.listed': Type.Object({
    rewards: Type.Array(
      Type.Object({
        id: Type.String({ minLength: 1, maxLength: 100 }),
        name: Type.String({ minLength: 1, maxLength: 200 }),
        price: whole(0, 1_000_000_000),
        /** What it says of it to viewers; whether it asks for a text, rests, and may be changed from here. */
        text: Type.Optional(Type.String({ maxLength: 500 })),
        asks: Type.Optional(Type.Boolean()),
        paused: Type.Optional(Type.Boolean()),
        changeable: Type.Optional(Type.Boolean()),
      }),
      { maxItems: 500 },
    ),
  }),
  'ricompensa.test': Type.Object({}),
} as const satisfies Readonly<Record<string, TSchema>>

export type EventKind = keyof typeof EVENT_DATA

/** Every kind of event that something is done about. */
export const EVENT_KINDS = keysOf(EVENT_DATA)

export const EventKind = Type.Union(EVENT_KINDS.map((kind) => Type.Literal(kind)))

export const isEventKind = (type: string): type is EventKind => Object.hasOwn(EVENT_DATA, type)

const Id = Type.String({ minLength: 1, maxLength: 200, pattern: '^[^\\u0000-\\u001f\\u007f]+$' })

/** The envelope of a CloudEvent. What it does not name is allowed and ignored. */
export const CloudEvent = Type.Object({
  specversion: Type.Literal('1.0'),
  id: Id,
  source: Id,
  type: Id,
  time: Type.Optional(Type.String({ maxLength: 40 })),
  subject: Type.Optional(Type.String({ maxLength: 200 })),
  datacontenttype: Type.Optional(Type.String({ pattern: '^application/(json|[\\w.-]+\\+json)' })),
  data: Type.Optional(Type.Unknown()),
})
export type CloudEvent = Static<typeof CloudEvent>
