export { followUp } from './followUp.ts'
export { fieldsOfChannel } from './liveFields.ts'
export { commandsOf, triggersOf } from './read.ts'
export { commandRoutes } from './routes.ts'
