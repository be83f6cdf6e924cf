export { cooldowns } from './cooldowns.ts'
export {
  checkLimits,
  countUse,
  type LimitKey,
  NO_LIMITS,
  needLimits,
  restsUntil,
  startRest,
  tellsRefusal,
  uncountUse,
  usedInShow,
} from './limits.ts'
export { Limits, Who } from './schema.ts'
export { EVERYONE_MAY, isNobody, mayUse, type WhoNames, whoInWords } from './who.ts'
