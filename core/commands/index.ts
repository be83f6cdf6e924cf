export { type ChatLine, chatLine } from './line.ts'
export { parseWord } from './parse.ts'
export { type ChangeVoice, changeVoice, type Voice, voiceSetting } from './voice.ts'
