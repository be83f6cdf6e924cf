import { MOST_CODES_AT_ONCE, readCodes } from '#core/store'
import { answerOf, api } from '../../parts/api.ts'
import { useDraft } from '../../parts/form/drafts.tsx'

/** Codes that were typed and are not at the server yet: they outlive a change of page. @param reward - Undefined: a new one. */
export function useCodesDraft(reward: number | undefined) {
  const { draft, put, discard, settle } = useDraft(`codes/${reward ?? 'new'}`, '')
  const moveTo = (saved: number) => settle('', '', `codes/${saved}`)
  return { text: draft, read: readCodes(draft), type: (text: string) => put(text), clear: discard, moveTo }
}

/** Sends codes, so many at once. */
export async function sendCodes(reward: number, codes: readonly string[]) {
  let [added, known] = [0, 0]
  for (let at = 0; at < codes.length; at += MOST_CODES_AT_ONCE) {
    const body = { codes: codes.slice(at, at + MOST_CODES_AT_ONCE) }
    const answer = await answerOf(api.POST('/desk/rewards/{id}/codes', { params: { path: { id: reward } }, body }))
    added += answer.added
    known += answer.known
  }
  return { added, known }
}
