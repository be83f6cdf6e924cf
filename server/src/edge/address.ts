import { isIPv6 } from 'node:net'
import { getConnInfo } from '@hono/node-server/conninfo'
import type { Context } from 'hono'
import type { Env } from './env.ts'

/** Where a request comes from: the address of the connection, or what the trusted proxies in front of us say. */
export const addressOf = (c: Context<Env>, trustedProxies: number): string =>
  clientOf(getConnInfo(c).remote.address ?? '', c.req.header('x-forwarded-for'), trustedProxies)

/** The same of a connection's address and what proxies wrote (`X-Forwarded-For`). */
export function clientOf(direct: string, forwarded: string | string[] | undefined, trustedProxies: number): string {
  if (trustedProxies === 0) return direct
  const chain = [
    ...String(forwarded ?? '')
      .split(',')
      .map((one) => one.trim()),
    direct,
  ].filter(Boolean)
  // Each proxy adds whom it heard from at the end; what stands further left anybody may have written.
  return chain.at(-1 - trustedProxies) ?? chain[0] ?? direct
}

const IPV4_IN_IPV6 = /^::ffff:(\d{1,3}(?:\.\d{1,3}){3})$/i

/**
 * What one household or server has: an IPv4 address as it is, of IPv6 the first 64 bits, because each customer is given at
 * least that many addresses (RFC 6177). Anything else as it is, cut to a length that can be kept.
 */
export function subnetOf(address: string): string {
  const mapped = IPV4_IN_IPV6.exec(address)?.[1]
  if (mapped !== undefined) return mapped
  const [plain = ''] = address.split('%')
  if (!isIPv6(plain)) return address.slice(0, 64)
  const [before = '', after] = plain.split('::')
  const left = before === '' ? [] : before.split(':')
  const right = after === undefined || after === '' ? [] : after.split(':')
  const gap = after === undefined ? 0 : 8 - left.length - right.length
  const groups = [...left, ...Array<string>(Math.max(0, gap)).fill('0'), ...right]
  return `${groups
    .slice(0, 4)
    .map((group) => Number.parseInt(group, 16).toString(16))
    .join(':')}::/64`
}
