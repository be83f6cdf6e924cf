import { setImmediate } from 'node:timers/promises'
import { SETTINGS } from '#core/engine'
import { faultIn } from '../checked.ts'
import { keptInColumns } from '../database/index.ts'

/**
 * Compiles the checks of everything that is kept as JSON, one after the other and letting others in between: all of them take
 * the better part of a second, which would otherwise be waited for in the first draw, the first order and the first alert.
 */
export async function compileChecks(): Promise<void> {
  for (const { schema, off } of [...SETTINGS, ...keptInColumns()]) {
    // Made use of once: the engine puts off reading what it is given until then.
    faultIn(schema, off(undefined))
    await setImmediate()
  }
}
