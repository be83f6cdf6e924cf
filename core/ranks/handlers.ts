import { changeRanks, closeCircle, joinCircle, reviewPeople, saveCircle } from './change.ts'

/** How each intent of ranks and circles is decided, by its kind. */
export const rankHandlers = {
  'circle.close': closeCircle,
  'circle.join': joinCircle,
  'circle.save': saveCircle,
  'ranks.change': changeRanks,
  'ranks.review': reviewPeople,
}
