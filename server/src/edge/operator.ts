import { timingSafeEqual } from 'node:crypto'
import { Hono } from 'hono'
import type { Channels } from '../channels.ts'
import type { Config } from '../config.ts'
import { problem } from '../http/index.ts'
import type { Metrics } from '../metrics/index.ts'
import type { Env } from './env.ts'

export interface OperatorParts {
  readonly config: Config
  readonly channels: Channels
  readonly metrics: Metrics
  /** False from the moment the server is told to stop. */
  readonly accepting: () => boolean
}

const PATIENCE_MS = 2000

/** For whoever runs the server: is it alive, can it serve, and what it measures. */
export function operatorRoutes({ config, channels, metrics, accepting }: OperatorParts): Hono<Env> {
  const app = new Hono<Env>()
  app.get('/healthz', (c) => c.json({ status: 'up' }))
  app.get('/readyz', async (c) => {
    if (!accepting() || !(await answersInTime(channels))) throw problem('not_ready')
    return c.json({ status: 'ready' })
  })
  app.get('/metrics', async (c) => {
    const [scheme, token = ''] = (c.req.header('authorization') ?? '').split(' ')
    if (config.METRICS_TOKEN === '' || scheme !== 'Bearer' || !same(token, config.METRICS_TOKEN))
      throw problem('not_found')
    c.header('content-type', metrics.registry.contentType)
    return c.body(await metrics.registry.metrics())
  })
  return app
}

async function answersInTime({ pool }: Channels): Promise<boolean> {
  const late = new Promise<false>((done) => setTimeout(() => done(false), PATIENCE_MS).unref())
  const answer = pool.query('select 1').then(
    () => true,
    () => false,
  )
  return Promise.race([answer, late])
}

function same(a: string, b: string): boolean {
  const [left, right] = [Buffer.from(a), Buffer.from(b)]
  return left.length === right.length && timingSafeEqual(left, right)
}
