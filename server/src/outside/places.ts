import { lookup as resolve } from 'node:dns'
import { BlockList, isIP, type LookupFunction } from 'node:net'

/** Networks in which only machines of one's own stand, or none (RFC 6890 and its registry). */
const PRIVATE_4 = [
  ...['0.0.0.0/8', '10.0.0.0/8', '100.64.0.0/10', '127.0.0.0/8', '169.254.0.0/16', '172.16.0.0/12', '192.0.0.0/24'],
  ...['192.0.2.0/24', '192.88.99.0/24', '192.168.0.0/16', '198.18.0.0/15', '198.51.100.0/24', '203.0.113.0/24'],
  ...['224.0.0.0/4', '240.0.0.0/4'],
]
/** Of IPv6 only the addresses given out to the world are taken, without those that lead into another net. */
const PUBLIC_6 = '2000::/3'
const PRIVATE_6 = ['2001::/23', '2001:db8::/32', '2002::/16', '3fff::/20']

function listOf(family: 'ipv4' | 'ipv6', nets: readonly string[]): BlockList {
  const list = new BlockList()
  for (const net of nets) {
    const [address = '', bits] = net.split('/')
    list.addSubnet(address, Number(bits), family)
  }
  return list
}

const private4 = listOf('ipv4', PRIVATE_4)
const private6 = listOf('ipv6', PRIVATE_6)
const public6 = listOf('ipv6', [PUBLIC_6])

/** Whether an IP address is one of the open net, where nothing of the operator's own answers. */
export function isOpen(address: string): boolean {
  switch (isIP(address)) {
    case 4:
      return !private4.check(address, 'ipv4')
    case 6:
      return public6.check(address, 'ipv6') && !private6.check(address, 'ipv6')
    default:
      return false
  }
}

/** Somewhere that nothing of ours must lead to. */
export class NotOpen extends Error {
  readonly code = 'NOT_OPEN'

  constructor() {
    super('This address leads into a network that is not open to everybody. Give one of a service on the internet.')
  }
}

/**
 * Finds where a name leads, at the moment of connecting, and refuses if it leads to a machine that is not on the open net: a
 * name that was looked at before may lead elsewhere now.
 */
export const openLookup: LookupFunction = (name, options, done) => {
  resolve(name, { ...options, all: true }, (fault, found) => {
    if (fault !== null) return done(fault, [])
    if (found.length === 0 || !found.every(({ address }) => isOpen(address))) return done(new NotOpen(), [])
    const [first] = found
    if (options.all) done(null, found)
    else done(null, first?.address ?? '', first?.family)
  })
}

/** Whether a host is, by its name alone, one of the operator's own machines. What a name leads to is seen when it is connected to. */
export function isInside(host: string): boolean {
  const plain = host.replace(/^\[|\]$/g, '')
  return isIP(plain) === 0 ? /(^|\.)(localhost|local|internal)\.?$/i.test(plain) : !isOpen(plain)
}
