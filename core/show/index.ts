export type { ShowGuest } from './guest.ts'
export { showHandlers } from './handlers.ts'
export {
  addToShow,
  goOffAir,
  goOnAir,
  latestShow,
  limitPeriod,
  openShow,
  SAME_SHOW_SECONDS,
  type ShowRow,
  setTick,
  showOnAir,
  shows,
} from './show.ts'
