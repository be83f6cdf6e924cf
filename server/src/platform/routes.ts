import { randomUUID } from 'node:crypto'
import { type Static, Type } from '@sinclair/typebox'
import sharp from 'sharp'
import { EVENT_DATA } from '#core/events'
import { exactly, Nothing, orNull, whole } from '#core/schema'
import type { Channels } from '../channels.ts'
import { checkOf } from '../checked.ts'
import type { Reader } from '../database/index.ts'
import { type Call, desk, hand, problem, type Route, route } from '../http/index.ts'
import { readUpload } from '../library/index.ts'
import { answeredBy, OutsideReward, outsideRewardsOf, sendToPlatform } from '../triggers/index.ts'

/** What the routes of the platform's own rewards stand on. */
export interface PlatformParts {
  readonly db: Reader
  readonly channels: Channels
  readonly publicUrl: string
  /** Where the platform takes changes; empty: nowhere. */
  readonly url: string
}

const Id = Type.String({ minLength: 1, maxLength: 100 })
/** `trigger`: what the trigger is called that answers it here. */
const Answered = exactly({ ...OutsideReward.properties, trigger: orNull(Type.String()) })

/** The largest picture that is taken as an icon (bytes). */
const MOST_ICON = 2 * 1024 * 1024
const Icon = Type.String({
  maxLength: Math.ceil(MOST_ICON / 3) * 4,
  contentEncoding: 'base64',
  pattern: '^[A-Za-z0-9+/]+=*$',
})
/** `icon`: a picture, which is scaled here; null: as it was. */
const Wanted = exactly({
  name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
  price: whole(1, 1_000_000_000),
  text: Type.String({ maxLength: 200 }),
  asks: Type.Boolean(),
  paused: Type.Boolean(),
  icon: Type.Union([Type.Null(), Icon]),
})
type Wanted = Static<typeof Wanted>

/** The platform's own rewards: listed, made, priced, paused and removed, as far as it lets one. */
export const platformRewardRoutes = (parts: PlatformParts): Route[] => [
  route({
    method: 'get',
    path: '/desk/platform-rewards',
    does: 'The rewards of the platform’s own points, as it lists them, and whether they can be changed from here',
    answer: exactly({ offered: Type.Boolean(), rewards: Type.Array(Answered) }),
    allowed: desk('look', 'store'),
    handle: async ({ channel }) => {
      const [all, by] = [await outsideRewardsOf(parts.db, channel.id), await answeredBy(parts.db, channel.id)]
      const listed = all.filter((one) => one.listed).map((one) => ({ ...one, trigger: by.get(one.id) ?? null }))
      return { offered: parts.url !== '', rewards: listed }
    },
  }),
  route({
    method: 'post',
    path: '/desk/platform-rewards',
    does: 'Have the platform make a reward of its own points',
    answer: exactly({ id: Id }),
    allowed: desk('change', 'store'),
    body: Wanted,
    largest: 2 * MOST_ICON,
    handle: (call) => set(parts, call, null),
  }),
  route({
    method: 'put',
    path: '/desk/platform-rewards/:outside',
    does: 'Have the platform change one of its own rewards: its name, price, text, icon, or whether it rests',
    answer: exactly({ id: Id }),
    allowed: desk('change', 'store'),
    body: Wanted,
    largest: 2 * MOST_ICON,
    handle: (call) => set(parts, call, call.param('outside')),
  }),
  removeRoute(parts),
]

const removeRoute = (parts: PlatformParts): Route =>
  route({
    method: 'post',
    path: '/desk/platform-rewards/:outside/remove',
    does: 'Have the platform remove one of its own rewards',
    answer: Nothing,
    allowed: desk('change', 'store'),
    handle: async (call) => {
      const gone = await changeable(parts, call.channel.id, call.param('outside'))
      await ask(parts, call, 'reward.removed', { reward: gone })
      return hand(parts.channels, call, { kind: 'outside.change', reward: null, gone })
    },
  })

/** @throws for what the platform does not list, or lets nobody change from here. */
async function changeable({ db }: PlatformParts, channel: number, id: string): Promise<string> {
  const found = (await outsideRewardsOf(db, channel)).find((one) => one.id === id && one.listed)
  if (found === undefined) throw problem('not_found')
  if (!found.changeable)
    throw problem('platform_refused', `The platform lets nobody change ${found.name} from here. Change it there.`)
  return id
}

async function set(parts: PlatformParts, call: Call<Wanted>, id: string | null): Promise<{ id: string }> {
  const reward = id === null ? null : await changeable(parts, call.channel.id, id)
  const { icon, name, ...wanted } = call.body
  const icons = icon === null ? {} : { icon: await scaled(Buffer.from(icon, 'base64')) }
  const answer = await ask(parts, call, 'reward.wanted', {
    ...(reward && { reward }),
    name: name.trim(),
    ...wanted,
    ...icons,
  })
  const check = checkOf(Listed)
  if (!check(answer.reward)) throw problem('platform_silent')
  const made = answer.reward as Static<typeof Listed>
  await hand(parts.channels, call, { kind: 'outside.change', reward: made, gone: null })
  return { id: made.id }
}

const Listed = EVENT_DATA['ricompensa.rewards.listed'].properties.rewards.items

/** The sides of the squares in which an icon is sent (pixels), the largest first. */
const SIDES = [128, 64, 32] as const

/** A picture as square PNGs by their side, base64. @throws for what is no picture, as the library does. */
async function scaled(bytes: Buffer): Promise<Record<string, string>> {
  const { content, type } = await readUpload(bytes, undefined)
  if (type !== 'image/webp') throw problem('media_refused', 'An icon is a picture: choose a PNG, a JPEG or a WebP.')
  const background = { r: 0, g: 0, b: 0, alpha: 0 }
  let picture = content
  const icons: Record<string, string> = {}
  for (const side of SIDES) {
    picture = await sharp(picture).resize({ width: side, height: side, fit: 'contain', background }).png().toBuffer()
    icons[side] = picture.toString('base64')
  }
  return icons
}

const MOST_ANSWER = 64 * 1024

/** Asks the platform for something. @returns what it answers. @throws what it has against it, or that it does not answer. */
async function ask(
  { channels, url, publicUrl }: PlatformParts,
  { channel }: Call<unknown>,
  type: string,
  data: object,
): Promise<Readonly<Record<string, unknown>>> {
  if (url === '') throw problem('platform_offers_none')
  const id = randomUUID()
  const told = { delivery: id, id, source: publicUrl, type: `ricompensa.${type}`, time: new Date(), data }
  const response = await sendToPlatform(channels.pool, url, channel.id, told).catch(() => {
    throw problem('platform_silent')
  })
  if (response === undefined)
    throw problem('platform_refused', 'Make a secret under Connections first: the platform knows this channel by it.')
  const answer = await answerOf(response)
  if (response.ok && answer !== undefined) return answer
  const why = answer?.problem
  throw response.status < 500 && typeof why === 'string'
    ? problem('platform_refused', why.slice(0, 300))
    : problem('platform_silent')
}

async function answerOf(response: Response): Promise<Readonly<Record<string, unknown>> | undefined> {
  try {
    const chunks: Uint8Array[] = []
    let length = 0
    for await (const chunk of response.body ?? []) {
      length += chunk.length
      if (length > MOST_ANSWER) return undefined
      chunks.push(chunk)
    }
    const answer: unknown = JSON.parse(Buffer.concat(chunks).toString('utf8'))
    return typeof answer === 'object' && answer !== null ? (answer as Record<string, unknown>) : undefined
  } catch {
    return undefined
  }
}
