import { pino } from 'pino'
import { onTestFinished } from 'vitest'
import type { Intent } from '#core/engine'
import { ChatConnector, type ChatState, type ConnectorOptions } from '../../../server/src/chat/index.ts'

/** Our connector on its way to a room at a port, with pauses short enough for a test. */
export function connectTo(port: number, options: Partial<ConnectorOptions> = {}) {
  const intents: (Intent & { key: string })[] = []
  const states: ChatState[] = []
  const now = () => Math.floor(Date.now() / 1000)
  const connector = new ChatConnector({
    address: `irc://127.0.0.1:${port}/#bench`,
    nick: 'Ricompensa',
    submit: async (key, intent) => void intents.push({ ...intent, key }),
    privately: async () => ({ accounts: ['pia'], code: 'CODE-1', page: 'the page' }),
    page: async () => 'https://bench.test/c/bench/mine',
    presentBefore: async () => ({ accounts: [], until: 0 }),
    onState: (state) => void states.push(state),
    clock: now,
    log: pino({ level: 'silent' }),
    firstPauseMs: 100,
    lookRoundMs: 1000,
    ...options,
  })
  connector.start()
  onTestFinished(() => connector.stop())
  const of = (kind: Intent['kind']) => intents.filter((intent) => intent.kind === kind)
  const reply = (text: string, to: string | null = null, likeness?: string, first = false) =>
    connector.speak({
      seq: 1,
      at: now(),
      kind: 'chat.replied',
      audience: 'desk',
      body: { to, text, first, ...(likeness !== undefined && { likeness }) },
    })
  return { connector, states, intents, of, reply, state: () => states.at(-1) }
}
