export type { ShowGuest } from './guest.ts'
export { showHandlers } from './handlers.ts'
export {
  addToShow,
  endShow,
  latestShow,
  limitPeriod,
  openShow,
  SAME_SHOW_SECONDS,
  type ShowRow,
  setTick,
  showOnAir,
  shows,
  startShow,
} from './show.ts'
