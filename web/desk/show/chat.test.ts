import { QueryClient } from '@tanstack/react-query'
import { afterEach, expect, test, vi } from 'vitest'
import { appendLine, type ChatFact, chatQuery } from './chat.ts'

const line = (seq: number): ChatFact => ({
  seq,
  at: seq,
  kind: 'chat.said',
  body: { viewer: 1, name: 'pia', text: `line ${seq}` },
})

/** Ends only what never comes. */
const LIMIT = { timeout: 120_000 }

test('a line is added once and in order, and only so many are kept', () => {
  const client = new QueryClient()
  appendLine(client, line(1))
  expect(client.getQueryData(chatQuery.queryKey)).toBeUndefined()
  client.setQueryData(chatQuery.queryKey, { seq: 2, lines: [line(1), line(2)] })
  appendLine(client, line(2))
  appendLine(client, line(3))
  expect(client.getQueryData(chatQuery.queryKey)?.lines.map(({ seq }) => seq)).toEqual([1, 2, 3])
  for (let seq = 4; seq <= 400; seq++) appendLine(client, line(seq))
  const kept = client.getQueryData(chatQuery.queryKey)?.lines ?? []
  expect(kept).toHaveLength(200)
  expect(kept.at(-1)?.seq).toBe(400)
})

afterEach(() => vi.unstubAllGlobals())

test('a line that is said while the log is being read is not lost', async () => {
  const client = new QueryClient()
  let answer: (response: Response) => void = () => {}
  vi.stubGlobal('window', { location: { pathname: '/desk/workbench' } })
  vi.stubGlobal('fetch', () => new Promise<Response>((resolve) => (answer = resolve)))
  const reading = client.fetchQuery(chatQuery)
  await vi.waitFor(() => expect(client.isFetching()).toBe(1), LIMIT)
  appendLine(client, line(2))
  appendLine(client, line(3))
  answer(Response.json({ seq: 2, lines: [line(1), line(2)] }))
  expect((await reading).lines.map(({ seq }) => seq)).toEqual([1, 2, 3])
})
