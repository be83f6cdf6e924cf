import { type Static, type TObject, type TProperties, Type } from '@sinclair/typebox'
import type { UnixSeconds } from '../schema.ts'
import { closed } from '../schema.ts'

/** Who can be told of a fact besides the desk, which is told of everything. `viewer`: the one whom it concerns. */
export type Listener = 'everyone' | 'desk' | 'overlay' | 'viewer'

/** What a kind of fact is: whom it is told, what it says in a sentence, and what it carries. */
export interface DeclaredFact<L extends Listener = Listener, B extends TProperties = TProperties> {
  readonly to: readonly L[]
  readonly says: string
  readonly body: TObject<B>
}

/** Declares a kind of fact. @param says - In a sentence, for docs/protocols.md. */
export const fact = <const L extends Listener, B extends TProperties>(
  to: readonly L[],
  says: string,
  body: B,
): DeclaredFact<L, B> => ({ to, says, body: Type.Object(body, closed) })

/** All kinds of facts. Each feature adds its own, in its `facts.ts`. */
// biome-ignore lint/suspicious/noEmptyInterface: the features add to it
export interface Facts {}

export type FactKind = keyof Facts

/** The same, to be read only. */
export type Unchangeable<T> = T extends string | number | boolean
  ? T
  : T extends readonly (infer _)[]
    ? { readonly [I in keyof T]: Unchangeable<T[I]> }
    : T extends object
      ? { readonly [K in keyof T]: Unchangeable<T[K]> }
      : T

/** What a fact of a kind carries. */
export type FactBody<K extends FactKind> =
  Facts[K] extends DeclaredFact<Listener, infer B> ? Unchangeable<Static<TObject<B>>> : never

/** Who is told of a fact. The desk is told of everything. */
export type Audience = 'everyone' | 'desk' | 'overlay' | `viewer:${number}`

/** Whom a kind of fact may be told. */
export type AudienceOf<K extends FactKind> =
  Facts[K] extends DeclaredFact<infer L, TProperties>
    ? Exclude<L, 'viewer'> | ('viewer' extends L ? `viewer:${number}` : never)
    : never

/** The kinds that one of these listeners is told of. */
export type KindFor<L extends Listener> = {
  [K in FactKind]: Facts[K] extends DeclaredFact<infer M, TProperties>
    ? Extract<L, M> extends never
      ? never
      : K
    : never
}[FactKind]

/** Something that has happened in a channel; numbered 1, 2, 3 ... without gaps. `at` in seconds since 1970. */
export type Fact<K extends FactKind = FactKind> = K extends FactKind
  ? {
      readonly seq: number
      readonly at: UnixSeconds
      readonly kind: K
      readonly audience: Audience
      readonly body: FactBody<K>
    }
  : never
