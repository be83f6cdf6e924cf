import { readFileSync } from 'node:fs'

/** When each code is answered, by code: the table of docs/errors.md. */
export const explainedProblems = (table: string): Record<string, string> =>
  Object.fromEntries(
    [...table.matchAll(/^\| `(\w+)` \| \d{3} \| (.+) \|$/gm)].map(([, code = '', when = '']) => [code, when]),
  )

/** The same as it was built beside the pages; nothing where they are not. @param folder - Of the pages. */
export function readExplained(folder: string): Readonly<Record<string, string>> {
  try {
    return JSON.parse(readFileSync(`${folder}/problems.json`, 'utf8')) as Record<string, string>
  } catch {
    return {}
  }
}
