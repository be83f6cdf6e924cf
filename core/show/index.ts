export { type ShowGuest, showGuest } from './guest.ts'
export { showHandlers } from './handlers.ts'
export {
  addToShow,
  type EndShow,
  endShow,
  latestShow,
  limitPeriod,
  openShow,
  SAME_SHOW_SECONDS,
  type ShowRow,
  type StartShow,
  setTick,
  showOnAir,
  shows,
  startShow,
} from './show.ts'
