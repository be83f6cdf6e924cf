import { type UseMutationResult, useMutation, useQueryClient } from '@tanstack/react-query'
import { type Dispatch, type SetStateAction, useState } from 'react'
import type { Sent } from '../../parts/api.ts'
import { same } from '../../parts/same.ts'

/** What is live of something, as the server answered it. */
interface Live<S> {
  readonly id: number
  readonly settings: S
}

/** How something is saved and taken away at the server. */
export interface SavedAt<S> {
  /** @param id - Null: it is new. */
  readonly save: (id: number | null, settings: S) => Promise<Live<S>>
  readonly remove: (id: number) => Sent<unknown>
  /** What else of the desk is outdated when one was saved. */
  readonly outdates: readonly string[]
}

/** A form's draft and what is live of it. */
export interface Saved<S> {
  readonly at: SavedAt<S>
  readonly draft: S
  readonly setDraft: Dispatch<SetStateAction<S>>
  /** As the server answered it; undefined: nothing yet. The form says "live" only of that. */
  readonly live: Live<S> | undefined
  readonly changed: boolean
  /** Whether something was typed that is saved nowhere. */
  readonly unsaved: boolean
  readonly save: UseMutationResult<Live<S>, Error, S>
}

/**
 * Keeps a form's draft and saves it.
 * @param known - The number of what is changed; null: it is new.
 */
export function useSaved<S>(at: SavedAt<S>, initial: S, known: number | null): Saved<S> {
  const client = useQueryClient()
  const [draft, setDraft] = useState(initial)
  const [live, setLive] = useState<Saved<S>['live']>(known === null ? undefined : { id: known, settings: initial })
  const save = useMutation({
    mutationFn: (settings: S) => at.save(live?.id ?? null, settings),
    onSuccess: async (saved, sent) => {
      setLive(saved)
      // What was typed while it was being saved stays, and is not live yet.
      setDraft((now) => (same(now, sent) ? saved.settings : now))
      for (const name of ['commands', ...at.outdates]) await client.invalidateQueries({ queryKey: [name] })
    },
  })
  const changed = live === undefined || !same(draft, live.settings)
  const unsaved = !same(draft, live === undefined ? initial : live.settings)
  return { at, draft, setDraft, live, changed, unsaved, save }
}
