/** What an intent comes to: an answer, or a refusal that tells a person what to change. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly refusal: Refusal }

/** What a refusal comes to for who asked: 422, 404, 403 or 409 at the HTTP edge. */
export type RefusalKind = 'invalid' | 'missing' | 'forbidden' | 'conflict'

/** A reason for which the rules say no. `when`: when it is answered, in a sentence, for docs/errors.md. */
export interface DeclaredRefusal {
  readonly kind: RefusalKind
  readonly when: string
}

/** All codes of refusals. Each feature adds its own, in its `refusals.ts`. */
// biome-ignore lint/suspicious/noEmptyInterface: the features add to it
export interface Refusals {}

export type RefusalCode = keyof Refusals

/** A refusal: a code for programs and a whole sentence for people. `data` holds the figures the sentence names. */
export interface Refusal {
  readonly code: RefusalCode
  readonly sentence: string
  readonly data?: Readonly<Record<string, string | number>>
}

export const ok = <T>(value: T): Result<T> => ({ ok: true, value })

export const refuse = (code: RefusalCode, sentence: string, data?: Refusal['data']): Result<never> => ({
  ok: false,
  refusal: data === undefined ? { code, sentence } : { code, sentence, data },
})
