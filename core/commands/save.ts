import { aroundIn, callsIn, checkSteps, faultInWords } from '../runs/index.ts'
import type { CommandId } from '../schema.ts'
import { faultsOf, SAMPLE_VIEWER } from '../texts/index.ts'
import {
  type CommandRow,
  type CommandSettings,
  checkListeners,
  commands,
  type Listener,
  openCommands,
  otherListeners,
  savedCommands,
} from '../words/index.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'

export interface SaveCommand {
  readonly kind: 'command.save'
  /** Null: a new one. */
  readonly command: CommandId | null
  readonly settings: CommandSettings
}

/** Makes or changes a command. What is answered is what is live from that moment. */
export const saveCommand = {
  decide(world, { command: id, settings }) {
    const before = savedCommands.before(world, id)
    if (!before.ok) return before
    const checked = checkCommand(world, id, settings)
    if (!checked.ok) return checked
    const row = world.put(commands, { id: id ?? world.nextId(), settings: tidy(settings), goneAt: null })
    world.fact('commands.changed', 'everyone', { command: row.id })
    return ok({ command: row.id, settings: row.settings })
  },
} satisfies Handler<SaveCommand>

const tidy = (settings: CommandSettings): CommandSettings => ({
  ...settings,
  word: settings.word.toLowerCase(),
  aliases: [...new Set(settings.aliases.map((alias) => alias.toLowerCase()))],
  group: settings.group.trim(),
})

/** Whether a command's words, arguments and steps can be. The refusal names the first fault and where it is. */
export function checkCommand(world: World, id: number | null, settings: CommandSettings): Result<true> {
  const words = checkCommandWords(otherListeners(world, { command: id }), settings)
  if (!words.ok) return words
  const wrong = argumentFault(settings) ?? refusalFault(settings)
  if (wrong !== undefined) return refuse('command_invalid', wrong)
  const faults = checkSteps(
    settings.steps,
    aroundIn(world, { ...settings, figures: {}, viewer: true, self: id ?? undefined }),
  )
  const fault = faults.find(({ hint }) => !hint)
  return fault === undefined ? ok(true) : refuse('command_invalid', faultInWords(fault))
}

/** Whether a command's word and aliases are told apart from all others. */
export const checkCommandWords = (
  others: readonly Listener[],
  { word, aliases }: Pick<CommandSettings, 'word' | 'aliases'>,
): Result<true> =>
  checkListeners([
    ...others,
    { words: [word, ...aliases.filter((alias) => alias.toLowerCase() !== word.toLowerCase())], name: `!${word}` },
  ])

/** What is wrong with a command's arguments; undefined: nothing. */
export function argumentFault({ arguments: wanted }: Pick<CommandSettings, 'arguments'>): string | undefined {
  for (const [i, { name, kind, needed, choices }] of wanted.entries()) {
    if (wanted.some((other, k) => k < i && other.name === name)) return `Two arguments are named "${name}". Rename one.`
    if (kind === 'text' && i < wanted.length - 1) return `"${name}" is a text and takes all that is left. Put it last.`
    if (kind === 'choice' && choices.length < 2) return `Give "${name}" at least two things to choose from.`
    if (needed && wanted.some((other, k) => k < i && !other.needed))
      return `"${name}" is required, but one before it can be left out. Move it up.`
  }
  return undefined
}

const REFUSAL_FIELDS = [
  { path: 'viewer.name', tells: 'whose line it was', sample: SAMPLE_VIEWER },
  { path: 'why', tells: 'why it was refused', sample: 'That is on cooldown for 40 s.' },
]

/** What is wrong with the text of a refusal; undefined: nothing. */
export function refusalFault({ refusalText = '' }: Pick<CommandSettings, 'refusalText'>): string | undefined {
  const [fault] = faultsOf(refusalText, REFUSAL_FIELDS)
  return fault && `In the text for who may not use it: ${fault}`
}

export interface SwitchCommand {
  readonly kind: 'command.switch'
  readonly command: CommandId
  readonly on: boolean
}

/** Switches a command on or off. */
export const switchCommand = {
  decide(world, { command: id, on }) {
    const found = savedCommands.need(world, id)
    if (!found.ok) return found
    world.put(commands, { ...found.value, settings: { ...found.value.settings, on } })
    world.fact('commands.changed', 'everyone', { command: id })
    return ok({ command: id, on })
  },
} satisfies Handler<SwitchCommand>

export interface RemoveCommand {
  readonly kind: 'command.remove'
  readonly command: CommandId
}

/** Takes a command away, unless another one's steps call it. */
export const removeCommand = {
  decide(world, { command: id }) {
    const found = savedCommands.need(world, id)
    if (!found.ok) return found
    const caller = openCommands(world).find((one) => calls(one, id))
    if (caller !== undefined)
      return refuse('command_invalid', `!${caller.settings.word} calls its steps. Change that one first.`)
    world.put(commands, { ...found.value, goneAt: world.at })
    world.fact('commands.changed', 'everyone', { command: id })
    return ok({})
  },
} satisfies Handler<RemoveCommand>

const calls = ({ settings }: CommandRow, id: number): boolean => callsIn(settings.steps).includes(id)
