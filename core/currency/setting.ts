import { setting } from '../settings/index.ts'
import { Currency } from './schema.ts'

const POINTS: Currency = { one: 'point', many: 'points', word: 'points' }
export const currencySetting = setting('currency', 'currency', Currency, POINTS)
