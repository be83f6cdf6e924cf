/** The part of irc-framework that the connector uses; the package ships no types. */
declare module 'irc-framework' {
  import type { EventEmitter } from 'node:events'

  export interface ConnectOptions {
    host: string
    port: number
    tls: boolean
    nick: string
    username: string
    gecos: string
    version: string | null
    account?: { account: string; password: string }
    /** Of a class like the library's own. */
    transport: unknown
    /** Of our own transport: whether it may go to the operator's machines. */
    inside: boolean
    /** Of our own transport: whether it may go to the operator's machines. */
    inside: boolean
    /** Certificates of an authority to trust beside the known ones. */
    ca?: readonly string[]
    auto_reconnect: boolean
    auto_reconnect_max_wait: number
    auto_reconnect_max_retries: number
    ping_interval: number
    ping_timeout: number
  }

  export class Client extends EventEmitter {
    readonly user: { readonly nick: string }
    readonly network: {
      readonly cap: { isEnabled(name: string): boolean }
      readonly options: { readonly PREFIX?: readonly { symbol: string; mode: string }[] }
    }
    readonly connected: boolean
    changeNick(nick: string): void
    requestCap(names: string | readonly string[]): void
    connect(options: ConnectOptions): void
    join(room: string, key?: string): void
    part(room: string, message?: string): void
    who(target: string): void
    say(target: string, message: string): void
    notice(target: string, message: string): void
    quit(message?: string): void
    caseCompare(a: string, b: string): boolean
    caseLower(text: string): string
  }

  const framework: { Client: typeof Client }
  export default framework
}

declare module 'irc-framework/src/transports/net.js' {
  import { EventEmitter } from 'node:events'
  import type { Socket } from 'node:net'

  export default class NetTransport extends EventEmitter {
    constructor(options: unknown)
    options: { host: string; port: number; tls: boolean; ca?: string[]; inside?: boolean }
    requested_disconnect: boolean
    socket: Socket | null
    encoding: string
    state: number
    incoming_buffer: Buffer
    isConnected(): boolean
    setEncoding(encoding?: string): boolean
    writeLine(line: string, done?: () => void): void
    connect(): void
    disposeSocket(): void
    _onSocketCreate(options: unknown, socket: Socket): void
  }
}
