import { queryOptions } from '@tanstack/react-query'
import { answerOf } from '../../parts/api.ts'
import { installation } from '../../parts/installation.ts'
import { keyOf } from '../../parts/queryKey.ts'

/** A page of the installation's channels. @param before - What the page before ended with; undefined: the first. */
export const channelsQuery = (text: string, before: number | undefined) =>
  queryOptions({
    queryKey: keyOf('operator', 'channels', text, before),
    queryFn: ({ signal }) => {
      const query = { ...(text !== '' && { text }), ...(before !== undefined && { before }) }
      return answerOf(installation.GET('/api/operator/channels', { params: { query }, signal }))
    },
    placeholderData: (before) => before,
  })

export const codesQuery = queryOptions({
  queryKey: keyOf('operator', 'codes'),
  queryFn: ({ signal }) => answerOf(installation.GET('/api/operator/codes', { signal })),
})

export const issuersQuery = queryOptions({
  queryKey: keyOf('operator', 'issuers'),
  queryFn: ({ signal }) => answerOf(installation.GET('/api/operator/issuers', { signal })),
})

type Told<Q extends { readonly queryFn?: unknown }> = Q['queryFn'] extends ((...args: never[]) => infer A) | undefined
  ? Awaited<A>
  : never

export type OperatedChannel = Told<ReturnType<typeof channelsQuery>>['channels'][number]
export type Code = Told<typeof codesQuery>['codes'][number]
export type Issuer = Told<typeof issuersQuery>['issuers'][number]
