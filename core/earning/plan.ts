import type { Setting } from '../settings/index.ts'
import type { EarningPlan } from './schema.ts'

export const earningSetting: Setting<EarningPlan> = {
  name: 'earning',
  initial: { intervalSeconds: 300, base: 10, cap: null },
}
