export { LISTS, type List, PERIODS, type Period, type Place, topList } from './lists.ts'
export { circlesOf } from './read.ts'
export { reviewPromoted, reviewShow } from './review.ts'
export { rankRoutes } from './routes.ts'
