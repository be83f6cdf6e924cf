import { describe, expect, test } from 'vitest'
import { type Aside, InTurn } from './inTurn.ts'

/** Does some work in its turn. @throws if too many of that address wait already. */
async function run(inTurn: InTurn, from: string, work: (aside: Aside) => Promise<void>): Promise<void> {
  const turn = inTurn.ask(from)
  if (turn === undefined) throw new Error('full')
  await turn.begin()
  try {
    await work(turn.aside)
  } finally {
    turn.end()
  }
}

/** Requests of one address that go on until they are told to end. */
function held(inTurn: InTurn, count: number) {
  const ends: (() => void)[] = []
  const seen = { running: 0, most: 0 }
  const hold = async () => {
    seen.most = Math.max(seen.most, ++seen.running)
    await new Promise<void>((end) => ends.push(end))
    seen.running--
  }
  const sent = Array.from({ length: count }, () =>
    run(inTurn, 'one', hold).then(
      () => 'done',
      (fault) => fault.message as string,
    ),
  )
  const finish = async () => {
    let over = false
    const all = Promise.all(sent).finally(() => {
      over = true
    })
    while (!over) {
      for (const end of ends.splice(0)) end()
      await new Promise((later) => setImmediate(later))
    }
    return all
  }
  return { seen, finish, endAll: () => ends.splice(0).map((end) => end()) }
}

const soon = () => new Promise((later) => setImmediate(later))

describe('requests of one address', () => {
  test('wait behind each other, others do not wait for them, and what is beyond is refused', async () => {
    const inTurn = new InTurn()
    const { seen, finish } = held(inTurn, 220)
    let served = false
    await run(inTurn, 'other', async () => {
      served = true
    })
    expect(served).toBe(true)
    const answers = await finish()
    expect(seen.most).toBe(8)
    expect(answers.filter((one) => one === 'done')).toHaveLength(208)
    expect(answers.filter((one) => one === 'full')).toHaveLength(12)
  })

  test('are worked on eight at once while few wait, and one by one while many do', async () => {
    const inTurn = new InTurn()
    const many = held(inTurn, 100)
    await soon()
    expect(many.seen.running).toBe(8)
    many.endAll()
    await soon()
    expect(many.seen.running).toBe(1)
    await many.finish()
    const few = held(inTurn, 20)
    await soon()
    few.endAll()
    await soon()
    expect(few.seen.running).toBe(8)
    await few.finish()
  })

  test('that are sent slowly keep no place, and go on in their turn once they are there', async () => {
    const inTurn = new InTurn()
    const arrive: (() => void)[] = []
    const did: string[] = []
    const slow = async (aside: Aside) => {
      await aside(() => new Promise<void>((here) => arrive.push(here)))
      did.push('slow')
    }
    const sent = Array.from({ length: 50 }, () => run(inTurn, 'one', slow))
    await soon()
    expect(arrive).toHaveLength(50)
    await run(inTurn, 'one', async () => void did.push('quick'))
    expect(did).toEqual(['quick'])
    for (const here of arrive) here()
    await Promise.all(sent)
    expect(did).toHaveLength(51)
  })

  test('that are sent slowly are counted all the same', async () => {
    const inTurn = new InTurn()
    const never = (aside: Aside) => aside(() => new Promise<void>(() => {}))
    for (let i = 0; i < 200; i++) void run(inTurn, 'one', never)
    await soon()
    await expect(run(inTurn, 'one', never)).rejects.toMatchObject({ code: 'too_many_requests' })
    await run(inTurn, 'one', async () => {})
  })

  test('hand their place on when they fail', async () => {
    const inTurn = new InTurn()
    const fail = () => Promise.reject(new Error('broken'))
    for (let i = 0; i < 20; i++) await expect(run(inTurn, 'one', fail)).rejects.toThrow('broken')
    const late = (aside: Aside) => aside(fail)
    for (let i = 0; i < 20; i++) await expect(run(inTurn, 'one', late)).rejects.toThrow('broken')
    await run(inTurn, 'one', async () => {})
  })

  test('that end before it is their turn take no place', async () => {
    const inTurn = new InTurn()
    const [gone, ...others] = Array.from({ length: 9 }, () => inTurn.ask('one'))
    await Promise.all(others.map((turn) => turn?.begin()))
    const late = gone?.begin()
    gone?.end()
    for (const turn of others) {
      turn?.end()
      turn?.end()
    }
    await late
    let most = 0
    let running = 0
    await Promise.all(
      Array.from({ length: 20 }, () =>
        run(inTurn, 'one', async () => {
          most = Math.max(most, ++running)
          await soon()
          running--
        }),
      ),
    )
    expect(most).toBe(8)
  })

  test('rest between each other while there are others, and not where there are none', async () => {
    const inTurn = new InTurn()
    const work = () => new Promise<void>((later) => setTimeout(later, 20))
    const many = () => Array.from({ length: 60 }, () => run(inTurn, 'one', work))
    const lone = many()
    await Promise.all(lone)
    let others = true
    const busy = (async () => {
      while (others) await run(inTurn, 'other', soon as () => Promise<void>)
    })()
    const began = performance.now()
    const beside = many()
    // Of sixty, eight begin at once and the last two dozen are a usual line again: the others rest three times as long as they worked.
    await Promise.all(beside)
    others = false
    await busy
    expect(performance.now() - began).toBeGreaterThan(25 * 60)
  })
})
