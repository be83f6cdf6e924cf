export { explainedProblems, readExplained } from './explained.ts'
export { type Bounds, choiceIn, figureIn, idIn, idOf } from './figures.ts'
export { explanationPage, problemPage, type WayOn, wantsPage } from './problemPage.ts'
export { type ApiErrorCode, PROBLEM_STATUS, Problem, problem, problemResponse } from './problems.ts'
export {
  ALLOWED,
  type Allowed,
  answered,
  bodyCheck,
  type Call,
  type Caller,
  type Route,
  route,
} from './routes.ts'
export { savedRoutes } from './saved.ts'
