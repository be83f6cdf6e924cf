import { describe, expect, test } from 'vitest'
import { type Aside, InTurn } from './inTurn.ts'

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
    inTurn.run('one', hold).then(
      () => 'done',
      (fault) => fault.code as string,
    ),
  )
  const finish = async () => {
    while (seen.running > 0) {
      for (const end of ends.splice(0)) end()
      await new Promise((later) => setImmediate(later))
    }
    return Promise.all(sent)
  }
  return { seen, finish, endAll: () => ends.splice(0).map((end) => end()) }
}

const soon = () => new Promise((later) => setImmediate(later))

describe('requests of one address', () => {
  test('wait behind each other, others do not wait for them, and what is beyond is refused', async () => {
    const inTurn = new InTurn()
    const { seen, finish } = held(inTurn, 220)
    let served = false
    await inTurn.run('other', async () => {
      served = true
    })
    expect(served).toBe(true)
    const answers = await finish()
    expect(seen.most).toBe(8)
    expect(answers.filter((one) => one === 'done')).toHaveLength(208)
    expect(answers.filter((one) => one === 'too_many_requests')).toHaveLength(12)
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
    const sent = Array.from({ length: 50 }, () => inTurn.run('one', slow))
    await soon()
    expect(arrive).toHaveLength(50)
    await inTurn.run('one', async () => void did.push('quick'))
    expect(did).toEqual(['quick'])
    for (const here of arrive) here()
    await Promise.all(sent)
    expect(did).toHaveLength(51)
  })

  test('that are sent slowly are counted all the same', async () => {
    const inTurn = new InTurn()
    const never = (aside: Aside) => aside(() => new Promise<void>(() => {}))
    for (let i = 0; i < 200; i++) void inTurn.run('one', never)
    await soon()
    await expect(inTurn.run('one', never)).rejects.toMatchObject({ code: 'too_many_requests' })
    await inTurn.run('one', async () => {})
  })

  test('hand their place on when they fail', async () => {
    const inTurn = new InTurn()
    const fail = () => Promise.reject(new Error('broken'))
    for (let i = 0; i < 20; i++) await expect(inTurn.run('one', fail)).rejects.toThrow('broken')
    const late = (aside: Aside) => aside(fail)
    for (let i = 0; i < 20; i++) await expect(inTurn.run('one', late)).rejects.toThrow('broken')
    await inTurn.run('one', async () => {})
  })
})
