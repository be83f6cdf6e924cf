import { queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

type Buttons = Answer<'/desk/buttons'>
export type DeskButton = Buttons['buttons'][number]

/** The buttons of the desk, and whether each works now. */
export const buttonsQuery = queryOptions({
  queryKey: keyOf('buttons'),
  queryFn: async ({ signal }) => {
    const answer = await answerOf(api.GET('/desk/buttons', { signal }))
    return { ...answer, ahead: answer.now - Date.now() / 1000 }
  },
})
