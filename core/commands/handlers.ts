import { carryOutByDesk } from './byDesk.ts'
import { checkInByPage } from './checkIn.ts'
import { chatLine } from './line.ts'
import { removeCommand, saveCommand, switchCommand } from './save.ts'

/** How each intent of commands is decided, by its kind. */
export const commandHandlers = {
  'chat.line': chatLine,
  'command.remove': removeCommand,
  'command.save': saveCommand,
  'command.switch': switchCommand,
  'command.use': carryOutByDesk,
  'people.checkIn': checkInByPage,
}
