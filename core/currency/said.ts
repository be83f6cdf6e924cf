import { readSetting } from '../settings/index.ts'
import type { World } from '../world/index.ts'
import { inWords } from './currency.ts'
import { currencySetting } from './setting.ts'

/** An amount of the channel's currency, as people say it. */
export const amount = (world: World, n: number): string => inWords(n, readSetting(world, currencySetting))
