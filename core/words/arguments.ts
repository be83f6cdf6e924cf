import { type Currency, currencySetting, readAmount } from '../currency/index.ts'
import { balanceOf } from '../ledger/index.ts'
import type { ViewerRow } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import { type Need, ok, type Result, refuse, type World } from '../world/index.ts'
import { findNamed, needNamed } from './named.ts'
import type { Argument } from './schema.ts'

/** What was given for each argument: a viewer by id, a number, or a text. What was left out is not there. */
export type Given = Readonly<Record<string, string | number>>

/** What is typed for each argument, in order: a text takes all that is left. */
function split(wanted: readonly Argument[], typed: string): { parts: string[]; over: string } {
  const parts: string[] = []
  let rest = typed.trim()
  for (const { kind } of wanted) {
    if (rest === '') break
    const end = kind === 'text' ? -1 : rest.search(/\s/)
    parts.push(end < 0 ? rest : rest.slice(0, end))
    rest = end < 0 ? '' : rest.slice(end).trim()
  }
  return { parts, over: rest }
}

/** What reading the arguments needs: whoever is named. */
export function needArguments(world: World, wanted: readonly Argument[], typed: string): Need[] {
  const { parts } = split(wanted, typed)
  return parts.flatMap((part, i) => (wanted[i]?.kind === 'viewer' ? needNamed(world, part) : []))
}

/** The people named, by their argument. Needs `needArguments`. */
export function peopleNamed(world: World, wanted: readonly Argument[], typed: string): Record<string, number> {
  const { parts } = split(wanted, typed)
  const named: Record<string, number> = {}
  for (const [i, part] of parts.entries()) {
    const argument = wanted[i]
    if (argument?.kind !== 'viewer' || !needNamed(world, part).every((need) => world.rows.has(need))) continue
    const found = findNamed(world, part)
    if (found.ok) named[argument.name] = found.value.id
  }
  return named
}

const HINTS: Readonly<Record<Argument['kind'], string>> = {
  viewer: 'a viewer’s name',
  amount: 'an amount, like 250, 1k, half or all',
  number: 'a whole number',
  choice: 'one of',
  text: 'a text',
}

/** How a command is called: "!stamp <who> <how many> (note)". What can be left out stands in brackets. */
export function usageLine(word: string, wanted: readonly Argument[]): string {
  const shown = wanted.map(({ name, kind, choices, needed }) => {
    const what = kind === 'choice' ? choices.join('/') : name.replaceAll('_', ' ')
    return needed ? `<${what}>` : `(${what})`
  })
  return [`!${word}`, ...shown].join(' ')
}

/**
 * Reads what was typed behind a word.
 * @returns What was given by name; or a refusal that says what is wrong and how it is called.
 */
export function readArguments(
  world: World,
  word: string,
  wanted: readonly Argument[],
  typed: string,
  caller: ViewerRow,
): Result<Given> {
  const { parts, over } = split(wanted, typed)
  const usage = `Type ${usageLine(word, wanted)}`
  // Words behind a command that asks for nothing are talk, not a mistake.
  if (over !== '' && wanted.length > 0) return refuse('arguments_wrong', `That is too much. ${usage}.`)
  const given: Record<string, string | number> = {}
  for (const [i, argument] of wanted.entries()) {
    const part = parts[i]
    if (part === undefined) {
      if (!argument.needed) continue
      return refuse('arguments_wrong', `${usage}.`)
    }
    const read = readOne(world, argument, part, caller)
    if (!read.ok) return refuse(read.refusal.code, `${read.refusal.sentence} ${usage}.`)
    given[argument.name] = read.value
  }
  return ok(given)
}

function readOne(
  world: World,
  { kind, choices, most, name }: Argument,
  part: string,
  caller: ViewerRow,
): Result<string | number> {
  switch (kind) {
    case 'viewer': {
      const found = findNamed(world, part)
      return found.ok ? ok(found.value.id) : refuse(found.refusal.code, capital(found.refusal.sentence))
    }
    case 'amount':
      return readAmount(part, balanceOf(world, caller.id), currencyOf(world))
    case 'number':
      return /^\d{1,9}$/.test(part)
        ? ok(Number(part))
        : refuse('arguments_wrong', `"${part.slice(0, 30)}" is not a whole number.`)
    case 'choice': {
      const chosen = choices.find((one) => one.toLowerCase() === part.toLowerCase())
      return chosen === undefined ? refuse('arguments_wrong', `There are ${choices.join(', ')}.`) : ok(chosen)
    }
    case 'text':
      return part.length <= most
        ? ok(part)
        : refuse(
            'arguments_wrong',
            `${capital(name.replaceAll('_', ' '))} is ${part.length} characters long; ${most} is the most.`,
          )
  }
}

const currencyOf = (world: World): Currency => readSetting(world, currencySetting)
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** What an argument takes, for the form. */
export const takes = ({ kind, choices }: Argument): string =>
  kind === 'choice' ? `${HINTS.choice} ${choices.join(', ')}` : HINTS[kind]
