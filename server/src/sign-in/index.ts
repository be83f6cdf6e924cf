export { Provider } from './provider.ts'
export { signInRoutes } from './routes.ts'
export { type Scope, Sessions } from './sessions.ts'
