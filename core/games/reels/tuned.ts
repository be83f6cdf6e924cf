import { machineOdds } from './reels.ts'
import type { Machine } from './schema.ts'

const PPM = 1_000_000
/** A whole tenth, in hundredths. */
const TENTH = 10

/**
 * A machine's pay table with its multipliers changed to whole tenths so that it gives back as nearly as it can what is wanted, and
 * never more. @param wanted - In parts per million of the stake.
 */
export function tunedTo(machine: Machine, wanted: number): Machine {
  const { lines } = machineOdds(machine)
  const weights = lines.map(({ top, bottom }) => Number(top) / Number(bottom))
  const returned = (all: readonly number[]) => all.reduce((sum, one, i) => sum + (one * (weights[i] ?? 0)) / 100, 0)
  const now = machine.table.map(({ multiplier }) => multiplier)
  const before = returned(now)
  const factor = before === 0 ? 1 : wanted / PPM / before
  const scaled = now.map((one) => (one === 0 ? 0 : Math.max(TENTH, Math.floor((one * factor) / TENTH) * TENTH)))
  const change = (line: number, by: number) => {
    scaled[line] = (scaled[line] ?? 0) + by
  }
  // A line that would pay less than a tenth keeps one: what that is too much comes off the highest.
  while (returned(scaled) > wanted / PPM && Math.max(...scaled) > TENTH)
    change(scaled.indexOf(Math.max(...scaled)), -TENTH)
  const byWeight = [...weights.keys()].sort((a, b) => (weights[b] ?? 0) - (weights[a] ?? 0))
  for (const line of byWeight) {
    const each = ((weights[line] ?? 0) * TENTH) / 100
    if (each === 0 || scaled[line] === 0) continue
    change(line, Math.floor((wanted / PPM - returned(scaled)) / each) * TENTH)
  }
  return { ...machine, table: machine.table.map((line, i) => ({ ...line, multiplier: scaled[i] ?? line.multiplier })) }
}
