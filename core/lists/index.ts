export {
  circleKey,
  circleOf,
  type ListEntry,
  likeNamed,
  lists,
  MOST_PEOPLE,
  namedKey,
  needList,
  PRESENT,
  PRESENT_COUNT,
  presentCount,
  presentOf,
  TOP_LOADED,
  type TopList,
  topKey,
  topOf,
} from './lists.ts'
export { type InOrder, nextPage, PAGE_OF_PEOPLE } from './nextPage.ts'
