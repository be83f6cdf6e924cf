import { plainText } from '../texts/index.ts'
import { ok, type Result, refuse } from '../world/index.ts'
import type { Asks } from './schema.ts'

const lettersOf = (text: string): number => [...text].length

/**
 * What a buyer said to a reward, checked against what it asks.
 * @param typed - As typed, in chat or on the page; controls and marks that reverse text are taken out.
 * @returns It as it is kept: a choice as the reward writes it, a number without spaces. Empty where nothing is asked and nothing was said.
 */
export function checkAnswer(name: string, asks: Asks, typed: string): Result<string> {
  const text = plainText(typed)
  if (asks.of === 'nothing') return lettersOf(text) > MOST_UNASKED ? tooLong(text, MOST_UNASKED) : ok(text)
  if (text === '')
    return refuse('text_missing', `${name} asks: ${asks.question}${hint(asks)} Type it after the command.`)
  switch (asks.of) {
    case 'text':
      if (lettersOf(text) < asks.least)
        return refuse(
          'answer_wrong',
          `That is ${lettersOf(text)} characters long; ${name} needs ${asks.least} or more.`,
        )
      return lettersOf(text) > asks.most ? tooLong(text, asks.most) : ok(text)
    case 'choice':
      return chosen(name, asks.choices, text)
    case 'number':
      return numbered(name, asks, text)
    case 'link':
      return linked(name, text)
  }
}

/** Nothing was asked, but something may be said. */
const MOST_UNASKED = 200

const tooLong = (text: string, most: number): Result<never> =>
  refuse('text_too_long', `That is ${lettersOf(text)} characters long; ${most} is the most. Shorten it.`)

function hint(asks: Exclude<Asks, { of: 'nothing' }>): string {
  if (asks.of === 'choice') return ` (${asks.choices.slice(0, 8).join(', ')}${asks.choices.length > 8 ? ' ...' : ''})`
  if (asks.of === 'number') return ` (${asks.from} to ${asks.to})`
  return ''
}

function chosen(name: string, choices: readonly string[], text: string): Result<string> {
  const wanted = text.toLowerCase()
  const exact = choices.find((choice) => choice.toLowerCase() === wanted)
  const like = choices.filter((choice) => choice.toLowerCase().startsWith(wanted))
  const one = exact ?? (like.length === 1 ? like[0] : undefined)
  if (one !== undefined) return ok(one)
  return refuse(
    'answer_wrong',
    `"${text.slice(0, 40)}" is not on the list of ${name}. Choose one: ${choices.slice(0, 12).join(', ')}.`,
  )
}

function numbered(name: string, { from, to }: { from: number; to: number }, text: string): Result<string> {
  const n = /^[+-]?\d{1,12}$/.test(text) ? Number(text) : Number.NaN
  if (Number.isNaN(n) || n < from || n > to)
    return refuse('answer_wrong', `${name} needs a whole number from ${from} to ${to}, like ${from}.`)
  return ok(String(n))
}

function linked(name: string, text: string): Result<string> {
  const address = URL.canParse(text) ? new URL(text) : undefined
  const good = address !== undefined && /^https?:$/.test(address.protocol) && !/\s/.test(text)
  if (!good || address.hostname === '' || address.username !== '')
    return refuse('answer_wrong', `${name} needs a link that begins with https://, and nothing else.`)
  return lettersOf(text) > MOST_LINK ? tooLong(text, MOST_LINK) : ok(text)
}

const MOST_LINK = 300
