import type { Context } from 'hono'
import type { Channels } from '../channels.ts'
import { problem } from '../http/index.ts'

const HOUR_SECONDS = 3600
const ICON_SIZES = [192, 512] as const

const NAMES = { desk: 'desk', c: '' } as const

/**
 * `GET /desk/<channel>/manifest.webmanifest` and `/c/<channel>/...`: what makes the pages installable on a phone or tablet (W3C
 * Web Application Manifest). It tells what the pages themselves tell everybody: the channel's name.
 * @throws Problem `not_found` where there is no such channel.
 */
export const manifest =
  (channels: Channels, folder: keyof typeof NAMES) =>
  async (c: Context): Promise<Response> => {
    const channel = await channels.find(c.req.param('slug') ?? '')
    if (channel === undefined) throw problem('not_found')
    const start = `/${folder}/${channel.slug}`
    const body = {
      id: start,
      name: [channel.name, NAMES[folder]].filter((word) => word !== '').join(' '),
      short_name: channel.name,
      start_url: start,
      scope: start,
      display: 'standalone',
      background_color: '#14171c',
      theme_color: '#1b2027',
      icons: [
        { src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' },
        ...ICON_SIZES.map((size) => ({ src: `/icon-${size}.png`, sizes: `${size}x${size}`, type: 'image/png' })),
      ],
    }
    return c.body(JSON.stringify(body), 200, {
      'content-type': 'application/manifest+json',
      'cache-control': `public, max-age=${HOUR_SECONDS}`,
    })
  }
