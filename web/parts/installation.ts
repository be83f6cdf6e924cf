import { queryOptions } from '@tanstack/react-query'
import createClient from 'openapi-fetch'
import type { paths } from './api/declared.d.ts'
import { answerOf, problemsThrown, send } from './api.ts'
import { keyOf } from './queryKey.ts'

type Own = Pick<paths, Extract<keyof paths, `/api/${string}`>>

const origin = 'location' in globalThis ? globalThis.location.origin : 'http://127.0.0.1'

/** The addresses of the installation as a whole, of no channel. */
export const installation = createClient<Own>({ baseUrl: origin, fetch: send })
installation.use(problemsThrown)

/** The desks that whoever is signed in may use. */
export const desksQuery = queryOptions({
  queryKey: keyOf('desks'),
  queryFn: ({ signal }) => answerOf(installation.GET('/api/desks', { signal })),
  staleTime: 300_000,
})
