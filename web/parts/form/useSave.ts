import { answerOf, type Sent } from '../api.ts'
import { useChange } from '../useChange.ts'

/** Saves a form of this page, and says so; a refusal is the form's to show. */
export const useSave = <B>(send: (body: B) => Sent<unknown>, said: string) =>
  useChange({ ask: (body: B) => answerOf(send(body)), invalidates: 'all', said, inPlace: true })
