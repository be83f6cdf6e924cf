import { createPrivateKey, type KeyObject, webcrypto } from 'node:crypto'
import { readFileSync } from 'node:fs'
import * as oidc from 'openid-client'
import type { Config } from '../config.ts'

type Wanted = Pick<Config, 'OIDC_CLIENT_SECRET' | 'OIDC_CLIENT_KEY_FILE' | 'OIDC_CLIENT_KEY_ID'>

/**
 * How this server shows the provider that it is who it says: by its key if it has one, by its secret in the way that the
 * provider's own description names (client_secret_basic where it names none), or, without either, by PKCE alone.
 * @throws if the file of the key cannot be read, or is no private key that can sign.
 */
export async function clientAuthOf(config: Wanted): Promise<oidc.ClientAuth> {
  const { OIDC_CLIENT_SECRET: secret, OIDC_CLIENT_KEY_FILE: file, OIDC_CLIENT_KEY_ID: kid } = config
  if (file !== '') return oidc.PrivateKeyJwt({ key: await signingKey(file), ...(kid !== '' && { kid }) })
  return ofSecret(secret)
}

/** By a secret alone. */
export function ofSecret(secret: string): oidc.ClientAuth {
  if (secret === '') return oidc.None()
  const ways: Readonly<Record<string, oidc.ClientAuth>> = {
    client_secret_basic: oidc.ClientSecretBasic(secret),
    client_secret_post: oidc.ClientSecretPost(secret),
    client_secret_jwt: oidc.ClientSecretJwt(secret),
    none: oidc.None(),
  }
  return (server, ...rest) => {
    const taken = server.token_endpoint_auth_methods_supported ?? ['client_secret_basic']
    const way = Object.keys(ways).find((one) => taken.includes(one)) ?? 'client_secret_basic'
    return ways[way]?.(server, ...rest)
  }
}

async function signingKey(file: string): Promise<webcrypto.CryptoKey> {
  try {
    const key = createPrivateKey(readFileSync(file))
    const der = key.export({ type: 'pkcs8', format: 'der' })
    return await webcrypto.subtle.importKey('pkcs8', der, algorithmOf(key), false, ['sign'])
  } catch (cause) {
    throw new Error(`OIDC_CLIENT_KEY_FILE: ${file} is no private key (PEM; RSA, P-256 or Ed25519) that can be read.`, {
      cause,
    })
  }
}

function algorithmOf(key: KeyObject): webcrypto.RsaHashedImportParams | webcrypto.EcKeyImportParams | { name: string } {
  if (key.asymmetricKeyType === 'rsa') return { name: 'RSASSA-PKCS1-v1_5', hash: 'SHA-256' }
  if (key.asymmetricKeyType === 'ec') return { name: 'ECDSA', namedCurve: 'P-256' }
  return { name: 'Ed25519' }
}
