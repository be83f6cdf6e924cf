import { readFileSync } from 'node:fs'

/** The commands of a document, by the heading that they stand under; before the first heading: under "". */
export function commandsOf(file: string): Readonly<Record<string, readonly string[]>> {
  const found: Record<string, string[]> = {}
  const [first = '', ...sections] = readFileSync(file, 'utf8').split(/^## /m)
  for (const section of [`\n${first}`, ...sections]) {
    const [heading = '', ...lines] = section.split('\n')
    const blocks = [...lines.join('\n').matchAll(/^```sh\n([\s\S]*?)^```$/gm)].map(([, block = '']) => block)
    found[heading.trim()] = blocks
  }
  return found
}
