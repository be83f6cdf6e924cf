import { commandOf } from '../../words/index.ts'
import { ok, refuse } from '../../world/index.ts'
import type { Around } from '../around.ts'
import { leadsBack } from '../leadsBack.ts'
import type { StepRule } from '../rule.ts'
import { queued } from '../run.ts'

/** A command may be called if it leads back to nobody on the way, and asks for nothing that is not given here. */
function callFaults(id: number, around: Around): string[] {
  const command = around.commands.find((one) => one.id === id)
  if (command === undefined) return ['Choose a command.']
  if (leadsBack({ command: id }, around))
    return [`!${command.settings.word} comes back to this one: that would never end.`]
  const missing = command.settings.arguments.filter(
    ({ needed, name, kind }) =>
      needed && !around.arguments.some((own) => own.name === name && own.kind === kind && own.needed),
  )
  return missing.map(({ name }) => `!${command.settings.word} needs "${name}". Ask for it here, too, under that name.`)
}

export const call: StepRule<'call'> = {
  faults: ({ command }, around) => callFaults(command, around),
  needs(world, { command: id }, { about, called, within }) {
    const command = called.includes(id) ? undefined : commandOf(world, id)
    return command === undefined ? [] : within(command.settings.steps, about, [...called, id])
  },
  into(run, step, depth, on) {
    const command = commandOf(run.world, step.command)
    if (command === undefined) return refuse('command_not_found', 'The command whose steps it calls is gone.')
    run.log.push({ do: 'call', sentence: `Goes on with the steps of !${command.settings.word}.` })
    return ok(queued(command.settings.steps, depth + 1, on))
  },
}
