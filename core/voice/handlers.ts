import { changeVoice, tell, testVoice } from './voice.ts'

/** How each intent of the bot’s voice is decided, by its kind. */
export const voiceHandlers = {
  'chat.tell': tell,
  'chat.test': testVoice,
  'chat.voice': changeVoice,
}
