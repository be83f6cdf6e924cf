export { voiceHandlers } from './handlers.ts'
export {
  type Asker,
  answer,
  CODE_HERE,
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
} from './voice.ts'
