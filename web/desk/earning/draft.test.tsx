import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, renderHook } from '@testing-library/react'
import type { ReactNode } from 'react'
import { expect, test } from 'vitest'
import { earningSetting } from '#core/earning'
import { answering } from '../../../testing/web/page.tsx'
import { useDraft } from './draft.ts'

const LIVE = earningSetting.initial

function drafting() {
  answering(() => ({ body: { nextShow: false } }))
  const client = new QueryClient()
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  )
  return renderHook(({ live }) => useDraft(live, null), { wrapper, initialProps: { live: LIVE } })
}

test('what somebody else applies is joined with what was typed', () => {
  const { result, rerender } = drafting()
  act(() => result.current.set({ base: 77 }))
  rerender({ live: { ...LIVE, cap: 5000 } })
  expect(result.current).toMatchObject({ plan: { base: 77, cap: 5000 }, changed: true, conflict: undefined })
})

test('where both changed the same it is asked which counts', () => {
  const { result, rerender } = drafting()
  act(() => result.current.set({ base: 77 }))
  rerender({ live: { ...LIVE, base: 88 } })
  expect(result.current.plan.base).toBe(77)
  expect(result.current.conflict?.clashes).toEqual([{ path: ['base'], mine: 77, theirs: 88 }])
  act(() => result.current.conflict?.takeTheirs())
  expect(result.current).toMatchObject({ plan: { base: 88 }, changed: false, conflict: undefined })
})

test('what goes live as it was typed is no change any more', () => {
  const { result, rerender } = drafting()
  act(() => result.current.set({ base: 77 }))
  rerender({ live: { ...LIVE, base: 77 } })
  expect(result.current).toMatchObject({ changed: false, conflict: undefined })
})
