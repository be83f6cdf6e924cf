import { isInside, NotOpen } from '../outside/index.ts'

/**
 * What keeps an address from being a webhook's; undefined: nothing.
 * @param inside - Whether the operator lets webhooks lead to machines of their own, and without encryption.
 */
export function addressFault(address: string, inside: boolean): string | undefined {
  const url = URL.canParse(address) ? new URL(address) : undefined
  if (url === undefined) return 'This is not an address. It looks like https://example.org/hooks/shows.'
  if (url.username !== '' || url.password !== '')
    return 'Leave the name and the password out: what is sent is signed, and the receiver checks that.'
  if (inside) return undefined
  if (url.protocol !== 'https:') return 'It must begin with https://, so that nobody on the way can read along.'
  return isInside(url.hostname) ? new NotOpen().message : undefined
}
