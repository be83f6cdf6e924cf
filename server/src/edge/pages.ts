import { serveStatic } from '@hono/node-server/serve-static'
import { Hono, type MiddlewareHandler } from 'hono'
import type { Channels } from '../channels.ts'
import type { Config } from '../config.ts'
import type { Env } from './env.ts'

const YEAR_SECONDS = 31_536_000

/** The three web applications (desk, viewer pages, overlay), each one document, and what they load. */
export function pages(config: Config, channels: Channels): Hono<Env> {
  const app = new Hono<Env>()
  const document = (name: string): MiddlewareHandler => {
    return serveStatic({
      root: config.WEB_FOLDER,
      precompressed: true,
      path: `${name}.html`,
      onFound: (_path, c) => c.header('cache-control', 'no-cache'),
    })
  }
  app.get('/', async (c) => {
    const channel = await channels.first()
    return channel === undefined
      ? c.text('No channel has been set up yet. See docs/operations.md.', 503)
      : c.redirect(`/c/${channel.slug}`)
  })
  app.get('/desk', async (c) => c.redirect(`/desk/${(await channels.first())?.slug ?? ''}`))
  app.get('/desk/*', document('desk'))
  app.get('/c/*', document('viewer'))
  app.get('/overlay/*', document('overlay'))
  app.get(
    '/*',
    serveStatic({
      root: config.WEB_FOLDER,
      precompressed: true,
      onFound: (path, c) => {
        if (path.includes('/assets/')) c.header('cache-control', `public, max-age=${YEAR_SECONDS}, immutable`)
      },
    }),
  )
  return app
}
