import { keyring } from '../keys/index.ts'

type Body = Readonly<Record<string, unknown>>

/** A setting's body with its open seed changed, if it is the setting that holds one. */
export function withSeed(body: Body, change: (seed: string) => string): Body {
  const { seed, openedAt } = body
  return typeof seed === 'string' && seed !== '' && openedAt !== undefined ? { ...body, seed: change(seed) } : body
}

/** A setting's body as the rules have it, from what is kept. */
export const unsealedSetting = (body: Body): Body => withSeed(body, (seed) => keyring().unseal(seed, 'open.seed'))
