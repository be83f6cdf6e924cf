import { generateKeyPairSync, randomBytes } from 'node:crypto'
import { Provider } from 'oidc-provider'

export interface IdentityOptions {
  readonly issuer: string
  readonly clientId: string
  readonly clientSecret: string
  readonly redirectUri: string
}

/** The name shown for an account: as the person writes it, if they are known. */
export type NameOf = (account: string) => string

/** The stand-in's OpenID provider. It asks "who are you" and believes the answer; everything else is by the book. */
export function createIdentity(options: IdentityOptions, nameOf: NameOf): Provider {
  const { privateKey } = generateKeyPairSync('rsa', { modulusLength: 2048 })
  const key = { ...privateKey.export({ format: 'jwk' }), use: 'sig', alg: 'RS256', kid: randomBytes(8).toString('hex') }
  const provider = new Provider(options.issuer, {
    clients: [
      {
        client_id: options.clientId,
        client_secret: options.clientSecret,
        redirect_uris: [options.redirectUri],
        grant_types: ['authorization_code'],
        response_types: ['code'],
      },
    ],
    jwks: { keys: [key as never] },
    cookies: { keys: [randomBytes(32).toString('hex')] },
    claims: { openid: ['sub'], profile: ['name', 'preferred_username'] },
    conformIdTokenClaims: false,
    features: { devInteractions: { enabled: false } },
    pkce: { required: () => true },
    interactions: { url: (_ctx, interaction) => `/who/${interaction.uid}` },
    ttl: { Interaction: 3600, Session: 3600, Grant: 3600, AccessToken: 600, IdToken: 600 },
    findAccount: async (_ctx, sub) => ({
      accountId: sub,
      claims: async () => ({ sub, name: nameOf(sub), preferred_username: sub }),
    }),
    // Nobody is asked to consent on a stand-in: what the client asks for is granted.
    loadExistingGrant: async (ctx) => {
      const grant = new ctx.oidc.provider.Grant({
        clientId: ctx.oidc.client?.clientId,
        accountId: ctx.oidc.session?.accountId,
      })
      grant.addOIDCScope('openid profile')
      await grant.save()
      return grant
    },
  })
  return provider
}
