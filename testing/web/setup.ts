import { cleanup, configure } from '@testing-library/react'
import { afterEach, vi } from 'vitest'
import { isWide, setWide } from './window.ts'

// A part that is loaded when opened comes late on a busy machine, and a second is what it would be given otherwise.
configure({ asyncUtilTimeout: 120_000 })

/** What the browser has and jsdom lacks, as far as the parts ask for it. */
class NoResize implements ResizeObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

globalThis.ResizeObserver ??= NoResize
window.CSS ??= { escape: (text: string) => text.replace(/[^\w-]/g, '\\$&') } as typeof CSS
window.matchMedia ??= (query) => Object.assign(new EventTarget(), { matches: isWide(), media: query }) as MediaQueryList

afterEach(() => {
  cleanup()
  window.localStorage.clear()
  setWide(true)
  vi.unstubAllGlobals()
})
