import { type BetDefaults, betsSetting } from '#core/bets'
import type { Reader } from '../database/index.ts'
import { settingOf } from '../settings/index.ts'

/** The word and the usual terms of a channel's bets. */
export const betDefaultsOf = (db: Reader, channel: number): Promise<BetDefaults> => settingOf(db, channel, betsSetting)
