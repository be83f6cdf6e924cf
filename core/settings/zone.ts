import type { Setting } from './settings.ts'

/** The channel's time zone, as IANA names it: what a weekday, an hour and a day mean here. */
export const zoneSetting: Setting<{ readonly timeZone: string }> = { name: 'zone', initial: { timeZone: 'UTC' } }

/** Whether there is a time zone of this name. */
export function isZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== ''
  } catch {
    return false
  }
}
