import { type UseMutationResult, useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Sent } from '../api.ts'
import { keyOf, type QueryName } from '../queryKey.ts'
import { same } from '../same.ts'
import { type Draft, useDraft } from './drafts.tsx'

/** What is live of something, as the server answered it. */
interface Live<S> {
  readonly id: number
  readonly settings: S
}

/** How something is saved and taken away at the server. */
export interface SavedAt<S> {
  /** @param id - Null: it is new. @param from - What it was changed from. */
  readonly save: (id: number | null, settings: S, from: S | undefined) => Promise<Live<S>>
  readonly remove: (id: number) => Sent<unknown>
  /** What else of the desk is outdated when one was saved. */
  readonly outdates: readonly QueryName[]
}

/** A form's draft and what is live of it. */
export interface Saved<S> extends Pick<Draft<S>, 'draft' | 'discard' | 'conflict'> {
  readonly at: SavedAt<S>
  readonly put: Draft<S>['put']
  /** As the server answered it; `undefined`: nothing yet. The form says "saved" only of that. */
  readonly live: Live<S> | undefined
  readonly changed: boolean
  /** Whether something was typed that is saved nowhere else; a new one that nothing was typed into is no loss. */
  readonly typed: boolean
  readonly save: UseMutationResult<Live<S>, Error, S>
}

/** What a form begins with. */
export interface Beginning<S> {
  /** What is changed; null: it is new. */
  readonly id: number | null
  readonly settings: S
  /** What a new one is a copy of, so that its draft is told apart from others. */
  readonly copied?: number | undefined
}

/** What is live: as the server answered last, until the list it comes from is newer than that. */
function liveOf<S>({ id, settings }: Beginning<S>, answered: (Live<S> & { readonly over: S }) | undefined) {
  if (answered !== undefined && same(answered.over, settings)) return answered
  return id === null ? answered : { id, settings }
}

/**
 * Keeps a form's draft and saves it.
 * @param kind - What it is, as its drafts are kept: `command`.
 */
export function useSaved<S>(kind: string, at: SavedAt<S>, begin: Beginning<S>): Saved<S> {
  const client = useQueryClient()
  const [answered, setAnswered] = useState<Live<S> & { readonly over: S }>()
  const live = liveOf(begin, answered)
  const fresh = begin.copied === undefined ? 'new' : `copy-${begin.copied}`
  const { draft, put, discard, settle, changed, conflict } = useDraft(
    `${kind}/${live?.id ?? fresh}`,
    live?.settings ?? begin.settings,
  )
  const save = useMutation({
    mutationFn: (settings: S) => at.save(live?.id ?? null, settings, live?.settings),
    // Somebody else may have saved meanwhile: theirs is looked at beside what was typed.
    onError: () => void client.invalidateQueries(),
    onSuccess: async (saved, sent) => {
      settle(sent, saved.settings, `${kind}/${saved.id}`)
      setAnswered({ ...saved, over: begin.settings })
      for (const name of ['commands', ...at.outdates] as const)
        await client.invalidateQueries({ queryKey: keyOf(name) })
    },
  })
  return {
    at,
    draft,
    put,
    discard,
    conflict,
    live,
    changed: changed || live === undefined,
    typed: changed,
    save,
  }
}
