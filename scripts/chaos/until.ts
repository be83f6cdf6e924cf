import { setTimeout as pause } from 'node:timers/promises'

/** Only ends what never happens: how long something takes says nothing about whether it is right (milliseconds). */
const MOST_MS = 600_000
const LOOK_MS = 200

/** Waits for a condition, however slow the machine is. @returns whether it came about. */
export async function until(condition: () => boolean | Promise<boolean>): Promise<boolean> {
  const giveUp = performance.now() + MOST_MS
  while (!(await condition())) {
    if (performance.now() > giveUp) return false
    await pause(LOOK_MS)
  }
  return true
}
