import { queryOptions } from '@tanstack/react-query'
import type { Answer, Body } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

export type PlatformReward = Answer<'/desk/platform-rewards'>['rewards'][number]
export type WantedReward = Body<'/desk/platform-rewards', 'post'>

/** The rewards of the platform's own points. */
export const platformQuery = queryOptions({
  queryKey: keyOf('platformRewards'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/platform-rewards', { signal })),
})

/** The largest picture that is sent as an icon (bytes). */
const MOST_ICON = 2 * 1024 * 1024

/** A picture as base64. @throws for one that is too large or cannot be read, with what to do. */
export function iconOf(file: File): Promise<string> {
  if (file.size > MOST_ICON)
    return Promise.reject(new Error('This picture has more than 2 MB. Choose a smaller one: an icon is tiny.'))
  return new Promise((done, failed) => {
    const reader = new FileReader()
    reader.onload = () => done(String(reader.result).split(',')[1] ?? '')
    reader.onerror = () => failed(new Error('This file cannot be read. Choose another.'))
    reader.readAsDataURL(file)
  })
}
