import { QueryClient, QueryObserver } from '@tanstack/react-query'
import { expect, test, vi } from 'vitest'
import { keyOf } from './queryKey.ts'
import { outdate } from './useInvalidate.ts'

/** Ends only what never comes. */
const LIMIT = { timeout: 120_000 }

test('what happens while something is read for the first time has it read again', async () => {
  const client = new QueryClient()
  const answers: ((value: string) => void)[] = []
  const queryFn = () => new Promise<string>((answer) => void answers.push(answer))
  const stop = new QueryObserver(client, { queryKey: keyOf('orders'), queryFn }).subscribe(() => {})
  await vi.waitFor(() => expect(answers).toHaveLength(1), LIMIT)
  outdate(client, 'orders')
  answers[0]?.('before it happened')
  await vi.waitFor(() => expect(answers).toHaveLength(2), LIMIT)
  answers[1]?.('after it happened')
  await vi.waitFor(() => expect(client.getQueryData(['orders'])).toBe('after it happened'), LIMIT)
  stop()
})
