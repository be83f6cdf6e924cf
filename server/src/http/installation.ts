import type { Static, TSchema } from '@sinclair/typebox'
import type { Unchangeable } from '#core/world'
import type { Asked, Asks } from './asked.ts'
import type { Caller } from './routes.ts'

/** Who may call an address of the installation: anyone; whoever is signed in at a desk; the operator. */
export type InstallationAllowed = 'anyone' | 'signed in at the desk' | 'operator'

/** A checked call of an address of the installation. */
export interface InstallationCall<B, A = Readonly<Record<string, unknown>>> {
  /** Nobody (''), where nobody is signed in. */
  readonly caller: Caller
  readonly operator: boolean
  readonly body: B
  readonly param: (name: string) => string
  /** What the address asks with. */
  readonly asked: A
}

interface Declared {
  readonly method: 'get' | 'post'
  readonly path: string
  readonly does: string
  readonly allowed: InstallationAllowed
  readonly limit?: 'usual' | 'costly'
  /** It makes or takes back a secret, or reaches into a channel: the security log says so. */
  readonly secret?: true
  readonly body?: TSchema
  readonly asks?: Asks
  readonly answer: TSchema
}

/** An address of the installation as a whole, of no channel. */
export interface InstallationRoute extends Declared {
  readonly handle: (call: InstallationCall<unknown>) => Promise<object>
}

/** Declares one: its handler sees its body as it is declared, and answers what is declared. */
export const installationRoute = <S extends TSchema, R extends TSchema, A extends Asks = Record<never, never>>(
  options: Omit<Declared, 'body' | 'answer' | 'asks'> & {
    readonly body?: S
    readonly asks?: A
    readonly answer: R
    readonly handle: (call: InstallationCall<Static<S>, Asked<A>>) => Promise<Unchangeable<Static<R>>>
  },
): InstallationRoute => options as InstallationRoute
