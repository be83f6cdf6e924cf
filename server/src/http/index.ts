export { type AppOptions, createApp, type Env } from './app.ts'
export { API_ERRORS, PROBLEM_STATUS, Problem, problem } from './problems.ts'
export { type Allowed, answered, type Call, type Caller, type Route, route } from './routes.ts'
