export { type ChatLine, chatLine } from './line.ts'
export { type ChangeVoice, changeVoice, type TestVoice, testVoice, type Voice, voiceSetting } from './voice.ts'
