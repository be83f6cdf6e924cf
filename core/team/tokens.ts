import type { UnixSeconds } from '../schema.ts'
import { defineTable, type Handler, ok, refuse, savedCollection } from '../world/index.ts'
import { checkRights, type Doer } from './doer.ts'
import { endsEarly } from './invite.ts'
import type { Rights } from './rights.ts'

/** What a script or a button box signs its calls with: rights like a member's, under a name. */
export interface TokenRow {
  readonly id: number
  readonly name: string
  /** The hash of the token, which is told once and kept nowhere. */
  readonly hash: string
  readonly rights: Rights
  readonly by: string
  readonly madeAt: UnixSeconds
  /** Up to when it is good; null: until it is revoked. */
  readonly until: UnixSeconds | null
  readonly goneAt: UnixSeconds | null
}

/** Tokens that were revoked are not loaded. */
export const tokens = defineTable<TokenRow>('token', 'whole', (row) => row.id, ['hash'])

const savedTokens = savedCollection(tokens, {
  one: 'token',
  many: 'tokens',
  most: 30,
  missing: 'token_not_found',
  full: 'token_invalid',
})

export interface MakeToken {
  readonly kind: 'team.token'
  readonly by: Doer
  readonly name: string
  readonly hash: string
  readonly rights: Rights
  readonly until: UnixSeconds | null
}

/** Makes a token. */
export const makeToken = {
  decide(world, { by, name, hash, rights, until }) {
    const room = savedTokens.before(world, null)
    if (!room.ok) return room
    const checked = checkRights(world, by, rights)
    if (!checked.ok) return checked
    if (until !== null && until <= world.at) return endsEarly()
    if (savedTokens.open(world).some((one) => one.name.toLowerCase() === name.trim().toLowerCase()))
      return refuse('token_invalid', `There is already a token called “${name.trim()}”. Choose another name.`)
    const row = world.put(tokens, {
      id: world.nextId(),
      ...{ name: name.trim(), hash, rights, until },
      by: by.account,
      madeAt: world.at,
      goneAt: null,
    })
    world.fact('team.changed', 'desk', { account: null })
    return ok({ token: row.id, hash })
  },
} satisfies Handler<MakeToken>

export interface RevokeToken {
  readonly kind: 'team.revokeToken'
  readonly token: number
}

/** Takes a token out of use: whatever calls with it is refused from then on. */
export const revokeToken = {
  decide(world, { token: id }) {
    const found = savedTokens.need(world, id)
    if (!found.ok) return found
    world.put(tokens, { ...found.value, goneAt: world.at })
    world.fact('team.changed', 'desk', { account: null })
    return ok({})
  },
} satisfies Handler<RevokeToken>
