import { type Static, Type } from '@sinclair/typebox'
import { closed, orNull } from '../schema.ts'
import { SupportPlan } from './supportPlan.ts'

const Amount = Type.Integer({ minimum: 0, maximum: 1_000_000_000 })
const Interval = Type.Integer({ minimum: 10, maximum: 86_400 })

/** A standing: one of the plain ones, or `circle:` and the circle's id. */
export const StandingName = Type.String({
  pattern: '^(follower|subscriber|tier[123]|moderator|circle:[1-9][0-9]{0,15})$',
})

/** A standing that can bear a bonus; a subscription bears that of its tier. */
const BonusName = Type.String({ pattern: '^(follower|tier[123]|moderator|circle:[1-9][0-9]{0,15})$' })

/** What a standing adds to a payment, and by how many hundredths it multiplies it (100: not at all). */
export const Bonus = Type.Object({ plus: Amount, times: Type.Integer({ minimum: 100, maximum: 10_000 }) }, closed)
export type Bonus = Static<typeof Bonus>

/** Every rule by which currency is earned. Amounts in the currency's unit, durations in seconds; 0 pays nothing. */
export const EarningPlan = Type.Object(
  {
    /** `base` for each full interval of watching on air, until a wallet holds `cap` (null: no limit). */
    intervalSeconds: Interval,
    base: Amount,
    cap: orNull(Type.Integer({ minimum: 1, maximum: Number.MAX_SAFE_INTEGER })),
    /** Off air the base alone is paid. */
    offAir: Type.Object({ intervalSeconds: Interval, base: Amount }, closed),
    standings: Type.Record(BonusName, Bonus, closed),
    /** Added for who chatted within so many seconds before the payment. */
    active: Type.Object({ plus: Amount, withinSeconds: Interval }, closed),
    /** An amount per message, at most once per `everySeconds` for each viewer. */
    chat: Type.Object(
      {
        amount: Amount,
        everySeconds: Type.Integer({ minimum: 1, maximum: 86_400 }),
        commands: Type.Boolean(),
        offAir: Type.Boolean(),
      },
      closed,
    ),
    support: SupportPlan,
    /** Once a show; each show in a row adds `streakPlus`, `streakMost` at most. */
    checkIn: Type.Object(
      { amount: Amount, streakPlus: Amount, streakMost: Amount, missedAllowed: Type.Boolean() },
      closed,
    ),
    /** Once a week, at an hour of a weekday (1 Monday to 7 Sunday) in the channel's time zone, to who holds one of `to`. */
    allowance: Type.Object(
      {
        amount: Amount,
        weekday: Type.Integer({ minimum: 1, maximum: 7 }),
        hour: Type.Integer({ minimum: 0, maximum: 23 }),
        to: Type.Array(StandingName, { maxItems: 50 }),
      },
      closed,
    ),
    /** For a first visit. */
    welcome: Amount,
    /** For so long after a first visit nothing can be bought and no raffle entered. */
    newcomerWaitSeconds: Type.Integer({ minimum: 0, maximum: 366 * 86_400 }),
  },
  closed,
)
export type EarningPlan = Static<typeof EarningPlan>
