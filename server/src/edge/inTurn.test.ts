import { expect, test } from 'vitest'
import { InTurn } from './inTurn.ts'

test('who sends hundreds at once waits behind themselves, others do not, and what is beyond is refused', async () => {
  const inTurn = new InTurn()
  let running = 0
  let most = 0
  const ends: (() => void)[] = []
  const hold = async () => {
    most = Math.max(most, ++running)
    await new Promise<void>((end) => ends.push(end))
    running--
  }
  const sent = Array.from({ length: 220 }, () =>
    inTurn.run('one', hold).then(
      () => 'done',
      (fault) => fault.code as string,
    ),
  )
  let served = false
  await inTurn.run('other', async () => {
    served = true
  })
  expect(served).toBe(true)
  const finish = async () => {
    while (running > 0) {
      for (const end of ends.splice(0)) end()
      await new Promise((later) => setImmediate(later))
    }
  }
  await finish()
  const answers = await Promise.all(sent)
  expect(most).toBe(8)
  expect(answers.filter((one) => one === 'done')).toHaveLength(208)
  expect(answers.filter((one) => one === 'too_many_requests')).toHaveLength(12)
})

test('a request that fails hands its place on', async () => {
  const inTurn = new InTurn()
  const fail = () => Promise.reject(new Error('broken'))
  for (let i = 0; i < 20; i++) await expect(inTurn.run('one', fail)).rejects.toThrow('broken')
  await inTurn.run('one', async () => {})
})
