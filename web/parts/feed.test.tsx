import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { follow } from './feed.ts'

/** Stands in for the browser's: what it is told is told by the test. */
class FakeSource {
  static readonly CLOSED = 2
  static opened: FakeSource[] = []
  readyState = 1
  onopen = () => {}
  onmessage = (_: { data: string }) => {}
  onerror = () => {}
  readonly named = new Map<string, (event: { data: string }) => void>()
  constructor(readonly address: string) {
    FakeSource.opened.push(this)
  }
  addEventListener(name: string, heard: (event: { data: string }) => void) {
    this.named.set(name, heard)
  }
  close() {
    this.readyState = FakeSource.CLOSED
  }
  tell = (seq: number) => this.onmessage({ data: JSON.stringify({ seq, kind: 'chat.said' }) })
  refuse() {
    this.close()
    this.onerror()
  }
}

beforeEach(() => {
  FakeSource.opened = []
  vi.useFakeTimers()
  vi.stubGlobal('EventSource', FakeSource)
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const newest = () => FakeSource.opened.at(-1) as FakeSource

function following() {
  const heard = { onFact: vi.fn(), onReset: vi.fn(), onUp: vi.fn(), onNow: vi.fn() }
  const stop = follow({ address: (last) => `/feed?after=${last ?? 7}`, ...heard })
  return { ...heard, stop }
}

test('a refused connection is tried again, from the last fact that was heard', () => {
  const { onFact, onUp, stop } = following()
  expect(newest().address).toBe('/feed?after=7')
  newest().onopen()
  newest().tell(12)
  newest().refuse()
  vi.advanceTimersByTime(2000)
  expect(newest().address).toBe('/feed?after=12')
  expect(onFact).toHaveBeenCalledExactlyOnceWith({ seq: 12, kind: 'chat.said' })
  expect(onUp.mock.calls).toEqual([[true], [false]])
  stop()
})

test('one that the browser mends by itself is left to it', () => {
  const { stop } = following()
  newest().onerror()
  vi.advanceTimersByTime(10_000)
  expect(FakeSource.opened).toHaveLength(1)
  stop()
})

test('the clock and the loss of facts are told on', () => {
  const { onReset, onNow, stop } = following()
  newest().named.get('now')?.({ data: '1700000000' })
  newest().named.get('reset')?.({ data: '' })
  expect(onNow).toHaveBeenCalledExactlyOnceWith(1_700_000_000)
  expect(onReset).toHaveBeenCalledOnce()
  stop()
})

test('after the device slept it is opened anew; once it is stopped, nothing is', () => {
  const { stop } = following()
  newest().tell(9)
  window.dispatchEvent(new Event('online'))
  expect(FakeSource.opened.map(({ address }) => address)).toEqual(['/feed?after=7', '/feed?after=9'])
  expect(FakeSource.opened[0]?.readyState).toBe(FakeSource.CLOSED)
  newest().refuse()
  stop()
  window.dispatchEvent(new Event('online'))
  vi.advanceTimersByTime(60_000)
  expect(FakeSource.opened).toHaveLength(2)
})
