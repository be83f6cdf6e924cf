import type { CommandId, UnixSeconds } from '../schema.ts'
import { defineTable, type World } from '../world/index.ts'
import type { CommandSettings } from './schema.ts'

export interface CommandRow {
  readonly id: CommandId
  readonly settings: CommandSettings
  readonly goneAt: UnixSeconds | null
}

/** Commands that are gone are not loaded. */
export const commands = defineTable<CommandRow>('command', 'whole', (row) => row.id)

/** The commands there are, in the order in which they were made. */
export const openCommands = (world: World): CommandRow[] =>
  world
    .all(commands)
    .filter(({ goneAt }) => goneAt === null)
    .sort((a, b) => a.id - b.id)

/** A command by its id, unless it is gone. */
export function commandOf(world: World, id: number): CommandRow | undefined {
  const row = world.get(commands, id)
  return row?.goneAt === null ? row : undefined
}
