import { randomUUID } from 'node:crypto'
import { connect, type Socket } from 'node:net'
import { constants, setPriority } from 'node:os'

/**
 * One attacker on one address, a process of its own: so many requests a second of all kinds at a server, until it is ended.
 * It writes bytes to sockets and hardly looks at what comes back, so that little of this machine goes into attacking.
 * Tells its parent every second how many were sent, and how many of them were turned away.
 */
const [port = '', perSecond = '', from = ''] = process.argv.slice(2)
const BEATS_PER_SECOND = 50
const SOCKETS = 2000

// An attacker works on a machine of their own: here they get what the others leave.
setPriority(constants.priority.PRIORITY_BELOW_NORMAL)

/** What costs the most to answer if it is let through, and what needs a secret that is guessed. */
const SHOTS: readonly (() => string)[] = [
  () => head('GET', '/api/channels/busy/store'),
  () => head('GET', `/api/channels/busy/overlays/${randomUUID()}`),
  () => head('GET', '/api/channels/busy/raffles/1/file'),
  () => head('POST', '/api/channels/busy/events', '{"type":"tip"}'),
  () => head('POST', '/api/channels/busy/orders', 'x'.repeat(50_000)),
  () => head('GET', `/sign-in/done?state=${randomUUID()}&code=guess`),
]

function head(method: string, path: string, body = ''): string {
  const cookie = `ricompensa_desk=${randomUUID()}`
  return `${method} ${path} HTTP/1.1\r\nhost: 127.0.0.1\r\ncookie: ${cookie}\r\ncontent-type: application/json\r\ncontent-length: ${body.length}\r\n\r\n${body}`
}

let [sent, turnedAway] = [0, 0]
const idle: Socket[] = []
let open = 0

function opened(): Socket {
  open++
  const socket = connect({ host: '127.0.0.1', port: Number(port), localAddress: from, noDelay: true })
  socket.setEncoding('latin1')
  socket.on('data', (text: string) => {
    if (!text.startsWith('HTTP/1.1 ')) return
    if (text.startsWith('HTTP/1.1 4')) turnedAway++
    if (!/\r\nconnection: close/i.test(text)) idle.push(socket)
  })
  socket.on('error', () => {})
  socket.on('close', () => {
    open--
    const at = idle.indexOf(socket)
    if (at >= 0) idle.splice(at, 1)
  })
  return socket
}

function shoot(): void {
  const socket = idle.pop() ?? (open < SOCKETS ? opened() : undefined)
  if (socket === undefined) return
  socket.write(SHOTS[sent++ % SHOTS.length]?.() ?? '')
}

// What a late beat missed is made up for.
const began = performance.now()
let due = 0
setInterval(() => {
  for (const now = ((performance.now() - began) / 1000) * Number(perSecond); due < now; due++) shoot()
}, 1000 / BEATS_PER_SECOND)
setInterval(() => process.send?.({ sent, turnedAway }), 1000)
process.on('disconnect', () => process.exit())
