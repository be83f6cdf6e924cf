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
export {
  type Asked,
  daysInWords,
  followShort,
  REQUIREMENT_KEYS,
  REQUIREMENTS,
  type RequirementKey,
  watchShort,
} from './requirements.ts'
export { Limits, Who } from './schema.ts'
export { EVERYONE_MAY, isNobody, mayUse, openToAll, type WhoNames, whoInWords, whyNotFor } from './who.ts'
