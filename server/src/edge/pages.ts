import { serveStatic } from '@hono/node-server/serve-static'
import { type Context, Hono, type MiddlewareHandler } from 'hono'
import type { Channels } from '../channels.ts'
import { SLUG } from '../claim/index.ts'
import type { Config } from '../config.ts'
import { explanationPage, problem } from '../http/index.ts'
import type { Env } from './env.ts'
import { manifest } from './manifest.ts'
import { rafflePage, rafflePicture } from './preview.ts'

const YEAR_SECONDS = 31_536_000

/** What a page asks for first, so that a browser fetches it beside the programs and not after them. */
function fetchedAlong(c: Context, first: string): void {
  const slug = c.req.path.split('/')[2] ?? ''
  if (SLUG.test(slug)) c.header('link', `</api/channels/${slug}${first}>; rel=preload; as=fetch; crossorigin=anonymous`)
}

const documentIn =
  (root: string) =>
  (name: string, first?: string): MiddlewareHandler =>
    serveStatic({
      root,
      precompressed: true,
      path: `${name}.html`,
      onFound: (_path, c) => {
        c.header('cache-control', 'no-cache')
        if (first !== undefined) fetchedAlong(c, first)
      },
    })

/** The three web applications (desk, viewer pages, overlay), each one document, and what they load. */
export function pages(config: Config, channels: Channels): Hono<Env> {
  const app = new Hono<Env>()
  const document = documentIn(config.WEB_FOLDER)
  app.get('/', async (c) => {
    const channel = await channels.first()
    return c.redirect(channel === undefined ? '/claim' : `/c/${channel.slug}`)
  })
  app.get('/problems/:code', (c) => {
    const page = explanationPage(c.req.param('code'))
    if (page === undefined) throw problem('not_found')
    return page
  })
  app.get('/desk', async (c) => {
    const channel = await channels.first()
    return c.redirect(channel === undefined ? '/claim' : `/desk/${channel.slug}`)
  })
  app.get('/claim', document('claim'))
  app.get('/desk/:slug/manifest.webmanifest', manifest(channels, 'desk'))
  app.get('/c/:slug/manifest.webmanifest', manifest(channels, 'c'))
  app.get('/desk/*', document('desk', '/desk/status'))
  app.get('/c/:slug/raffles/:raffle/preview.png', rafflePicture({ config, channels }))
  app.get('/c/:slug/raffles/:raffle', rafflePage({ config, channels }))
  app.get('/c/*', document('viewer', '/store'))
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
