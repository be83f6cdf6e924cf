export {
  addToShow,
  type EndShow,
  endShow,
  openShow,
  type SettleShow,
  type ShowRow,
  type StartShow,
  setTick,
  settleShow,
  showOnAir,
  shows,
  startShow,
} from './show.ts'
