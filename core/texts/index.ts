export { atWord, cutForChat } from './cut.ts'
export { lookAlike, oneSlipAway } from './lookAlike.ts'
export { type Fields, fieldsOf, fillIn, type Means, type Read, readText, render } from './texts.ts'
