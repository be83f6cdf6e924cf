import { connect } from 'node:net'

/**
 * The listening side of the feed benchmark, a process of its own: so many connections to one live feed. Tells its parent
 * "ready", and for each fact when it reached every listener (milliseconds since 1970), on the parent's clock of the same machine.
 */
const [port = '', path = '', count = ''] = process.argv.slice(2)
const LAST_OF_FRAME = /^id: (\d+)$/gm

let ready = 0
for (let i = 0; i < Number(count); i++) {
  const socket = connect(Number(port), '127.0.0.1')
  socket.write(`GET ${path} HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n`)
  let greeted = false
  socket.on('data', (chunk) => {
    const at = performance.timeOrigin + performance.now()
    if (!greeted) {
      greeted = true
      if (++ready === Number(count)) process.send?.('ready')
    }
    for (const [, seq] of chunk.toString('latin1').matchAll(LAST_OF_FRAME)) got(Number(seq), at)
  })
}

const arrivals = new Map<number, number[]>()
function got(seq: number, at: number): void {
  const list = arrivals.get(seq) ?? []
  arrivals.set(seq, list)
  list.push(at)
}

process.on('message', () => process.send?.([...arrivals]))
