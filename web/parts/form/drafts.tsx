import {
  createContext,
  type ReactNode,
  type SetStateAction,
  useContext,
  useEffect,
  useMemo,
  useSyncExternalStore,
} from 'react'
import { useLocation } from 'react-router'
import { same } from '../same.ts'
import { DraftStore, fits } from './draftStore.ts'
import { type Clash, mergeDraft, takeTheirs } from './mergeDraft.ts'

const Drafts = createContext(new DraftStore('nobody'))

/** Around all forms: whose drafts they keep. */
export function DraftsProvider({ scope, children }: { scope: string; children: ReactNode }) {
  const store = useMemo(() => new DraftStore(scope, window.localStorage), [scope])
  useEffect(() => {
    const changed = (event: StorageEvent) => store.changedElsewhere(event.key)
    window.addEventListener('storage', changed)
    return () => window.removeEventListener('storage', changed)
  }, [store])
  return <Drafts value={store}>{children}</Drafts>
}

/** What is typed into a form, and the ways on from there. */
export interface Draft<T> {
  readonly draft: T
  readonly put: (draft: SetStateAction<T>) => void
  /** Back to what is saved. */
  readonly discard: () => void
  /**
   * Once it was saved: what was typed since it was sent stays, on top of what was saved.
   * @param as - The key of what was saved, where it had none before.
   */
  readonly settle: (sent: T, saved?: T, as?: string) => void
  /** Whether something was typed that is saved nowhere else. */
  readonly changed: boolean
  /** Where somebody else saved something different meanwhile; `undefined` if nowhere. */
  readonly conflict: Conflict | undefined
}

export interface Conflict {
  readonly clashes: readonly Clash[]
  readonly keepMine: () => void
  readonly takeTheirs: () => void
}

/**
 * The draft of a form, kept on this device until it is saved or discarded: it outlives a change of page, a reload and a lost
 * connection. What somebody else saves meanwhile is taken over field by field; a field that both changed is a conflict.
 * @param key - Which form, of what: `ranks`, `reward/12`.
 * @param live - What is saved; the form shows it while nothing was typed.
 */
export function useDraft<T>(key: string, live: T): Draft<T> {
  const store = useContext(Drafts)
  const page = useLocation().pathname
  const found = useSyncExternalStore(store.subscribe, () => store.all().get(key))
  const kept = found !== undefined && fits(found.draft, live) ? found : undefined
  const { merged, clashes } =
    kept === undefined ? { merged: live, clashes: [] } : mergeDraft(kept.base, kept.draft as T, live)
  const changed = !same(merged, live)
  useOpenForm(key)
  useEffect(() => {
    // Saved by somebody else meanwhile, or of a shape that no form has any more: there is nothing to keep.
    if (found !== undefined && !changed) store.drop(key)
  }, [store, key, found, changed])
  const keep = (draft: T, base: unknown) =>
    same(draft, live) ? store.drop(key) : store.put(key, { draft, base, page: kept?.page ?? page })
  const latest = () => {
    const now = store.all().get(key)
    return now === found ? merged : ((now?.draft as T | undefined) ?? live)
  }
  const settle = (sent: T, saved: T = sent, as = key) => {
    const typed = store.all().get(key)
    store.drop(key)
    if (typed !== undefined && !same(typed.draft, sent)) store.put(as, { ...typed, base: saved })
  }
  const put = (next: SetStateAction<T>) =>
    keep(
      typeof next === 'function' ? (next as (before: T) => T)(latest()) : next,
      clashes.length > 0 ? kept?.base : live,
    )
  const conflict = clashes.length > 0 && {
    clashes,
    keepMine: () => keep(merged, live),
    takeTheirs: () => keep(takeTheirs(merged, clashes), live),
  }
  return { draft: merged, put, discard: () => store.drop(key), settle, changed, conflict: conflict || undefined }
}

/** The drafts of forms of one kind that lie there, by what comes after `<kind>/` in their keys. */
export function useDraftsOf(kind: string): { readonly ids: readonly string[]; readonly drop: (id: string) => void } {
  const store = useContext(Drafts)
  const all = useSyncExternalStore(store.subscribe, store.all)
  const ids = [...all.keys()].filter((key) => key.startsWith(`${kind}/`)).map((key) => key.slice(kind.length + 1))
  return { ids, drop: (id) => store.drop(`${kind}/${id}`) }
}

/** Notes that a form is seen, so that others at the same one are seen. */
export function useOpenForm(key: string): void {
  const store = useContext(Drafts)
  useEffect(() => store.opened(key), [store, key])
}

/** The keys of the forms that are seen. */
export function useOpenForms(): readonly string[] {
  const store = useContext(Drafts)
  return useSyncExternalStore(store.subscribe, store.openForms)
}

/** The pages with forms that hold something unsaved. */
export function useUnsavedPages(): ReadonlySet<string> {
  const store = useContext(Drafts)
  const all = useSyncExternalStore(store.subscribe, store.all)
  return useMemo(() => new Set([...all.values()].map(({ page }) => page)), [all])
}
