export { SecretHead } from './answers.ts'
export { lastEvents, lastRefusals } from './read.ts'
export { EventReceiver } from './receive.ts'
export { EventSecrets } from './secrets.ts'
