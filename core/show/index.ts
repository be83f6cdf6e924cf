export {
  addToShow,
  type EndShow,
  endShow,
  openShow,
  type SettleShow,
  type ShowRow,
  type StartShow,
  settleShow,
  showOnAir,
  shows,
  startShow,
} from './show.ts'
