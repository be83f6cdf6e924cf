import { createServer } from 'node:net'

/** A port of this machine that nothing listens on. */
export function freePort(): Promise<number> {
  return new Promise((found) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() => found(typeof address === 'object' && address ? address.port : 0))
    })
  })
}
