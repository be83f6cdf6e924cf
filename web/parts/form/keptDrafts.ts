/** What was typed into a form and is saved nowhere else yet. */
export interface KeptDraft {
  readonly draft: unknown
  /** What was saved of it when typing began: where it has changed since, somebody else saved. */
  readonly base: unknown
  /** The page the form is on, for its mark in the navigation. */
  readonly page: string
}

/** Where drafts outlive the page: `localStorage`, or anything like it. */
export type DraftStorage = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>

/** What the keys of all drafts begin with. */
export const PREFIX = 'ricompensa/draft/'

/** The keys of all drafts of forms on one page, whoever typed them. @param path - Ends with the page's address. */
function keysOn(path: string, storage: DraftStorage): string[] {
  const keys = Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '')
  return keys.filter((key) => {
    const kept = key.startsWith(PREFIX) ? readKept(storage.getItem(key) ?? '') : undefined
    return kept !== undefined && (path.endsWith(kept.page) || kept.page.startsWith(path))
  })
}

/** Whether a page that failed has unsaved text, which may be why it failed. */
export const hasDraftsOn = (path: string, storage: DraftStorage): boolean => keysOn(path, storage).length > 0

/** The way out of a page that fails because of what was typed into it. */
export function discardDraftsOn(path: string, storage: DraftStorage): void {
  for (const key of keysOn(path, storage)) storage.removeItem(key)
}

/** A draft as the storage has it; undefined: it cannot be read. */
export function readKept(text: string): KeptDraft | undefined {
  try {
    const kept: unknown = JSON.parse(text)
    if (typeof kept !== 'object' || kept === null) return undefined
    return 'draft' in kept && 'base' in kept && 'page' in kept ? (kept as KeptDraft) : undefined
  } catch {
    return undefined
  }
}
