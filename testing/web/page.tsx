import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { ReactNode } from 'react'
import { MemoryRouter } from 'react-router'
import { vi } from 'vitest'
import { Toasts } from '../../web/parts/feedback/toasts.tsx'
import { DraftsProvider } from '../../web/parts/form/drafts.tsx'

interface Place {
  /** The address of the page. */
  readonly at?: string
  /** Whose drafts. */
  readonly scope?: string
  /** What is known already; without one nothing is. */
  readonly client?: QueryClient
}

/** Shows something as a page of the desk would, with somebody who types and clicks. */
export function showPage(page: ReactNode, place: Place = {}) {
  const { at = '/', scope = 'bench/wanda' } = place
  const client = place.client ?? new QueryClient({ defaultOptions: { queries: { retry: false } } })
  const around = (children: ReactNode) => (
    <QueryClientProvider client={client}>
      <Toasts>
        <MemoryRouter initialEntries={[at]}>
          <DraftsProvider scope={scope}>{children}</DraftsProvider>
        </MemoryRouter>
      </Toasts>
    </QueryClientProvider>
  )
  const shown = render(around(page))
  return {
    user: userEvent.setup(),
    client,
    unmount: shown.unmount,
    again: (next: ReactNode) => shown.rerender(around(next)),
  }
}

interface Sent {
  readonly method: string
  readonly path: string
  /** What the address asks with. */
  readonly query: Readonly<Record<string, string>>
  readonly body: unknown
}

/** Stands in for the server. @param answer - What it answers: a status other than 200 is a refusal. */
export function answering(answer: (sent: Sent) => { readonly status?: number; readonly body: unknown }): Sent[] {
  const sent: Sent[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = await request.text()
    const one = {
      method: request.method,
      path: new URL(request.url).pathname,
      query: Object.fromEntries(new URL(request.url).searchParams),
      body: text === '' ? undefined : JSON.parse(text),
    }
    // It is asked for anew every few seconds, however long a test takes; what was shown first stays.
    if (one.path.endsWith('/desk/status')) return new Response('{}', { status: 503 })
    sent.push(one)
    const { status = 200, body } = answer(one)
    return new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })
  })
  return sent
}
