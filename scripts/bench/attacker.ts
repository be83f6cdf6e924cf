import { randomUUID } from 'node:crypto'
import { Agent, request } from 'node:http'

/**
 * One attacker on one address, a process of its own: so many requests a second of all kinds at a server, until it is ended.
 * Tells its parent every second how many of them were turned away.
 */
const [port = '', perSecond = '', from = ''] = process.argv.slice(2)
const agent = new Agent({ keepAlive: true, maxSockets: 100, localAddress: from })
const BEATS_PER_SECOND = 50

/** What costs the most to answer if it is let through, and what needs a secret that is guessed. */
const SHOTS: readonly (() => { method: string; path: string; body?: string })[] = [
  () => ({ method: 'GET', path: '/api/channels/busy/store' }),
  () => ({ method: 'GET', path: `/api/channels/busy/overlays/${randomUUID()}` }),
  () => ({ method: 'GET', path: '/api/channels/busy/raffles/1/file' }),
  () => ({ method: 'POST', path: '/api/channels/busy/events', body: '{"type":"tip"}' }),
  () => ({ method: 'POST', path: '/api/channels/busy/orders', body: 'x'.repeat(50_000) }),
  () => ({ method: 'GET', path: `/sign-in/done?state=${randomUUID()}&code=guess` }),
]

let [sent, turnedAway] = [0, 0]
function shoot(): void {
  const { method, path, body } = SHOTS[sent++ % SHOTS.length]?.() ?? { method: 'GET', path: '/' }
  const headers = { 'content-type': 'application/json', cookie: `ricompensa_desk=${randomUUID()}` }
  const call = request({ host: '127.0.0.1', port, method, path, headers, agent }, (response) => {
    if ((response.statusCode ?? 0) >= 400) turnedAway++
    response.resume()
  })
  call.on('error', () => void turnedAway++)
  call.end(body)
}

setInterval(() => {
  for (let i = 0; i < Number(perSecond) / BEATS_PER_SECOND; i++) shoot()
}, 1000 / BEATS_PER_SECOND)
setInterval(() => process.send?.({ sent, turnedAway }), 1000)
process.on('disconnect', () => process.exit())
