import { connect } from 'node:net'
import fc from 'fast-check'

const anyBytes = fc.uint8Array({ maxLength: 60 }).map((bytes) => Buffer.from(bytes).toString('latin1'))
const printable = fc.string({ maxLength: 40 })

/** Ids that point outside, into other types, or at what there is none of. */
export const hostileId = fc.constantFrom(
  '../../../etc/passwd',
  '..%2f..%2fetc%2fpasswd',
  '%00',
  '%',
  '%e0%a4',
  '-1',
  '0',
  '1e3',
  '0x10',
  '1.5',
  'NaN',
  '9007199254740993',
  '99999999999999999999999',
  '2147483648',
  '٣',
  "1' or '1'='1",
  '1;drop table viewer',
  '__proto__',
  'constructor',
  '[object Object]',
  'a'.repeat(5000),
)

const header = fc.oneof(
  fc.constantFrom(
    ['content-length', '-1'],
    ['content-length', '999999999999'],
    ['content-length', '5'],
    ['content-length', '5, 6'],
    ['transfer-encoding', 'chunked'],
    ['transfer-encoding', 'gzip, chunked'],
    ['content-encoding', 'gzip'],
    ['content-type', 'multipart/form-data; boundary='],
    ['expect', '100-continue'],
    ['upgrade', 'websocket'],
    ['range', 'bytes=-1'],
    ['last-event-id', '-5'],
    ['last-event-id', '1e400'],
    ['if-none-match', '*'],
    ['accept-language', 'x'.repeat(3000)],
    ['x-forwarded-for', `${'1.2.3.4, '.repeat(500)}x`],
    ['x-forwarded-for', '::ffff:1.2.3.4%eth0'],
    ['origin', 'null'],
    ['host', 'elsewhere.example'],
    ['cookie', 'ricompensa_desk=; ricompensa_desk=%00'],
    ['cookie', 'a=b;'.repeat(700)],
    ['idempotency-key', ''],
    ['idempotency-key', 'k'.repeat(400)],
  ) as fc.Arbitrary<readonly [string, string]>,
  fc.tuple(fc.stringMatching(/^[a-z-]{1,20}$/), fc.oneof(printable, anyBytes)),
)

/** How the body comes: as a whole, in chunks that are told, in pieces with pauses, broken off, or in chunks that lie about their size. */
const pace = fc.constantFrom('whole', 'chunks', 'slow', 'brokenOff', 'lyingChunks')

export const hostileRequest = fc.record({
  method: fc.constantFrom('GET', 'POST', 'PUT', 'DELETE', 'HEAD', 'OPTIONS', 'PATCH', 'TRACE', 'FOO'),
  id: fc.oneof(hostileId, printable, anyBytes),
  /** Written as it is where an address would stand; none: the address of a route with the id in it. */
  path: fc.option(
    fc.oneof(
      printable,
      anyBytes,
      hostileId.map((id) => `/${id}`),
      hostileId.map((id) => `/api/channels/${id}/store`),
    ),
  ),
  headers: fc.array(header, { maxLength: 5 }),
  body: fc.oneof(anyBytes, fc.json(), fc.constant('x'.repeat(100_000))),
  pace,
})

type Hostile = typeof hostileRequest extends fc.Arbitrary<infer T> ? T : never

const chunk = (text: string, told = text.length): string => `${told.toString(16)}\r\n${text}\r\n`

/** What is written to the socket, piece by piece. A head cannot be broken up by what stands in it: that would be two requests. */
function pieces({ method, headers, body, pace }: Hostile, path: string, cookie: string): string[] {
  const oneLine = (text: string) => text.replace(/[\r\n]/g, '')
  const framed =
    pace === 'chunks' || pace === 'lyingChunks' ? 'transfer-encoding: chunked' : `content-length: ${body.length}`
  const lines = headers.map(([name, value]) => `${name}: ${oneLine(value)}`)
  const head = [
    `${method} ${oneLine(path) || '/'} HTTP/1.1`,
    'host: 127.0.0.1',
    'connection: close',
    `cookie: ${cookie}`,
  ]
  const start = `${[...head, framed, ...lines].join('\r\n')}\r\n\r\n`
  const half = Math.floor(body.length / 2)
  const [first, second] = [body.slice(0, half), body.slice(half)]
  if (pace === 'whole') return [start + body]
  if (pace === 'chunks') return [start, chunk(first || 'x'), chunk(second || 'x'), '0\r\n\r\n']
  if (pace === 'lyingChunks') return [start, chunk(first, first.length + 7), chunk(second, 0)]
  return pace === 'slow' ? [start, first, second] : [start, first]
}

const BETWEEN_MS = 5
/** After so long what is still open is hung up by the sender, as attackers do. */
const HOLDS_MS = 400

/** Sends it as bytes of its own, past any client that would set it right. @returns The status; 0 if the server hung up without one. */
export async function sendHostile(port: number, hostile: Hostile, path: string, cookie: string): Promise<number> {
  const socket = connect(port, '127.0.0.1')
  let answer = ''
  socket.setEncoding('latin1').on('data', (data: string) => {
    if (answer.length < 100) answer += data
  })
  const closed = new Promise<void>((done) => socket.on('close', () => done()))
  socket.on('error', () => socket.destroy())
  for (const piece of pieces(hostile, path, cookie)) {
    if (socket.destroyed) break
    socket.write(piece, 'latin1')
    await new Promise((later) => setTimeout(later, BETWEEN_MS))
  }
  if (hostile.pace === 'brokenOff') socket.destroy()
  const hangUp = setTimeout(() => socket.destroy(), HOLDS_MS)
  await closed
  clearTimeout(hangUp)
  return Number(/^HTTP\/1\.1 (\d{3})/.exec(answer)?.[1] ?? 0)
}
