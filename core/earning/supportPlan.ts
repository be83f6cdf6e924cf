import { type Static, Type } from '@sinclair/typebox'
import { closed, keyedBy } from '../schema.ts'

import { FIRST_MONEY, Money } from './money.ts'

const Amount = Type.Integer({ minimum: 0, maximum: 1_000_000_000 })

/** What can be done for the channel; each can be thanked for in its own words. */
export const SUPPORT_KINDS = ['follow', 'subscription', 'resubscription', 'gift', 'raid', 'tip', 'cheer'] as const
export type SupportKind = (typeof SUPPORT_KINDS)[number]

/** Liquid texts, each empty where nothing is said or shown. */
const Thanks = Type.Object({ say: Type.String({ maxLength: 300 }), alert: Type.String({ maxLength: 200 }) }, closed)
export type Thanks = Static<typeof Thanks>

/** What support pays; 0: nothing. */
export const SupportPlan = Type.Object(
  {
    /** Once in a viewer's life in the channel. */
    follow: Amount,
    /** By tier, 1 to 3; a resubscription pays the same. */
    subscription: Type.Tuple([Amount, Amount, Amount]),
    /** To the giver, for each gift. */
    gift: Amount,
    /** To each receiver of a gift. */
    giftReceived: Amount,
    raid: Type.Object({ fixed: Amount, perViewer: Amount, followersOnly: Type.Boolean() }, closed),
    /** For each whole unit of the plan's money. */
    tip: Amount,
    /** What tips are counted in; left out: `FIRST_MONEY`. */
    money: Type.Optional(Money),
    /** For each hundred units. */
    cheer: Amount,
    thanks: Type.Partial(
      Type.Object(
        keyedBy(SUPPORT_KINDS, () => Thanks),
        closed,
      ),
      closed,
    ),
  },
  closed,
)
export type SupportPlan = Static<typeof SupportPlan>

/** The money that a plan counts tips in. */
export const moneyOf = ({ money }: Pick<SupportPlan, 'money'>): Money => money ?? FIRST_MONEY
