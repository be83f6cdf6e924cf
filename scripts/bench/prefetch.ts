import type { Intent } from '#core/engine'
import { ChannelWriter, envelope } from '#server/writer/index.ts'
import type { BenchChannel } from './channel.ts'
import { scaled } from './scale.ts'

const ROUNDS = 3
const LINES = scaled(2000)
const ORDERS = scaled(1000)
const CORRECTED = scaled(2000)

interface Way {
  readonly name: string
  /** What is handed in at once, from the nth viewer on. */
  readonly intents: (bench: BenchChannel, from: number) => Intent[]
  /** How many people that concerns. */
  readonly people: number
}

const somebody = ({ viewers }: BenchChannel, at: number) => {
  const account = `viewer${at % viewers.length}`
  return { account, name: account }
}

const WAYS: readonly Way[] = [
  {
    name: 'chat lines that ask for a balance',
    people: LINES,
    intents: (bench, from) =>
      Array.from({ length: LINES }, (_, i) => ({
        kind: 'chat.line',
        who: somebody(bench, from + i),
        text: '!rivets',
        privately: false,
      })),
  },
  {
    name: 'orders on the page',
    people: ORDERS,
    intents: (bench, from) =>
      Array.from({ length: ORDERS }, (_, i) => ({
        kind: 'store.buy',
        who: somebody(bench, from + i),
        word: 'whistle',
        text: '',
      })),
  },
  {
    name: 'a correction of many at once',
    people: CORRECTED,
    intents: ({ viewers }, from) => [
      {
        kind: 'people.adjust',
        viewers: Array.from(
          { length: Math.min(CORRECTED, viewers.length) },
          (_, i) => viewers[(from + i) % viewers.length] ?? 0,
        ),
        of: 'balance',
        how: 'give',
        amount: 1,
        why: 'bench',
        by: 'bench',
      },
    ],
  },
]

/**
 * What it is worth that intents say what they need: people a second through a writer that has nobody in memory, with and without
 * loading that first. Both in turn, the best of three.
 */
export async function prefetched(bench: BenchChannel): Promise<{ name: string; first: number; met: number }[]> {
  const found: { name: string; first: number; met: number }[] = []
  let from = 0
  for (const { name, intents, people } of WAYS) {
    const rates = { first: 0, met: 0 }
    for (let round = 0; round < ROUNDS; round++)
      for (const way of ['first', 'met'] as const) {
        const seconds = await cold(bench, way === 'first', intents(bench, from))
        rates[way] = Math.max(rates[way], people / seconds)
        from += people
      }
    found.push({ name, ...rates })
  }
  return found
}

let keys = 0

async function cold({ writerPool, channel, at }: BenchChannel, prefetch: boolean, intents: Intent[]): Promise<number> {
  const writer = new ChannelWriter({ pool: writerPool, channel, onFacts: () => {}, prefetch })
  const began = performance.now()
  const answers = await Promise.all(
    intents.map((one) => writer.submit({ ...one, ...envelope(`prefetch/${++keys}`, at()) })),
  )
  const seconds = (performance.now() - began) / 1000
  const refused = answers.find(({ ok }) => !ok)
  if (refused !== undefined) throw new Error(`Refused: ${JSON.stringify(refused)}`)
  return seconds
}
