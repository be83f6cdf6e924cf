import { type Static, Type } from '@sinclair/typebox'

/** How watching is paid: `base` for each full `intervalSeconds`, until a wallet holds `cap` (null: no limit). */
export const EarningPlan = Type.Object(
  {
    intervalSeconds: Type.Integer({ minimum: 10, maximum: 86_400 }),
    base: Type.Integer({ minimum: 0, maximum: 1_000_000_000 }),
    cap: Type.Union([Type.Integer({ minimum: 1, maximum: Number.MAX_SAFE_INTEGER }), Type.Null()]),
  },
  { additionalProperties: false },
)
export type EarningPlan = Static<typeof EarningPlan>
