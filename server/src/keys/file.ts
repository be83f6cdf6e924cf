import { linkSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { Keyring, type Keys, newKeys, parseKeys, printKeys } from './keyring.ts'

/** Where keys are kept if neither the environment nor KEYS_FILE says so. */
const DEFAULT_FILE = 'ricompensa.keys'

/** Where the keys of this process come from: the environment, or a file. */
export type KeySource = { readonly text: string } | { readonly file: string }

export const keySource = ({ ENCRYPTION_KEYS, KEYS_FILE }: NodeJS.ProcessEnv): KeySource =>
  ENCRYPTION_KEYS ? { text: ENCRYPTION_KEYS } : { file: KEYS_FILE || DEFAULT_FILE }

/** Reads the keys; makes the file at the first start, for its owner alone. */
export function readKeys(source: KeySource): Keys {
  if ('text' in source) return parseKeys(source.text)
  try {
    return parseKeys(readFileSync(source.file, 'utf8').trim())
  } catch (fault) {
    if ((fault as { code?: string }).code !== 'ENOENT') throw fault
  }
  firstKeys(source.file)
  return parseKeys(readFileSync(source.file, 'utf8').trim())
}

/** Writes a new file with new keys whole, or leaves the one that another process was quicker to write. */
function firstKeys(file: string): void {
  const own = `${file}.${process.pid}`
  writeFileSync(own, `${printKeys(newKeys())}\n`, { mode: 0o600 })
  try {
    linkSync(own, file)
  } catch (fault) {
    if ((fault as { code?: string }).code !== 'EEXIST') throw fault
  } finally {
    rmSync(own, { force: true })
  }
}

/** Puts other keys into the file, whole or not at all. */
export function writeKeys(file: string, keys: Keys): void {
  const next = `${file}.next`
  writeFileSync(next, `${printKeys(keys)}\n`, { mode: 0o600 })
  renameSync(next, file)
}

let ring: Keyring | undefined

/** The keys of this process, read at their first use. They are the process's as the database's address is: one for all. */
export function keyring(): Keyring {
  if (ring === undefined) {
    const source = keySource(process.env)
    ring = new Keyring(readKeys(source), () => readKeys(source))
  }
  return ring
}
