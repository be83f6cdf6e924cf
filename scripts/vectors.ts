import { readdirSync, readFileSync, statSync } from 'node:fs'
import { type Case, wrongCases } from '../testing/vectors/index.ts'

/** Holds the rules to the cases in a folder: a JSON file for each rule, each a list of cases. */
function main(folder: string | undefined): number {
  if (folder === undefined || !statSync(folder, { throwIfNoEntry: false })?.isDirectory()) {
    console.error('Say which folder the cases are in: npm run vectors -- testing/vectors')
    return 2
  }
  let wrongInAll = 0
  for (const file of readdirSync(folder)
    .filter((name) => name.endsWith('.json'))
    .sort()) {
    const cases = readCases(`${folder}/${file}`)
    if (cases === undefined) {
      console.error(`${file}: this is not a JSON list of cases`)
      wrongInAll++
      continue
    }
    const wrong = wrongCases(file.replace(/\.json$/, ''), cases)
    console.log(
      wrong === undefined
        ? `${file}: ${cases.length} cases, not built yet`
        : `${file}: ${cases.length} cases, ${wrong} wrong`,
    )
    wrongInAll += wrong ?? 0
  }
  return wrongInAll > 0 ? 1 : 0
}

function readCases(path: string): Case[] | undefined {
  try {
    const cases: unknown = JSON.parse(readFileSync(path, 'utf8'))
    return Array.isArray(cases) ? (cases as Case[]) : undefined
  } catch {
    return undefined
  }
}

process.exit(main(process.argv[2]))
