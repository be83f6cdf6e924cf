import { connect } from 'node:net'
import { createInterface } from 'node:readline'
import { expect, onTestFinished } from 'vitest'
import { soon } from './started.ts'

/** A plain client of a chat server: what it sends once it is let in, and every line it got. */
export function plainClient(port: number, nick: string) {
  const socket = connect(port, '127.0.0.1')
  const lines: string[] = []
  let waiting: Buffer[] | undefined = []
  const letIn = () => {
    for (const bytes of waiting ?? []) socket.write(bytes)
    waiting = undefined
  }
  createInterface(socket).on('line', (line) => {
    lines.push(line)
    if (line.startsWith('PING')) socket.write(`${line.replace('PING', 'PONG')}\r\n`)
    if (/^:\S+ (376|422) /.test(line)) letIn()
  })
  socket.on('error', () => {})
  socket.write(`NICK ${nick}\r\nUSER ${nick} 0 * :${nick}\r\n`)
  const sendBytes = (bytes: Buffer) => void (waiting === undefined ? socket.write(bytes) : waiting.push(bytes))
  const send = (...commands: string[]) => sendBytes(Buffer.from(commands.map((one) => `${one}\r\n`).join('')))
  const close = () => void socket.destroy()
  onTestFinished(close)
  let asked = 0
  /** Waits until the server has done all that was sent. */
  const settled = async () => {
    const mark = `done-${++asked}`
    send(`PING ${mark}`)
    await soon(() => expect(lines.some((line) => line.includes('PONG') && line.includes(mark))).toBe(true))
  }
  return { lines, send, sendBytes, close, settled, heard: () => lines.join('\n') }
}
