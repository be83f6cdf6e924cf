import { type Static, Type } from '@sinclair/typebox'
import { PLAIN_STANDINGS } from '../people/index.ts'
import { closed, orNull, SetAmount, whole } from '../schema.ts'
import { SupportPlan } from './supportPlan.ts'

const Interval = whole(10, 86_400)

const CIRCLE = 'circle:[1-9][0-9]{0,15}'

/** A standing: one of the plain ones, or `circle:` and the circle's id. */
export const StandingName = Type.String({
  pattern: `^(subscriber|${PLAIN_STANDINGS.join('|')}|${CIRCLE})$`,
})

/** A standing that can bear a bonus; a subscription bears that of its tier. */
const BonusName = Type.String({ pattern: `^(${PLAIN_STANDINGS.join('|')}|${CIRCLE})$` })

/** What a standing adds to a payment, and by how many hundredths it multiplies it (100: not at all). */
export const Bonus = Type.Object({ plus: SetAmount, times: whole(100, 10_000) }, closed)
export type Bonus = Static<typeof Bonus>

/** Every rule by which currency is earned. Amounts in the currency's unit, durations in seconds; 0 pays nothing. */
export const EarningPlan = Type.Object(
  {
    /** `base` for each full interval of watching on air, until a wallet holds `cap` (null: no limit). */
    intervalSeconds: Interval,
    base: SetAmount,
    cap: orNull(whole(1, Number.MAX_SAFE_INTEGER)),
    /** Off air the base alone is paid. */
    offAir: Type.Object({ intervalSeconds: Interval, base: SetAmount }, closed),
    standings: Type.Record(BonusName, Bonus, closed),
    /** Added for who chatted within so many seconds before the payment. */
    active: Type.Object({ plus: SetAmount, withinSeconds: Interval }, closed),
    /** An amount per message, at most once per `everySeconds` for each viewer. */
    chat: Type.Object(
      {
        amount: SetAmount,
        everySeconds: whole(1, 86_400),
        commands: Type.Boolean(),
        offAir: Type.Boolean(),
      },
      closed,
    ),
    support: SupportPlan,
    /** Once a show; each show in a row adds `streakPlus`, `streakMost` at most. */
    checkIn: Type.Object(
      { amount: SetAmount, streakPlus: SetAmount, streakMost: SetAmount, missedAllowed: Type.Boolean() },
      closed,
    ),
    /** Once a week, at an hour of a weekday (1 Monday to 7 Sunday) in the channel's time zone, to who holds one of `to`. */
    allowance: Type.Object(
      {
        amount: SetAmount,
        weekday: whole(1, 7),
        hour: whole(0, 23),
        to: Type.Array(StandingName, { maxItems: 50 }),
      },
      closed,
    ),
    /** For a first visit. */
    welcome: SetAmount,
    /** For so long after a first visit nothing can be bought and no raffle entered. */
    newcomerWaitSeconds: whole(0, 366 * 86_400),
  },
  closed,
)
export type EarningPlan = Static<typeof EarningPlan>
