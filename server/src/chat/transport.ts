import { connect as connectTcp, isIP, type LookupFunction, type Socket } from 'node:net'
import { connect as connectTls, rootCertificates } from 'node:tls'
import NetTransport from 'irc-framework/src/transports/net.js'
import { isOpen, NotOpen, openLookup } from '../outside/index.ts'

const utf8 = new TextDecoder('utf-8', { fatal: true, ignoreBOM: true })

/** A line as it was meant: UTF-8, or Latin-1 where it is not that. @param bytes - A letter for each byte. */
export function decoded(bytes: string): string {
  try {
    return utf8.decode(Buffer.from(bytes, 'latin1'))
  } catch {
    return bytes
  }
}

/** What a network may send without ending the line (bytes): nothing it says is longer. */
const MOST_WAITING = 65_536

/** What the library calls a connection that is on its way. */
const CONNECTING = 1

/**
 * The library's connection, which reads lines as they were meant, trusts an authority of the network's own, and goes to no
 * machine of the operator's unless it may.
 */
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
    this.disposeSocket()
    this.requested_disconnect = false
    this.incoming_buffer = Buffer.from('')
    this.setEncoding()
    this.state = CONNECTING
    this.socket = this.#socket()
    this.socket.prependListener('data', (part: Buffer) => this.#refuseEndless(part))
    this._onSocketCreate(this.options, this.socket)
  }

  #socket(): Socket {
    const { ca, tls, host, port, inside } = this.options
    const name = isIP(host) === 0
    // A literal address is not looked up: it is seen here where it leads.
    const lookup: LookupFunction | undefined = inside ? undefined : openLookup
    if (!inside && !name && !isOpen(host)) return refusedSocket()
    if (!tls) return connectTcp({ host, port, ...(lookup && { lookup }) })
    return connectTls({
      ...{ host, port },
      ...(lookup && { lookup }),
      ...(ca !== undefined && { ca: [...rootCertificates, ...ca] }),
      ...(name && { servername: host }),
    })
  }

  /** Who never ends a line would fill the memory. */
  #refuseEndless(part: Buffer): void {
    if (this.incoming_buffer.length + part.length > MOST_WAITING && !part.includes('\n'))
      this.socket?.destroy(new Error('The network sent a line without an end.'))
  }
}

/** A connection that is refused before it is begun. */
function refusedSocket(): Socket {
  return connectTcp({ host: 'refused.invalid', port: 1, lookup: (_name, _options, done) => done(new NotOpen(), []) })
}
