import { isIP } from 'node:net'
import { connect as connectTls, rootCertificates } from 'node:tls'
import NetTransport from 'irc-framework/src/transports/net.js'

const utf8 = new TextDecoder('utf-8', { fatal: true, ignoreBOM: true })

/** A line as it was meant: UTF-8, or Latin-1 where it is not that. @param bytes - A letter for each byte. */
export function decoded(bytes: string): string {
  try {
    return utf8.decode(Buffer.from(bytes, 'latin1'))
  } catch {
    return bytes
  }
}

/** The library's connection, which reads lines as they were meant, and trusts an authority of the network's own. */
export class Transport extends NetTransport {
  override setEncoding(): boolean {
    this.encoding = 'latin1'
    return true
  }

  override writeLine(line: string, done?: () => void): void {
    if (this.socket && this.isConnected()) this.socket.write(`${line}\r\n`, done)
    else if (done) process.nextTick(done)
  }

  override emit(name: string, ...args: unknown[]): boolean {
    return name === 'line' ? super.emit(name, decoded(String(args[0]))) : super.emit(name, ...args)
  }

  override connect(): void {
    const { ca, tls, host, port } = this.options
    if (!tls || ca === undefined) return super.connect()
    this.disposeSocket()
    this.incoming_buffer = Buffer.from('')
    this.setEncoding()
    this.state = CONNECTING
    this.socket = connectTls({
      host,
      port,
      ca: [...rootCertificates, ...ca],
      ...(isIP(host) === 0 && { servername: host }),
    })
    this._onSocketCreate(this.options, this.socket)
  }
}

/** What the library calls a connection that is on its way. */
const CONNECTING = 1
