import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { onWake } from './wake.ts'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

test('a page that is simply looked at is never woken', () => {
  const woken = vi.fn()
  const stop = onWake(woken)
  vi.advanceTimersByTime(600_000)
  document.dispatchEvent(new Event('visibilitychange'))
  expect(woken).not.toHaveBeenCalled()
  stop()
})

test('a device that slept is noticed as soon as it runs again, once', () => {
  const woken = vi.fn()
  const stop = onWake(woken)
  vi.setSystemTime(Date.now() + 3_600_000)
  document.dispatchEvent(new Event('visibilitychange'))
  vi.advanceTimersByTime(30_000)
  expect(woken).toHaveBeenCalledOnce()
  stop()
})

test('a network that is back is noticed, and nothing is after it was stopped', () => {
  const woken = vi.fn()
  const stop = onWake(woken)
  window.dispatchEvent(new Event('online'))
  expect(woken).toHaveBeenCalledOnce()
  stop()
  window.dispatchEvent(new Event('online'))
  vi.setSystemTime(Date.now() + 3_600_000)
  vi.advanceTimersByTime(30_000)
  expect(woken).toHaveBeenCalledOnce()
})
