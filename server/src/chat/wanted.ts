import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { and, eq, isNull } from 'drizzle-orm'
import { OPERATORS_ROOM, type RoomSettings } from '#core/rooms'
import type { ChannelHead, Channels } from '../channels.ts'
import type { Config } from '../config.ts'
import { type Reader, schema } from '../database/index.ts'
import { parseChatAddress } from './address.ts'
import type { NetworkOptions } from './connection.ts'

/** A room in which the bot is to sit. */
export interface WantedRoom {
  readonly channel: number
  /** Its number; 0: the operator's. */
  readonly id: number
  readonly room: string
  readonly roomKey: string
  readonly moderators: string
  /** Who issues the accounts that its network tells. */
  readonly issuer: string
  readonly network: NetworkOptions
  /** The connection that it hangs on: rooms of one network and one account of the bot share it. */
  readonly connection: string
  /** Whether it is the channel's first. */
  readonly main: boolean
  /** The streamer speaks there by it as themselves; nothing is heard. */
  readonly own?: boolean
}

/** The number by which the seat of the streamer's own account in a room is known, beside the bot's; and back from it. */
export const ownVoiceSeat = (room: number): number => -1 - room

const DEFAULT_PORTS: ReadonlySet<number> = new Set([6667, 6697])

/** Who issues the accounts of a network that a channel has set up: never anybody whom people sign in with. */
export const issuerOf = ({ host, port }: Pick<NetworkOptions, 'host' | 'port'>): string =>
  `irc:${host.toLowerCase()}${DEFAULT_PORTS.has(port) ? '' : `:${port}`}`

/** What tells a connection apart. Whoever knows the account but not its password gets a connection of their own, which fails. */
function connectionOf({ host, port, tls, nick, sasl, inside = false }: NetworkOptions): string {
  const secret = createHash('sha256')
    .update(sasl?.password ?? '')
    .digest('base64url')
    .slice(0, 12)
  return [host.toLowerCase(), port, tls, nick, sasl?.account ?? '', secret, inside].join(' ')
}

/** What the environment says of the operator's network; undefined: there is none. @throws if the file of its authority cannot be read. */
export function operatorsNetwork(config: Config): NetworkOptions | undefined {
  const { CHAT_ADDRESS: address, CHAT_NICK: nick, CHAT_SASL_ACCOUNT: account, CHAT_SASL_PASSWORD: password } = config
  if (address === '') return undefined
  const { host, port, tls } = parseChatAddress(address)
  return {
    ...{ host, port, tls, nick, inside: true },
    ...(account !== '' && { sasl: { account, password } }),
    unsigned: config.CHAT_SASL === 'optional',
    everyMs: 10_000 / Number(config.CHAT_ANSWERS_PER_10S),
    errandMs: 10_000 / Number(config.CHAT_COMMANDS_PER_10S),
    nickService: config.CHAT_NICK_SERVICE === 'none' ? '' : config.CHAT_NICK_SERVICE,
    ...(config.CHAT_TLS_CA !== '' && { ca: certificateIn(config.CHAT_TLS_CA) }),
  }
}

function certificateIn(file: string): string {
  try {
    return readFileSync(file, 'utf8')
  } catch (err) {
    throw new Error(`CHAT_TLS_CA: the file ${file} cannot be read. Check its name and who may read it.`, { cause: err })
  }
}

/** A room with its network, by which it is known whose it is: "chat.example:6697/#bench". */
export const placeOf = ({ network: { host, port }, room }: Pick<WantedRoom, 'network' | 'room'>): string =>
  `${host}:${port}/${room}`.toLowerCase()

// Remembered, so that it is known still when that channel has been deleted.
const FIRST = `with noted as (insert into installation (name, value) select 'chat-channel', min(id)::text from channel having min(id) is not null
    on conflict (name) do nothing returning value)
  select value::int as id from noted union all select value::int from installation where name = 'chat-channel'`

/** Which rooms there are to sit in: the operator's, and those that channels have set. */
export class WantedRooms {
  readonly #operators: NetworkOptions | undefined
  #first: number | undefined

  constructor(
    readonly config: Config,
    readonly channels: Channels,
    readonly db: Reader,
    /** Who issues the accounts of the operator's network. */
    readonly issuer: string,
  ) {
    this.#operators = operatorsNetwork(config)
  }

  /** The host of the network that the operator has set up; undefined: there is none. */
  get operatorsHost(): string | undefined {
    return this.#operators?.host
  }

  /** Where a room is that is to be set. */
  placeOf({ network, room }: RoomSettings): string {
    return placeOf({ room, network: network ?? (this.#operators as NetworkOptions) })
  }

  /** Who issues the accounts of a channel's rooms: first the one that its events mean, too. */
  async issuersIn(channel: number): Promise<readonly [string, ...string[]]> {
    const rooms = (await this.all(channel)).sort((a, b) => a.id - b.id)
    const [first = this.issuer, ...others] = [...new Set(rooms.map(({ issuer }) => issuer))]
    return [first, ...others]
  }

  /** Every room. @param channel - Of this channel only. */
  async all(channel?: number): Promise<WantedRoom[]> {
    const own = await this.operatorsRoom()
    const found = [...(own === undefined ? [] : [own]), ...(await this.#set(channel))]
    const rooms = channel === undefined ? found : found.filter((one) => one.channel === channel)
    const first = new Map<number, number>()
    for (const one of rooms) first.set(one.channel, Math.min(one.id, first.get(one.channel) ?? one.id))
    return rooms.map((one) => ({ ...one, main: first.get(one.channel) === one.id }))
  }

  /** Where streamers speak as themselves. */
  async ownVoices(rooms: readonly WantedRoom[]): Promise<WantedRoom[]> {
    const { ownVoice: own } = schema
    const found = await this.db.select().from(own).where(isNull(own.goneAt))
    return found.flatMap(({ channel, id, settings: { nick, account }, password }) => {
      const there = rooms.find((one) => one.channel === channel && one.id === id)
      if (there === undefined) return []
      // The streamer sits there themselves, perhaps by this nick: nobody is put out for it.
      const network = {
        ...there.network,
        nick,
        sasl: { account, password },
        unsigned: false,
        triedOnce: true,
        nickService: '',
      }
      return [{ ...there, id: ownVoiceSeat(id), main: false, own: true, network, connection: connectionOf(network) }]
    })
  }

  /** The room that the operator has set for one channel; undefined: none. */
  async operatorsRoom(): Promise<Omit<WantedRoom, 'main'> | undefined> {
    const network = this.#operators
    if (network === undefined) return undefined
    const { CHAT_CHANNEL: slug, CHAT_ADDRESS, CHAT_ROOM_KEY: roomKey, CHAT_MODERATORS: moderators } = this.config
    const channel = slug === '' ? await this.#firstOpened() : await this.channels.find(slug)
    if (channel === undefined || channel.closedAt !== null) return undefined
    const { room } = parseChatAddress(CHAT_ADDRESS)
    const { issuer } = this
    const connection = connectionOf(network)
    return { channel: channel.id, id: OPERATORS_ROOM, room, roomKey, moderators, issuer, network, connection }
  }

  /** The channel that was opened first, for good: when it is closed or gone, its room is not the next one's. */
  async #firstOpened(): Promise<ChannelHead | undefined> {
    const { pool } = this.channels
    this.#first ??= (await pool.query<{ id: number | null }>(FIRST)).rows[0]?.id ?? undefined
    return this.#first === undefined ? undefined : this.channels.head(this.#first)
  }

  async #set(channel: number | undefined): Promise<Omit<WantedRoom, 'main'>[]> {
    const { room, channel: channels } = schema
    const found = await this.db
      .select({
        channel: room.channel,
        id: room.id,
        settings: room.settings,
        password: room.password,
        roomKey: room.roomKey,
      })
      .from(room)
      .innerJoin(channels, eq(channels.id, room.channel))
      .where(
        and(
          isNull(room.goneAt),
          isNull(channels.closedAt),
          channel === undefined ? undefined : eq(room.channel, channel),
        ),
      )
    return found.flatMap(({ channel, id, settings, password, roomKey }) => {
      const network = settings.network === null ? this.#operators : this.#ownNetwork(settings.network, password)
      if (network === undefined) return []
      const issuer = settings.network === null ? this.issuer : issuerOf(network)
      const { room, moderators } = settings
      return [{ ...{ channel, id, room, roomKey, moderators, issuer, network }, connection: connectionOf(network) }]
    })
  }

  #ownNetwork(
    { host, port, tls, nick, account }: { host: string; port: number; tls: boolean; nick: string; account: string },
    password: string,
  ): NetworkOptions {
    return {
      ...{ host: host.replace(/^\[|\]$/g, ''), port, tls, nick },
      inside: this.config.ROOMS_INSIDE === 'yes',
      ...(account !== '' && { sasl: { account, password } }),
      unsigned: true,
      nickService: 'NickServ',
    }
  }
}
