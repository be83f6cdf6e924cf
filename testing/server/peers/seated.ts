import { pino } from 'pino'
import { onTestFinished } from 'vitest'
import type { Intent } from '#core/engine'
import {
  type ChatState,
  Connection,
  type ConnectionOptions,
  parseChatAddress,
  RoomSeat,
  type RoomSeatOptions,
} from '../../../server/src/chat/index.ts'

/** What a test may set of a connection and of the seat in its one room. */
type Options = Partial<ConnectionOptions & RoomSeatOptions> & { readonly address?: string }

/** Our bot on its way to a room at a port, with pauses short enough for a test. */
export function connectTo(port: number, options: Options = {}) {
  const intents: (Intent & { key: string })[] = []
  const states: ChatState[] = []
  const now = () => Math.floor(Date.now() / 1000)
  const log = pino({ level: 'silent' })
  const { address = `irc://127.0.0.1:${port}/#bench`, ...set } = options
  const { host, port: at, tls, room } = parseChatAddress(address)
  const shared = { log, firstPauseMs: 100, ...set }
  const connection = new Connection({ nick: 'Ricompensa', inside: true, ...shared, host, port: at, tls })
  const seat = new RoomSeat(connection, {
    room,
    submit: async (key, intent) => void intents.push({ ...intent, key }),
    privately: async () => ({ accounts: ['pia'], code: 'CODE-1', page: 'the page' }),
    page: async () => 'https://bench.test/c/bench/mine',
    presentBefore: async () => ({ accounts: [], until: 0 }),
    onState: (state) => void states.push(state),
    clock: now,
    lookRoundMs: 1000,
    ...shared,
  })
  seat.start()
  onTestFinished(() => seat.stop())
  const of = (kind: Intent['kind']) => intents.filter((intent) => intent.kind === kind)
  const reply = (text: string, to: string | null = null, likeness?: string, first = false) =>
    seat.speak({
      seq: 1,
      at: now(),
      kind: 'chat.replied',
      audience: 'desk',
      body: { to, text, first, ...(likeness !== undefined && { likeness }) },
    })
  return { connection, seat, states, intents, of, reply, state: () => states.at(-1) }
}
