import { viewers } from '../people/index.ts'
import { needAbout } from '../runs/index.ts'
import type { CommandId, ViewerId } from '../schema.ts'
import { commandOf } from '../words/index.ts'
import { type Handler, ok, refuse } from '../world/index.ts'
import { carryOut, needUse } from './use.ts'

export interface UseCommand {
  readonly kind: 'command.use'
  readonly command: CommandId
  /** As whom. */
  readonly viewer: ViewerId
  /** What stands behind the word. */
  readonly typed: string
}

/** Uses a command from the desk, exactly as if somebody had said it in the room. */
export const carryOutByDesk = {
  needs(world, intent) {
    const about = needAbout(intent.viewer)
    const command = commandOf(world, intent.command)
    const viewer = about.every((need) => world.rows.has(need)) ? world.get(viewers, intent.viewer) : undefined
    return command === undefined || viewer === undefined
      ? about
      : [...about, ...needUse(world, command, { account: viewer.accountKey, typed: intent.typed, at: intent.at })]
  },
  decide(world, intent) {
    const command = commandOf(world, intent.command)
    const viewer = world.get(viewers, intent.viewer)
    if (command === undefined) return refuse('command_not_found', 'This command no longer exists. Reload the page.')
    if (viewer === undefined) return refuse('viewer_not_found', 'This person is no longer known here. Reload the page.')
    // A command that is heard privately only is used so.
    const asker = { name: viewer.chatName, privately: command.settings.where === 'private' }
    return ok({ used: carryOut(world, command, viewer, intent.typed, asker) })
  },
} satisfies Handler<UseCommand>
