import type { Env, Hono } from 'hono'

interface Heard {
  readonly type: string
  readonly time: string
  readonly id: string
}

const KEPT = 12

/** The stand-in as a service that takes webhooks: it shows what it was told last. It has no secret to check them by. */
export function hookRoutes<E extends Env>(app: Hono<E>): void {
  const heard: Heard[] = []
  app.post('/api/hook', async (c) => {
    const { type = '', time = '' } = (await c.req.json()) as Partial<Heard>
    const id = c.req.header('webhook-id') ?? ''
    // Told again: it is known already.
    if (!heard.some((one) => one.id === id)) heard.unshift({ type, time, id })
    heard.length = Math.min(heard.length, KEPT)
    return c.body(null, 204)
  })
  app.get('/api/hook', (c) => c.json({ heard }))
}
