export { Currency, currencySetting, digits, inWords } from './currency.ts'
export { durationInWords } from './duration.ts'
