export { Refusal } from './answers.ts'
export type { ApiErrorCode } from './apiErrors.ts'
export { type Asked, type Asks, before, choice, figure, readAsked, text } from './asked.ts'
export { csvFile, csvOf, csvTime } from './csv.ts'
export { idIn, idOf } from './figures.ts'
export { type InstallationAllowed, type InstallationRoute, installationRoute } from './installation.ts'
export { jsonFile } from './json.ts'
export { choicePage, explanationPage, problemPage, type WayOn, wantsPage } from './problemPage.ts'
export { PROBLEMS, Problem, problem, problemOfRefusal, problemResponse } from './problems.ts'
export {
  type Allowed,
  type AtDesk,
  answered,
  bodyCheck,
  type Call,
  type Caller,
  checkMark,
  desk,
  fileRoute,
  type Given,
  hand,
  type Route,
  route,
  saysWho,
  whoOf,
} from './routes.ts'
export { savedRoutes, switchRoute } from './saved.ts'
