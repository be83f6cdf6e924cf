import { betsSetting } from '../bets/index.ts'
import { currencySetting } from '../currency/index.ts'
import { allowanceSetting, earningSetting, offAirSetting, planDraftSetting } from '../earning/index.ts'
import { showEventsSetting } from '../events/index.ts'
import { seedSetting } from '../fairness/index.ts'
import { gameSettings, gameTextsSetting, wageringSetting } from '../games/index.ts'
import { goalsSetting } from '../goals/index.ts'
import { giftSetting } from '../people/index.ts'
import { ranksSetting } from '../ranks/index.ts'
import { alertsSetting } from '../screen/index.ts'
import { channelSetting, economySetting, homeSetting, type Setting, zoneSetting } from '../settings/index.ts'
import { starterSetting } from '../starter/index.ts'
import { voiceSetting } from '../voice/index.ts'
import { wordsSetting } from '../words/index.ts'

/** Every group of a channel's settings. One that is not here is written, and not read again: a test looks for that. */
export const SETTINGS: readonly Setting<object>[] = [
  channelSetting,
  economySetting,
  homeSetting,
  zoneSetting,
  currencySetting,
  voiceSetting,
  wordsSetting,
  giftSetting,
  earningSetting,
  planDraftSetting,
  offAirSetting,
  allowanceSetting,
  ranksSetting,
  showEventsSetting,
  seedSetting,
  alertsSetting,
  betsSetting,
  goalsSetting,
  wageringSetting,
  starterSetting,
  gameTextsSetting,
  ...gameSettings,
]
