import type { Logger } from 'pino'
import { voiceSetting } from '#core/commands'
import type { Channels } from '../channels.ts'
import type { Config } from '../config.ts'
import type { Reader } from '../database/index.ts'
import { lastFactAt } from '../feed/index.ts'
import { settingOf } from '../settings/index.ts'
import { ChatConnector, type ChatState } from './connector.ts'

/** The connector of this installation's channel, wired to its writer and its facts. */
export class ChatSeat {
  #state: ChatState
  #channel: number | undefined
  /** When it was last known who is in the room (seconds). */
  #lastKnown = 0
  #connector: ChatConnector | undefined
  #unsubscribe: (() => void) | undefined

  constructor(
    readonly config: Config,
    readonly channels: Channels,
    readonly db: Reader,
    readonly log: Logger,
  ) {
    this.#state = { status: 'off', since: channels.clock(), room: null }
  }

  /** How a channel's chat stands; off for every channel but the one with the seat. */
  stateOf(channel: number): ChatState {
    return channel === this.#channel ? this.#state : { status: 'off', since: this.#state.since, room: null }
  }

  /** Up to when it is known who is present in a channel: now, unless its chat is away. */
  knownUntil(channel: number): number {
    return channel === this.#channel && this.#state.status !== 'connected' ? this.#lastKnown : this.channels.clock()
  }

  /** Connects, if an address is set and its channel exists. */
  async start(): Promise<void> {
    const { CHAT_ADDRESS: address, CHAT_NICK: nick, CHAT_CHANNEL: slug } = this.config
    if (address === '') return
    const channel = slug === '' ? await this.channels.first() : await this.channels.find(slug)
    if (channel === undefined) return this.log.warn('chat is not connected: there is no channel yet')
    const { CHAT_SASL_ACCOUNT: account, CHAT_SASL_PASSWORD: password } = this.config
    const connector = new ChatConnector({
      address,
      nick,
      ...(account !== '' && { sasl: { account, password } }),
      submit: (key, intent) => this.channels.submit(channel.id, key, intent),
      presentBefore: () => this.#presentBefore(channel.id),
      onState: (state) => {
        if (this.#state.status === 'connected' && state.status !== 'connected') this.#lastKnown = this.channels.clock()
        this.#state = state
      },
      clock: this.channels.clock,
      log: this.log,
    })
    await this.#listen(channel.id, connector)
    this.#channel = channel.id
    // When the channel was last known to be served.
    this.#lastKnown = (await lastFactAt(this.channels.pool, channel.id)) ?? this.channels.clock()
    this.#connector = connector
    connector.start()
  }

  stop(): void {
    this.#unsubscribe?.()
    this.#connector?.stop()
  }

  async #listen(channel: number, connector: ChatConnector): Promise<void> {
    let { muted } = await settingOf(this.db, channel, voiceSetting)
    this.#unsubscribe = await this.channels.feed.subscribe(channel, {
      wants: ({ kind }) => kind === 'chat.replied' || kind === 'chat.voice',
      send: (fact) => {
        if (fact.kind === 'chat.voice') muted = fact.body.muted === true
        else if (!muted) connector.speak(fact)
      },
    })
  }

  async #presentBefore(channel: number): Promise<{ accounts: string[]; until: number }> {
    const present = await this.channels.pool.query('select account from viewer where channel = $1 and present', [
      channel,
    ])
    return { accounts: present.rows.map((row) => row.account as string), until: this.#lastKnown }
  }
}
