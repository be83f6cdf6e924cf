import type { Followed, LineAnswer } from '#core/commands'
import { type Currency, digits, durationInWords, inWords } from '#core/currency'
import { OPERATORS_ROOM } from '#core/rooms'
import type { Result } from '#core/world'
import type { Channels } from '../channels.ts'
import type { AnsweredLine } from '../chat/index.ts'
import type { Reader } from '../database/index.ts'
import { adjustMany, linkByCode, presentIds } from '../people/index.ts'
import { type Place, topList } from '../ranks/index.ts'
import { currencyOf } from '../settings/index.ts'

/** How many of a list are told in chat: what fits into a line. */
const TOLD = 5

/**
 * Does what a line of chat asked for and the rules could not do with the rows of one person: lists over everybody, and
 * corrections for everyone present. Says the answer.
 * @param line - Its key is what the answer's is made of, so that a line seen twice is answered once.
 */
export async function followUp(
  db: Reader,
  channels: Channels,
  { channel, room, key }: AnsweredLine,
  result: Result<LineAnswer>,
): Promise<void> {
  const follow = result.ok ? result.value.follow : undefined
  if (follow === undefined) return
  const currency = await currencyOf(db, channel)
  const text =
    'link' in follow
      ? await linkByCode(channels, channel, key, follow)
      : 'list' in follow
        ? await listAnswer(db, channels, channel, follow, currency)
        : await everyoneAnswer(db, channels, channel, key, follow, currency)
  const where = room === OPERATORS_ROOM ? {} : { inRoom: room }
  const tell = { kind: 'chat.tell', to: follow.to, text, topic: 'answers', ...where } as const
  await channels.submit(channel, `${key}/answer`, tell)
}

type Asked<K extends string> = Extract<Followed, { [P in K]: unknown }>

const NAMES = { balance: 'Most', hours: 'Watched longest', earned: 'Earned most' } as const
const PERIODS = { all: '', days: ' in the shows of 30 days', show: ' this show' } as const

async function listAnswer(
  db: Reader,
  channels: Channels,
  channel: number,
  { list, period }: Asked<'list'>,
  currency: Currency,
): Promise<string> {
  const { places } = await topList(db, channel, { list, period, now: channels.clock(), limit: TOLD })
  if (places.length === 0) return 'Nobody is in that list yet.'
  const value = ({ value }: Place) => (list === 'hours' ? durationInWords(value - (value % 60)) : digits(value))
  const what = list === 'balance' ? `Most ${currency.many}` : `${NAMES[list]}${PERIODS[period]}`
  return `${what}: ${places.map((one) => `${one.place}. ${one.name} ${value(one)}`).join(', ')}.`
}

async function everyoneAnswer(
  db: Reader,
  channels: Channels,
  channel: number,
  key: string,
  { everyone }: Asked<'everyone'>,
  currency: Currency,
): Promise<string> {
  const ids = await presentIds(db, channel)
  const { changed, total } = await adjustMany(channels, channel, key, ids, { of: 'balance', ...everyone })
  if (changed === 0) return 'Nothing changed for anybody present.'
  const did = total >= 0 ? `got ${inWords(total, currency)}` : `lost ${inWords(-total, currency)}`
  return `${digits(changed)} ${changed === 1 ? 'person' : 'people'} ${did} in all.`
}
