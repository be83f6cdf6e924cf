import { readFileSync, writeFileSync } from 'node:fs'
import type { TObject, TSchema } from '@sinclair/typebox'
import { PROBLEMS } from '#server/http/index.ts'
import { FACTS } from '../core/engine/index.ts'
import type { DeclaredFact } from '../core/world/index.ts'
import { API_TYPES, apiTypes } from './apiTypes.ts'

const [PROTOCOLS, ERRORS] = ['docs/protocols.md', 'docs/errors.md']

/** What a fact carries, by name; "?" after what is not always there. */
function fieldsOf({ properties, required = [] }: TObject): string {
  const names = Object.keys(properties as Record<string, TSchema>)
  const shown = names.map((name) => `\`${name}${required.includes(name) ? '' : '?'}\``)
  return shown.length === 0 ? '-' : shown.join(', ')
}

/** The table of all kinds of facts, as Markdown. */
export function factsTable(): string {
  const declared = Object.entries(FACTS).sort(([a], [b]) => a.localeCompare(b)) as [string, DeclaredFact][]
  const rows = declared.map(
    ([kind, { to, says, body }]) => `| \`${kind}\` | ${to.join(', ')} | ${says} | ${fieldsOf(body)} |`,
  )
  return ['| kind | told | says | carries |', '| --- | --- | --- | --- |', ...rows].join('\n')
}

/** A document with what is generated between its marks made anew. @throws where it has no such marks. */
export function withGenerated(document: string, name: string, text: string): string {
  const [begin, end] = [`<!-- ${name}: made by \`npm run docs\` -->`, `<!-- ${name}: end -->`]
  const [from, to] = [document.indexOf(begin), document.indexOf(end)]
  if (from < 0 || to < from) throw new Error(`The document has no place for ${name}: ${begin} ... ${end}`)
  return `${document.slice(0, from + begin.length)}\n${text}\n${document.slice(to)}`
}

/** The table of all codes of errors, as Markdown. */
export function errorsTable(): string {
  const all = Object.entries(PROBLEMS).sort(([a], [b]) => a.localeCompare(b))
  const rows = all.map(([code, { status, when }]) => `| \`${code}\` | ${status} | ${when} |`)
  return ['| code | status | when |', '| --- | --- | --- |', ...rows].join('\n')
}

/** What is made from declarations, as it is to be, by file. */
export const documents = async (): Promise<Readonly<Record<string, string>>> => ({
  [API_TYPES]: await apiTypes(),
  [PROTOCOLS]: withGenerated(readFileSync(PROTOCOLS, 'utf8'), 'facts', factsTable()),
  [ERRORS]: withGenerated(readFileSync(ERRORS, 'utf8'), 'errors', errorsTable()),
})

if (process.argv[1]?.endsWith('documentation.ts'))
  for (const [file, text] of Object.entries(await documents())) writeFileSync(file, text)
