import type { CommandId, UnixSeconds } from '../schema.ts'
import { defineTable, savedCollection } from '../world/index.ts'
import type { CommandSettings } from './schema.ts'

export interface CommandRow {
  readonly id: CommandId
  readonly settings: CommandSettings
  readonly goneAt: UnixSeconds | null
}

/** Commands that are gone are not loaded. */
export const commands = defineTable<CommandRow>('command', 'whole', (row) => row.id)

/** The commands there are, in the order in which they were made. */
export const savedCommands = savedCollection(commands, {
  one: 'command',
  many: 'commands',
  most: 1000,
  missing: 'command_not_found',
  full: 'command_invalid',
})
export const { open: openCommands, find: commandOf } = savedCommands
