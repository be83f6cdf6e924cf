import { readFileSync } from 'node:fs'
import pg from 'pg'
import type { Logger } from 'pino'
import type { LineAnswer } from '#core/commands'
import { keyOf } from '#core/people'
import type { Result } from '#core/world'
import type { ChannelHead, Channels } from '../channels.ts'
import type { Config } from '../config.ts'
import type { Reader } from '../database/index.ts'
import type { ChatState } from './answers.ts'
import { ChatConnector } from './connector.ts'
import { forOne, ownPage } from './forOne.ts'
import { ChatQuota } from './quota.ts'
import type { SeatTable } from './seatTable.ts'
import { Sitting } from './sitting.ts'

/** First half of the advisory lock's key: whoever holds it sits in the channel's chat room. */
const SEAT_SPACE = 0x52c1
const TRY_AGAIN_MS = 2000

/**
 * The seat of this installation's bot in its channel's chat room. Of several instances one has it, by an advisory lock that
 * PostgreSQL gives back when that instance is gone; the others stand by.
 */
export class ChatSeat {
  #stopped = false
  #lock: pg.Client | undefined
  #again: NodeJS.Timeout | undefined
  #leave: (() => Promise<void>) | undefined
  readonly #network: ReturnType<typeof networkOf>

  constructor(
    readonly config: Config,
    readonly channels: Channels,
    readonly table: SeatTable,
    readonly db: Reader,
    readonly log: Logger,
    /** Who issues the accounts of the chat network. */
    readonly issuer: string,
    /** Told of the outcome of every line: some ask for more than the rules could answer. */
    readonly answered: (
      channel: number,
      key: string,
      result: Result<LineAnswer>,
      ms: number,
    ) => Promise<void> = async () => {},
  ) {
    this.#network = networkOf(config)
  }

  /** Takes the seat, now or whenever it becomes free, if an address is set and its channel exists. */
  async start(): Promise<void> {
    if (this.config.CHAT_ADDRESS === '' || this.#lock !== undefined) return
    const slug = this.config.CHAT_CHANNEL
    const channel = slug === '' ? await this.channels.first() : await this.channels.find(slug)
    if (channel === undefined) return this.log.warn('chat is not connected: there is no channel yet')
    await this.#tryToSit(channel)
  }

  async stop(): Promise<void> {
    this.#stopped = true
    clearTimeout(this.#again)
    await this.#leave?.()
    await this.#lock?.end().catch(() => {})
  }

  async #tryToSit(channel: ChannelHead): Promise<void> {
    if (this.#stopped) return
    const lock = new pg.Client({ connectionString: this.config.DATABASE_URL, keepAlive: true })
    this.#lock = lock
    lock.on('error', () => void this.#lostLock(channel))
    try {
      await lock.connect()
      const got = await lock.query('select pg_try_advisory_lock($1, $2) as got', [SEAT_SPACE, channel.id])
      if (got.rows[0]?.got === true) return await this.#sit(channel)
    } catch (err) {
      this.log.warn({ err }, 'the seat in chat could not be asked for')
    }
    await lock.end().catch(() => {})
    this.#lock = undefined
    this.#tryLater(channel)
  }

  #tryLater(channel: ChannelHead): void {
    if (!this.#stopped) this.#again = setTimeout(() => void this.#tryToSit(channel), TRY_AGAIN_MS)
  }

  /** Without the lock another instance may sit down: this one must get up at once. */
  async #lostLock(channel: ChannelHead): Promise<void> {
    if (this.#leave === undefined) return
    await this.#leave()
    this.#lock = undefined
    this.#tryLater(channel)
  }

  async #sit({ id }: ChannelHead): Promise<void> {
    const { channels, table, db, log } = this
    const sitting = new Sitting({ channel: id, channels, table, db, log, connector: (on) => this.#connector(id, on) })
    this.#leave = async () => {
      this.#leave = undefined
      await sitting.stop()
    }
    try {
      await sitting.start()
    } catch (fault) {
      await this.#leave?.()
      throw fault
    }
  }

  #connector(channel: number, on: { knownUntil: () => number; onState: (state: ChatState) => void }): ChatConnector {
    const quota = new ChatQuota(Number(this.config.CHAT_LINES_PER_10S), this.channels.clock)
    return new ChatConnector({
      ...this.#network,
      submit: async (key, intent) => {
        const began = performance.now()
        if (!quota.takes(intent)) return
        if (intent.kind !== 'chat.line') return void (await this.channels.submit(channel, key, intent))
        const result = await this.channels.submit(channel, key, intent, `chat/${keyOf(intent.who)}`)
        await this.answered(channel, key, result, performance.now() - began)
      },
      issuer: this.issuer,
      privately: (viewer, code) => forOne(this.db, channel, viewer, code),
      page: () => ownPage(this.db, channel),
      presentBefore: async () => ({ accounts: await this.#presentAccounts(channel), until: on.knownUntil() }),
      onState: on.onState,
      clock: this.channels.clock,
      log: this.log,
    })
  }

  async #presentAccounts(channel: number): Promise<string[]> {
    const text = 'select account_key as account from viewer where channel = $1 and present'
    return (await this.channels.pool.query(text, [channel])).rows.map((row) => row.account)
  }
}

/** What the environment says of the chat network. @throws if the file of its authority cannot be read. */
function networkOf(config: Config) {
  const { CHAT_ADDRESS: address, CHAT_NICK: nick, CHAT_SASL_ACCOUNT: account, CHAT_SASL_PASSWORD: password } = config
  return {
    address,
    nick,
    ...(account !== '' && { sasl: { account, password } }),
    unsigned: config.CHAT_SASL === 'optional',
    nickService: config.CHAT_NICK_SERVICE === 'none' ? '' : config.CHAT_NICK_SERVICE,
    moderators: config.CHAT_MODERATORS,
    ...(config.CHAT_ROOM_KEY !== '' && { roomKey: config.CHAT_ROOM_KEY }),
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
