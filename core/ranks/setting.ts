import { setting } from '../settings/index.ts'
import { RankPlan } from './schema.ts'

const NO_RANKS: RankPlan = { measure: 'hours', ranks: [], announce: '' }
export const ranksSetting = setting('ranks', 'list of ranks', RankPlan, NO_RANKS)
