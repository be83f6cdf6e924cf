import { type UseMutationResult, useMutation, useQueryClient } from '@tanstack/react-query'
import { type Dispatch, type SetStateAction, useState } from 'react'
import { change } from '../../parts/api.ts'
import { same } from '../../parts/same.ts'

/** A form's draft and what is live of it. */
export interface Saved<S> {
  /** Address of what is saved, without its number. */
  readonly path: string
  readonly draft: S
  readonly setDraft: Dispatch<SetStateAction<S>>
  /** As the server answered it; undefined: nothing yet. The form says "live" only of that. */
  readonly live: { readonly id: number; readonly settings: S } | undefined
  readonly changed: boolean
  /** Whether something was typed that is saved nowhere. */
  readonly unsaved: boolean
  readonly save: UseMutationResult<Readonly<Record<string, unknown>>, Error, S>
}

/** What else of the desk is outdated when one was saved. */
const REFRESHES = { command: [], trigger: [], reward: [['store']], alert: [['screen'], ['store']] } as const

/**
 * Keeps a form's draft and saves it.
 * @param path - Such as `/desk/commands`.
 * @param known - The number of what is changed; null: it is new.
 */
export function useSaved<S>(
  path: string,
  what: 'command' | 'trigger' | 'reward' | 'alert',
  initial: S,
  known: number | null,
): Saved<S> {
  const client = useQueryClient()
  const [draft, setDraft] = useState(initial)
  const [live, setLive] = useState<Saved<S>['live']>(known === null ? undefined : { id: known, settings: initial })
  const save = useMutation({
    mutationFn: (settings: S) =>
      change<Readonly<Record<string, unknown>>>(live ? 'PUT' : 'POST', live ? `${path}/${live.id}` : path, settings),
    onSuccess: async (answer, sent) => {
      const settings = answer.settings as S
      setLive({ id: Number(answer[what]), settings })
      // What was typed while it was being saved stays, and is not live yet.
      setDraft((now) => (same(now, sent) ? settings : now))
      for (const queryKey of [['commands'], ...REFRESHES[what]]) await client.invalidateQueries({ queryKey })
    },
  })
  const changed = live === undefined || !same(draft, live.settings)
  const unsaved = !same(draft, live === undefined ? initial : live.settings)
  return { path, draft, setDraft, live, changed, unsaved, save }
}
