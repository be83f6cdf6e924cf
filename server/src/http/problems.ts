import { REFUSALS } from '#core/engine'
import type { Refusal, RefusalKind } from '#core/world'
import { API_ERRORS, type ApiErrorCode } from './apiErrors.ts'

const STATUS_OF_KIND: Readonly<Record<RefusalKind, number>> = {
  invalid: 422,
  missing: 404,
  forbidden: 403,
  conflict: 409,
}

/** Every code a problem can bear, with its status, and when it is answered. */
export const PROBLEMS: Readonly<Record<string, { readonly status: number; readonly when: string }>> = {
  ...Object.fromEntries(
    Object.entries(REFUSALS).map(([code, { kind, when }]) => [code, { status: STATUS_OF_KIND[kind], when }]),
  ),
  ...API_ERRORS,
}

/** Thrown by a route to answer with an RFC 9457 problem. */
export class Problem extends Error {
  constructor(
    readonly code: string,
    readonly detail: string,
    readonly data?: Refusal['data'],
  ) {
    super(detail)
  }
}

export const problem = (code: ApiErrorCode, detail: string = API_ERRORS[code].message): Problem =>
  new Problem(code, detail)

export const problemOfRefusal = ({ code, sentence, data }: Refusal): Problem => new Problem(code, sentence, data)

/** The RFC 9457 document of a problem. `detail` is a sentence that a person can act on. */
export const problemDocument = ({ code, detail, data }: Problem) => ({
  type: `/problems/${code}`,
  title: code.replaceAll('_', ' '),
  status: PROBLEMS[code]?.status ?? 500,
  detail,
  code,
  ...(data && { data }),
})

/** What every answer with a problem says of itself: the same address may be something else the next time. */
export const problemHeaders = { 'cache-control': 'no-store' } as const

/** A problem as programs read it. */
export function problemResponse(problem: Problem, headers: Readonly<Record<string, string>> = {}): Response {
  const document = problemDocument(problem)
  return new Response(JSON.stringify(document), {
    status: document.status,
    headers: { 'content-type': 'application/problem+json', ...problemHeaders, ...headers },
  })
}
