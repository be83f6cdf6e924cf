import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import type { Context } from 'hono'
import { LRUCache } from 'lru-cache'
import sharp from 'sharp'
import { durationInWords } from '#core/currency'
import { prizeInWords } from '#core/raffles'
import { fileOf } from '#core/screen'
import type { ChannelHead, Channels } from '../channels.ts'
import type { Config } from '../config.ts'
import { type Reader, reader } from '../database/index.ts'
import { idIn, problem } from '../http/index.ts'
import { readContent } from '../library/index.ts'
import { codeRewards, type RaffleShown, raffleById } from '../raffles/index.ts'
import { currencyOf } from '../settings/index.ts'

type Parts = { readonly config: Config; readonly channels: Channels }

const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('"', '&quot;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')

async function found(
  { channels }: Parts,
  c: Context,
): Promise<{ channel: ChannelHead; raffle: RaffleShown } | undefined> {
  const channel = await channels.find(c.req.param('slug') ?? '')
  const id = idIn(c.req.param('raffle'))
  if (channel === undefined || channel.closedAt !== null || id === undefined) return undefined
  const raffle = await raffleById(reader(channels.pool), channel.id, id)
  return raffle === undefined ? undefined : { channel, raffle }
}

/** `GET /c/<channel>/raffles/<raffle>`: the viewer page, with what a shared address shows of the raffle (Open Graph). */
export const rafflePage = (parts: Parts) => async (c: Context) => {
  const page = await readFile(join(parts.config.WEB_FOLDER, 'viewer.html'), 'utf8')
  c.header('cache-control', 'no-cache')
  const one = await found(parts, c)
  return c.html(one === undefined ? page : withHead(page, await tagsOf(parts, one)))
}

/** A page with more in its head. Told as a function: in a plain text `$` would stand for parts of the page. */
const withHead = (page: string, tags: string): string => page.replace('</head>', () => `${tags}</head>`)

async function tagsOf({ config, channels }: Parts, { channel, raffle }: { channel: ChannelHead; raffle: RaffleShown }) {
  const db = reader(channels.pool)
  const address = `${config.PUBLIC_URL}/c/${channel.slug}/raffles/${raffle.id}`
  const title = `${raffle.settings.title} · ${channel.name}`
  const text = await inOneLine(db, channel.id, raffle, channels.clock())
  const tags = {
    'og:type': 'website',
    'og:site_name': channel.name,
    'og:title': title,
    'og:description': text,
    'og:url': address,
    'og:image': `${address}/preview.png`,
    'og:image:width': String(WIDTH),
    'og:image:height': String(HEIGHT),
    'og:image:alt': raffle.settings.title,
    'twitter:card': 'summary_large_image',
  }
  const all = Object.entries(tags).map(([name, value]) => `<meta property="${name}" content="${escaped(value)}" />`)
  return [`<meta name="description" content="${escaped(text)}" />`, ...all].join('\n    ')
}

/** "a restored lamp. Closes in 8 min, 34 people are in. Type !in in chat.": how it stands when somebody looks. */
async function inOneLine(db: Reader, channel: number, raffle: RaffleShown, now: number): Promise<string> {
  const { settings, status, closesAt, people, waiting } = raffle
  const codes = await codeRewards(db, channel)
  const reward = (id: number) => codes.find((one) => one.id === id)?.name ?? 'a reward'
  const prize = prizeInWords(settings.prize, settings.winners, await currencyOf(db, channel), reward)
  const how = settings.byWord ? ` Type !${settings.word.word} in chat.` : ''
  const left = closesAt === null ? 'Open' : `Closes in ${durationInWords(Math.max(1, closesAt - now))}`
  const many = `${people} ${people === 1 ? 'person is' : 'people are'} in.`
  const stands = {
    planned: 'It opens soon.',
    open: `${left}, ${many}${how}`,
    closed: waiting.length > 0 ? 'The winner has been drawn and must reply.' : `Closed, ${many}`,
    returning: 'Called off.',
    off: 'Called off; all money is back.',
    finished: `Over. ${many} Everybody can check the draw.`,
  }[status]
  return `Prize: ${prize}. ${stands}`
}

const [WIDTH, HEIGHT] = [1200, 630]
const MARGIN = 90
/** The dark of the workshop, on which every picture can stand. */
const GROUND = '#1f2523'

const KEPT_SECONDS = 3600
const MOST_KEPT = 50

/** `GET /c/<channel>/raffles/<raffle>/preview.png`: the raffle's picture in the size that previews show, made once for each picture. */
export const rafflePicture = (parts: Parts) => {
  const made = new LRUCache<string, Promise<Uint8Array<ArrayBuffer>>>({ max: MOST_KEPT })
  return async (c: Context) => {
    const one = await found(parts, c)
    if (one === undefined) throw problem('not_found')
    const { picture } = one.raffle.settings
    const key = `${one.channel.id}/${picture}`
    let image = made.get(key)
    if (image === undefined) {
      image = imageOf(parts, one.channel.id, picture)
      made.set(key, image)
      image.catch(() => made.delete(key))
    }
    return new Response(await image, {
      headers: { 'content-type': 'image/png', 'cache-control': `public, max-age=${KEPT_SECONDS}` },
    })
  }
}

async function imageOf(parts: Parts, channel: number, name: string): Promise<Uint8Array<ArrayBuffer>> {
  const bytes = await pictureBytes(parts, channel, name)
  const inside = { width: WIDTH - 2 * MARGIN, height: HEIGHT - 2 * MARGIN, fit: 'inside' as const }
  const picture = await sharp(bytes, { density: 600 }).resize(inside).png().toBuffer()
  const ground = sharp({ create: { width: WIDTH, height: HEIGHT, channels: 3, background: GROUND } })
  const image = await ground
    .composite([{ input: picture, gravity: 'centre' }])
    .png()
    .toBuffer()
  return new Uint8Array(image)
}

async function pictureBytes({ config, channels }: Parts, channel: number, picture: string): Promise<Buffer> {
  const file = fileOf(picture)
  if (file === undefined) return readFile(join(config.WEB_FOLDER, 'pictures', `${picture}.svg`))
  const content = await readContent(channels.pool, channel, file, 0)
  if (content === undefined) throw problem('not_found')
  return content.part
}
