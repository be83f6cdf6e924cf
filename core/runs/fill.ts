import { currencySetting, inWords } from '../currency/index.ts'
import { readSetting } from '../settings/index.ts'
import { cutForChat, render } from '../texts/index.ts'
import { fieldsNow } from './fields.ts'
import type { Run } from './run.ts'

/** A text as it reads now, cut to a line; empty, with the reason in the log, where it cannot be filled in. */
export function fill(run: Run, text: string): string {
  const { world } = run
  const currency = readSetting(world, currencySetting)
  const filled = render(text, fieldsNow(run), { draw: run.draw, inWords: (n: number) => inWords(n, currency) })
  if (filled.ok) return cutForChat(filled.text)
  run.log.push({ do: 'text', sentence: `A text could not be filled in: ${filled.why}` })
  return ''
}
