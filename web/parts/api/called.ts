import type { paths } from './declared.d.ts'

type Json<B> = { readonly content: { readonly 'application/json': B } }

type MethodOf<P extends keyof paths> = keyof paths[P] & ('get' | 'post' | 'put')

/** What an address answers: of one that can be read, what is read there. */
export type Answer<
  P extends keyof paths,
  M extends MethodOf<P> = 'get' extends keyof paths[P] ? 'get' & MethodOf<P> : MethodOf<P>,
> = paths[P][M] extends { readonly responses: { readonly 200: Json<infer A> } } ? A : never

/** What an address takes. */
export type Body<P extends keyof paths, M extends MethodOf<P> = Exclude<MethodOf<P>, 'get'>> = paths[P][M] extends {
  readonly requestBody: Json<infer B>
}
  ? B
  : never

/** What an address can be asked with. */
export type Query<P extends keyof paths> = paths[P] extends {
  readonly get: { readonly parameters: { readonly query?: infer Q } }
}
  ? NonNullable<Q>
  : never
