import { same } from '../same.ts'
import { type DraftStorage, type KeptDraft, PREFIX, readKept } from './keptDrafts.ts'

const MOST_CHARACTERS = 500_000

/**
 * All drafts of one person at one desk, kept on this device until they are saved or discarded. A change of page, a reload
 * and a lost connection leave them alone; another tab shows the same ones.
 */
export class DraftStore {
  readonly #prefix: string
  readonly #storage: DraftStorage | undefined
  readonly #listeners = new Set<() => void>()
  readonly #open = new Map<string, number>()
  #openKeys: readonly string[] = []
  #kept: ReadonlyMap<string, KeptDraft>

  /** @param scope - Whose drafts, and of which channel. @param storage - `undefined`: they live as long as the page. */
  constructor(scope: string, storage?: DraftStorage) {
    this.#prefix = `${PREFIX}${scope}/`
    this.#storage = storage
    this.#kept = this.#read()
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener)
    return () => this.#listeners.delete(listener)
  }

  /** All drafts by their keys; the same map until one changes. */
  readonly all = (): ReadonlyMap<string, KeptDraft> => this.#kept

  put(key: string, kept: KeptDraft): void {
    if (same(this.#kept.get(key), kept)) return
    this.#kept = new Map(this.#kept).set(key, kept)
    this.#write(key, kept)
    this.#tell()
  }

  drop(key: string): void {
    if (!this.#kept.has(key)) return
    const others = new Map(this.#kept)
    others.delete(key)
    this.#kept = others
    this.#storage?.removeItem(this.#prefix + key)
    this.#tell()
  }

  /** The keys of the forms that are seen, in their order; the same list until one opens or closes. */
  readonly openForms = (): readonly string[] => this.#openKeys

  /** A form is seen. @returns what says that it is not any more. */
  opened(key: string): () => void {
    const count = (more: number) => {
      const now = (this.#open.get(key) ?? 0) + more
      if (now === 0) this.#open.delete(key)
      else this.#open.set(key, now)
      this.#openKeys = [...this.#open.keys()].sort()
      this.#tell()
    }
    count(1)
    return () => count(-1)
  }

  /** Takes over what another tab wrote. @param key - The storage's; null: everything may have changed. */
  readonly changedElsewhere = (key: string | null): void => {
    if (key !== null && !key.startsWith(this.#prefix)) return
    this.#kept = this.#read()
    this.#tell()
  }

  #tell(): void {
    for (const listener of this.#listeners) listener()
  }

  #write(key: string, kept: KeptDraft): void {
    try {
      const text = JSON.stringify(kept)
      if (text.length <= MOST_CHARACTERS) this.#storage?.setItem(this.#prefix + key, text)
    } catch {
      // The device has no room left: the draft lives as long as the page.
    }
  }

  #read(): ReadonlyMap<string, KeptDraft> {
    const found = new Map<string, KeptDraft>()
    for (let i = 0; i < (this.#storage?.length ?? 0); i++) {
      const key = this.#storage?.key(i)
      if (key === null || key === undefined || !key.startsWith(this.#prefix)) continue
      const kept = readKept(this.#storage?.getItem(key) ?? '')
      if (kept !== undefined) found.set(key.slice(this.#prefix.length), kept)
    }
    return found
  }
}

const kindOf = (value: unknown): string => (Array.isArray(value) ? 'array' : value === null ? 'null' : typeof value)

/**
 * Whether a draft has the shape of what is saved today, so that a form can show it: one that an older version of the page
 * kept may not. Where a field can be null, or is one of several shapes told apart by its fields, the form's own reading decides.
 */
export function fits(draft: unknown, live: unknown): boolean {
  const [is, wanted] = [kindOf(draft), kindOf(live)]
  if (is !== wanted) return is === 'null' || wanted === 'null' || wanted === 'undefined'
  if (wanted !== 'object') return true
  const [mine, theirs] = [draft as Record<string, unknown>, live as Record<string, unknown>]
  return Object.keys(theirs).every((name) => mine[name] === undefined || fits(mine[name], theirs[name]))
}
