import { queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

export type TeamView = Answer<'/desk/team'>
export type Member = TeamView['members'][number]
export type Invitation = TeamView['invitations'][number]

export const teamQuery = queryOptions({
  queryKey: keyOf('team'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/team', { signal })),
})

export type Token = Answer<'/desk/tokens'>['tokens'][number]

export const tokensQuery = queryOptions({
  queryKey: keyOf('team', 'tokens'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/tokens', { signal })),
})
