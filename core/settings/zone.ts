import { Type } from '@sinclair/typebox'
import { exactly } from '../schema.ts'
import { setting } from './settings.ts'

/** The channel's time zone, as IANA names it: what a weekday, an hour and a day mean here. */
export const zoneSetting = setting('zone', 'time zone', exactly({ timeZone: Type.String() }), { timeZone: 'UTC' })

/** Whether there is a time zone of this name. */
export function isZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== ''
  } catch {
    return false
  }
}
