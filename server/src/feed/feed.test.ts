import { expect, test, vi } from 'vitest'
import type { Fact } from '#core/world'
import { Hub } from './hub.ts'

const fact = (seq: number, audience: Fact['audience'] = 'desk'): Fact => ({
  seq,
  at: 0,
  kind: 'chat.words',
  audience,
  body: {},
})

/** A table of facts that can be read with a delay, like the database's. */
function table(count: number, from = 1) {
  const facts = Array.from({ length: count }, (_, i) => fact(from + i))
  const read = async (after: number, limit = 1000) => {
    await new Promise((later) => setTimeout(later, 2))
    return facts.filter(({ seq }) => seq > after).slice(0, limit)
  }
  const newest = async () => facts.at(-1)?.seq ?? 0
  return { facts, read, newest }
}

function sink(wants: (fact: Fact) => boolean = () => true) {
  const got: number[] = []
  const resets: number[] = []
  const lost: number[] = []
  const send = ({ seq }: Fact) => void got.push(seq)
  return { got, resets, losses: lost, wants, send, reset: () => void resets.push(1), lost: () => void lost.push(1) }
}

const settled = (check: () => void) => vi.waitFor(check, { timeout: 120_000 })

test('a reader that was away gets every fact once and in order, while new ones arrive', async () => {
  const { facts, read, newest } = table(2500)
  const hub = new Hub(read, 2500, newest)
  const reader = sink()
  hub.subscribe(reader, 3)
  for (let seq = 2501; seq <= 2600; seq += 10) {
    const batch = Array.from({ length: 10 }, (_, i) => fact(seq + i))
    facts.push(...batch)
    hub.publish(batch)
    await new Promise((later) => setTimeout(later, 1))
  }
  await settled(() => expect(reader.got).toHaveLength(2597))
  expect(reader.got).toEqual(reader.got.map((_, i) => i + 4))
  expect(reader.resets).toEqual([])
})

test('what another instance committed is read before what this one published after it', async () => {
  const { facts, read, newest } = table(10)
  const hub = new Hub(read, 10, newest)
  const reader = sink()
  hub.subscribe(reader)
  await settled(() => expect(hub.last).toBe(10))
  const [theirs, ours] = [fact(11), fact(12)]
  facts.push(theirs, ours)
  hub.publish([ours])
  await settled(() => expect(reader.got).toEqual([11, 12]))
  hub.hear(12)
  hub.publish([ours])
  await new Promise((later) => setTimeout(later, 20))
  expect(reader.got).toEqual([11, 12])
})

test('a reader is told only what it wants, and who has left is told nothing', async () => {
  const { facts, read, newest } = table(0)
  const hub = new Hub(read, 0, newest)
  const viewer = sink(({ audience }) => audience === 'everyone')
  const gone = sink()
  hub.subscribe(viewer)
  hub.subscribe(gone)()
  await new Promise((later) => setTimeout(later, 5))
  facts.push(fact(1), fact(2, 'everyone'))
  hub.publish(facts)
  expect(viewer.got).toEqual([2])
  expect(gone.got).toEqual([])
})

test('a reader whose facts are no longer kept is told to load anew', async () => {
  const { read, newest } = table(5, 100)
  const hub = new Hub(read, 104, newest)
  const old = sink()
  hub.subscribe(old, 3)
  await settled(() => expect(old.resets).toHaveLength(1))
  const fromElsewhere = sink()
  hub.subscribe(fromElsewhere, 9999)
  await settled(() => expect(fromElsewhere.resets).toHaveLength(1))
})

test('a reader who heard from a quicker instance is not sent back, and gets nothing twice', async () => {
  const { facts, read, newest } = table(10)
  const hub = new Hub(read, 8, newest)
  const reader = sink()
  hub.subscribe(reader, 10)
  await settled(() => expect(hub.last).toBe(10))
  const next = fact(11)
  facts.push(next)
  hub.publish([next])
  await settled(() => expect(reader.got).toEqual([11]))
  expect(reader.resets).toEqual([])
})

test('a reader whose facts cannot be read right now is let go of, not told that they are gone', async () => {
  const broken = () => Promise.reject(new Error('The database is away.'))
  const hub = new Hub(broken, 10, broken)
  const [behind, ahead] = [sink(), sink()]
  hub.subscribe(behind, 3)
  hub.subscribe(ahead, 12)
  await settled(() => expect([...behind.losses, ...ahead.losses]).toEqual([1, 1]))
  expect([...behind.resets, ...ahead.resets]).toEqual([])
})
