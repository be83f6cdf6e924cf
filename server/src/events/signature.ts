import { createHmac, timingSafeEqual } from 'node:crypto'

const PREFIX = 'whsec_'

/**
 * Whether a delivery was signed with a secret, as Standard Webhooks has it: HMAC-SHA256 over id, time and the very bytes of
 * the body, in base64, of which the header may hold several. https://www.standardwebhooks.com
 */
export function isSigned(secret: string, body: Uint8Array, headers: Readonly<Record<string, string>>): boolean {
  const key = Buffer.from(secret.startsWith(PREFIX) ? secret.slice(PREFIX.length) : secret, 'base64')
  const hmac = createHmac('sha256', key)
  hmac.update(`${headers['webhook-id'] ?? ''}.${headers['webhook-timestamp'] ?? ''}.`)
  const wanted = hmac.update(body).digest()
  return (headers['webhook-signature'] ?? '').split(' ').some((one) => {
    const [version, signature = ''] = one.split(',')
    const given = Buffer.from(signature, 'base64')
    return version === 'v1' && given.length === wanted.length && timingSafeEqual(given, wanted)
  })
}
