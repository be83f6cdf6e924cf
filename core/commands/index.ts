export { type CheckInByPage, checkInByPage } from './checkIn.ts'
export { cooldowns } from './cooldowns.ts'
export { type ChatLine, chatLine, type FollowUp, type Tell, tell } from './line.ts'
export { ChatWords, type WordKind } from './schema.ts'
export { type ChangeVoice, changeVoice, type TestVoice, testVoice, type Voice, voiceSetting } from './voice.ts'
export {
  type ChangeCurrency,
  type ChangeWords,
  changeCurrency,
  changeWords,
  checkWords,
  wordsSetting,
} from './words.ts'
