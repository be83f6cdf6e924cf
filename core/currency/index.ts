export { readAmount } from './amount.ts'
export { currencySetting, digits, inWords } from './currency.ts'
export { durationInWords } from './duration.ts'
export { Currency, ICONS, type Icon, REPLY } from './schema.ts'
