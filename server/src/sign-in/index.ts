export type { Cookies } from './cookies.ts'
export { Provider } from './provider.ts'
export { type SignInNote, signInRoutes } from './routes.ts'
export { type Scope, Sessions } from './sessions.ts'
