export { CODE_HERE } from './codeHere.ts'
export { voiceHandlers } from './handlers.ts'
export {
  type Asker,
  answer,
  type CodeOf,
  messages,
  REPLIES,
  type Reply,
  type Saying,
  say,
  sayPrivately,
  type Tell,
  TOPICS,
  type Topic,
  Voice,
  voiceSetting,
  withCommitment,
} from './voice.ts'
