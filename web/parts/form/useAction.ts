import { answerOf, type Sent } from '../api.ts'
import type { QueryName } from '../queryKey.ts'
import { type Change, useChange } from '../useChange.ts'

interface Wanted<T> {
  readonly send: () => Sent<T>
  /** What is said once it has happened. */
  readonly said?: string
}

export type ActionOptions = Pick<Change<unknown, unknown>, 'inPlace'>

/** For what is done at once by many buttons: each tells what to send and what to say. @param names - The queries that are outdated by it. */
export const useAction = <T = unknown>(names: readonly QueryName[], options: ActionOptions = {}) =>
  useChange<T, Wanted<T>>({
    ask: ({ send }) => answerOf(send()),
    invalidates: names,
    said: (_, { said }) => said,
    ...options,
  })
