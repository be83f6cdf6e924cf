import { type Static, Type } from '@sinclair/typebox'

const Amount = Type.Integer({ minimum: 0, maximum: 1_000_000_000 })

/** What support pays; 0: nothing. */
export const SupportPlan = Type.Object(
  {
    /** Once in a viewer's life in the channel. */
    follow: Amount,
    /** By tier, 1 to 3; a resubscription pays the same. */
    subscription: Type.Tuple([Amount, Amount, Amount]),
    /** To the giver, for each gift. */
    gift: Amount,
    raid: Type.Object({ fixed: Amount, perViewer: Amount }, { additionalProperties: false }),
    /** For each whole unit of money. */
    tip: Amount,
    /** For each hundred units. */
    cheer: Amount,
  },
  { additionalProperties: false },
)
export type SupportPlan = Static<typeof SupportPlan>
