import { readdirSync } from 'node:fs'

/** The longer ones of the browser tests, so that both parts take as long; what is in neither comes with the others. */
const FIRST = ['games', 'access', 'evening', 'screen', 'drafts']

/** Those that begin with an empty channel. */
export const FROM_EMPTY: readonly string[] = ['start.spec.ts']

const specs = readdirSync('e2e').filter((file) => file.endsWith('.spec.ts') && !FROM_EMPTY.includes(file))
const isFirst = (file: string): boolean => FIRST.includes(file.replace('.spec.ts', ''))

/**
 * The files of the browser tests in parts that run side by side, each with a stack of its own. With three, two processors
 * are at their end, and it takes longer.
 */
export const PARTS: readonly (readonly string[])[] = [specs.filter(isFirst), specs.filter((file) => !isFirst(file))]
