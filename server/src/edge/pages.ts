import { serveStatic } from '@hono/node-server/serve-static'
import { type Context, Hono, type MiddlewareHandler } from 'hono'
import type { Channels } from '../channels.ts'
import type { Config } from '../config.ts'
import { explanationPage, problem } from '../http/index.ts'
import { SLUG } from '../opening/index.ts'
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

/**
 * Where an address without a channel leads: the one channel of an installation that is for one; `many`: there may be several, and
 * a page of its own to choose; undefined: there is none yet.
 */
async function onlyChannel(channels: Channels, { CHANNELS }: Config): Promise<string | undefined> {
  const first = await channels.first()
  if (first === undefined) return CHANNELS === 'open' ? 'many' : undefined
  return CHANNELS === 'claim' && !(await channels.several()) ? first.slug : 'many'
}

/** An address that a channel had before leads to the one it has. */
const movedOn =
  (channels: Channels): MiddlewareHandler =>
  async (c, next) => {
    const slug = c.req.param('slug') ?? ''
    const channel = SLUG.test(slug) ? await channels.find(slug) : undefined
    if (channel === undefined || channel.slug === slug) return next()
    const [, part, , ...rest] = c.req.path.split('/')
    return c.redirect(`${['', part, channel.slug, ...rest].join('/')}${new URL(c.req.url).search}`)
  }

/** The web applications (desk, viewer pages, overlay, the installation's front), each one document, and what they load. */
export function pages(config: Config, channels: Channels): Hono<Env> {
  const app = new Hono<Env>()
  const document = documentIn(config.WEB_FOLDER)
  const front = document('front')
  app.get('/', async (c, next) => {
    const only = await onlyChannel(channels, config)
    return only === 'many' ? front(c, next) : c.redirect(only === undefined ? '/claim' : `/c/${only}`)
  })
  app.get('/problems/:code', (c) => {
    const page = explanationPage(c.req.param('code'))
    if (page === undefined) throw problem('not_found')
    return page
  })
  app.get('/desk', async (c, next) => {
    const only = await onlyChannel(channels, config)
    return only === 'many' ? front(c, next) : c.redirect(only === undefined ? '/claim' : `/desk/${only}`)
  })
  for (const path of ['/claim', '/operator']) app.get(path, front)
  app.get('/desk/:slug/manifest.webmanifest', manifest(channels, 'desk'))
  app.get('/c/:slug/manifest.webmanifest', manifest(channels, 'c'))
  for (const part of ['desk', 'c'] as const) app.use(`/${part}/:slug/*`, movedOn(channels))
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
