export { SecretHead } from './answers.ts'
export { lastEvents, lastRefusals } from './read.ts'
export { EventDoor } from './receive.ts'
export { EventSecrets } from './secrets.ts'
