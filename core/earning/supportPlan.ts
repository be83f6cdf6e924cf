import { type Static, Type } from '@sinclair/typebox'
import { closed, SetAmount } from '../schema.ts'
import { keyedBy } from '../world/index.ts'

import { FIRST_MONEY, Money } from './money.ts'

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
    follow: SetAmount,
    /** By tier, 1 to 3; a resubscription pays the same. */
    subscription: Type.Tuple([SetAmount, SetAmount, SetAmount]),
    /** To the giver, for each gift. */
    gift: SetAmount,
    /** To each receiver of a gift. */
    giftReceived: SetAmount,
    raid: Type.Object({ fixed: SetAmount, perViewer: SetAmount, followersOnly: Type.Boolean() }, closed),
    /** For each whole unit of the plan's money. */
    tip: SetAmount,
    /** What tips are counted in; left out: `FIRST_MONEY`. */
    money: Type.Optional(Money),
    /** For each hundred units. */
    cheer: SetAmount,
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
