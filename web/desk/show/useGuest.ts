import { answerOf, api } from '../../parts/api.ts'
import { useChange } from '../../parts/useChange.ts'

interface Guest {
  readonly guest: string | null
  readonly earning: 'going' | 'paused'
}

/** Marks the show as showing somebody else's channel, or not any more. */
export function useGuest(done: () => void) {
  return useChange({
    ask: (body: Guest) => answerOf(api.PUT('/desk/show/guest', { body })),
    invalidates: ['status'],
    onDone: done,
    inPlace: true,
  })
}
