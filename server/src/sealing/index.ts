export { resealAll, SEALED, sealedBy, settleKeys } from './reseal.ts'
