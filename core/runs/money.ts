import { currencySetting, digits, inWords } from '../currency/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { Amount } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import type { Run } from './run.ts'

/** "120 rivets". */
export const sum = (run: Run, amount: Amount): string => inWords(amount, readSetting(run.world, currencySetting))

/** "pia 100 → 120 rivets". */
export const change = (run: Run, { name }: ViewerRow, before: number, after: number): string =>
  `${name} ${digits(before)} → ${sum(run, after)}`
