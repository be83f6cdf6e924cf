import { createServer, type Server } from 'node:net'
import type { ChatRoom } from '../room.ts'
import { IrcSession } from './session.ts'

export interface IrcServer {
  /** Where it listens: the one asked for, or one that was free. */
  readonly port: number
  readonly close: () => Promise<void>
}

/** Starts the chat server for its rooms; port 0 takes one that is free. `isOperator` says who is given the room's operator sign. */
export function startIrc(
  port: number,
  rooms: ChatRoom | readonly ChatRoom[],
  isOperator: (account: string) => boolean,
): Promise<IrcServer> {
  const sockets = new Set<import('node:net').Socket>()
  const server: Server = createServer((socket) => {
    sockets.add(socket)
    socket.on('close', () => sockets.delete(socket))
    new IrcSession(socket, [rooms].flat(), isOperator)
  })
  return new Promise((ready, failed) => {
    server.on('error', failed)
    server.listen(port, '127.0.0.1', () => {
      const address = server.address()
      ready({
        port: typeof address === 'object' && address ? address.port : port,
        close: () =>
          new Promise((closed) => {
            for (const socket of sockets) socket.destroy()
            server.close(() => closed())
          }),
      })
    })
  })
}
