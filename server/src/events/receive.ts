import { createHash } from 'node:crypto'
import type { Static } from '@sinclair/typebox'
import type { AnswerTo } from '#core/engine'
import { CloudEvent, EVENT_DATA, isEventKind, type ReceiveEvent } from '#core/events'
import type { ChannelHead, Channels } from '../channels.ts'
import { answered, bodyCheck, Problem, problem } from '../http/index.ts'
import { bugSentence, IntentBug } from '../writer/index.ts'
import { type Delivery, eventsOf } from './cloudEvents.ts'
import { EventRefusals } from './refusals.ts'
import type { EventSecrets } from './secrets.ts'

/** How far a delivery's time may be from ours, either way (seconds), as Standard Webhooks advises. */
const TOLERANCE_SECONDS = 300

/** What became of an event. */
type Taken = AnswerTo<ReceiveEvent>

/** Takes events from outside: CloudEvents, signed per Standard Webhooks. */
export class EventReceiver {
  readonly #envelope = bodyCheck(CloudEvent)
  readonly #data = new Map(Object.entries(EVENT_DATA).map(([type, schema]) => [type, bodyCheck(schema, 'data')]))

  readonly refusals: EventRefusals

  constructor(
    readonly channels: Channels,
    readonly secrets: EventSecrets,
    /** Who issues the accounts that a channel's events tell of: its chat network. */
    readonly issuerIn: (channel: number) => Promise<string> = async () => '',
  ) {
    this.refusals = new EventRefusals(channels.pool, channels.clock)
  }

  /**
   * Checks a delivery and hands in its events. The same event again, by whatever delivery, is answered the same and changes
   * nothing. Of a batch every event that is in order is taken, whatever the others are.
   * @returns The answer; of a batch a list of them (`events`).
   * @throws A problem that says what to change; the desk's log shows it, too. Of a batch, if it holds any that is refused:
   * its `data.events` has the answer to each.
   */
  async receive(channel: ChannelHead, delivery: Delivery): Promise<Taken | { readonly events: readonly Taken[] }> {
    const kinds = await this.#signer(channel, delivery)
    try {
      const { events, batch } = eventsOf(delivery)
      if (!batch) return await this.#take(channel, events[0], kinds)
      return await this.#takeAll(channel, events, kinds)
    } catch (fault) {
      if (fault instanceof Problem) await this.refusals.noteSigned(channel.id, fault)
      throw fault
    }
  }

  async #take(channel: ChannelHead, given: unknown, kinds: readonly string[] | null): Promise<Taken> {
    const event = this.#checked(given, kinds)
    const key = createHash('sha256').update(`${event.source}\0${event.id}`).digest('base64url')
    const issuer = await this.issuerIn(channel.id)
    return answered(await this.channels.submit(channel.id, `event/${key}`, this.#intent(event, issuer)))
  }

  async #takeAll(
    channel: ChannelHead,
    given: readonly unknown[],
    kinds: readonly string[] | null,
  ): Promise<{ readonly events: readonly Taken[] }> {
    const events: Taken[] = []
    const answers: object[] = []
    let refused: Problem | undefined
    for (const one of given) {
      try {
        const taken = await this.#take(channel, one, kinds)
        events.push(taken)
        answers.push(taken)
      } catch (fault) {
        // A bug in one event must not keep those behind it out for ever.
        const told = fault instanceof IntentBug ? problem('internal', bugSentence(fault.id)) : fault
        if (!(told instanceof Problem)) throw fault
        refused ??= told
        answers.push({ code: told.code, detail: told.detail })
      }
    }
    if (refused === undefined) return { events }
    throw new Problem(
      'batch_refused',
      `Event ${answers.findIndex((one) => 'code' in one) + 1} of ${answers.length} is refused: ${refused.detail} Those that are in order were taken.`,
      { events: answers } as never,
    )
  }

  /** What kinds whoever signed it may send; null: any. Nothing of the body is looked at before that is known. */
  async #signer(channel: ChannelHead, { body, headers }: Delivery): Promise<readonly string[] | null> {
    try {
      this.#refuseUntimely(headers)
      const signer = await this.secrets.verify(channel.id, body, { ...headers })
      if (signer === undefined) throw problem('event_signature_wrong')
      return signer.kinds
    } catch (fault) {
      if (fault instanceof Problem) this.refusals.noteUnsigned(channel.id, fault)
      throw fault
    }
  }

  #refuseUntimely(headers: Delivery['headers']): void {
    const stamp = headers['webhook-timestamp'] ?? ''
    if (!headers['webhook-id'] || !headers['webhook-signature'] || !/^\d{1,12}$/.test(stamp))
      throw problem('event_not_signed')
    const off = this.channels.clock() - Number(stamp)
    if (Math.abs(off) <= TOLERANCE_SECONDS) return
    const way = off > 0 ? 'old' : 'ahead of our clock'
    throw problem(
      'event_out_of_time',
      `This delivery is ${Math.abs(off)} seconds ${way}; ${TOLERANCE_SECONDS} are allowed. Send it anew with the time of now.`,
    )
  }

  #checked(event: unknown, kinds: readonly string[] | null): CloudEvent {
    this.#envelope(event)
    const { type, data } = event as CloudEvent
    if (kinds !== null && !kinds.includes(type))
      throw problem(
        'event_kind_not_allowed',
        `This secret may not send "${type.slice(0, 100)}". Make one on the Connections page that may.`,
      )
    this.#data.get(type)?.(data ?? {})
    return event as CloudEvent
  }

  #intent({ source, type, time, data }: CloudEvent, issuer: string): ReceiveEvent {
    const whoOf = ({ account, name }: Person) => ({
      ...(issuer !== '' && { issuer }),
      account: account.toLowerCase(),
      name,
    })
    const now = this.channels.clock()
    const happened = time === undefined ? now : Math.floor(Date.parse(time) / 1000)
    if (!Number.isFinite(happened))
      throw problem(
        'body_invalid',
        `Please correct: time "${time}" is not a time. One looks like 2026-11-23T19:00:00Z.`,
      )
    if (happened > now + TOLERANCE_SECONDS) throw problem('body_invalid', 'Please correct: time lies in the future.')
    const body = typeof data === 'object' && data !== null && !Array.isArray(data) ? data : { data: data ?? null }
    return {
      kind: 'event.received',
      source,
      type,
      happenedAt: happened,
      ...(isEventKind(type) && 'who' in body && { who: whoOf(body.who as Person) }),
      ...(type === 'ricompensa.gift' && 'to' in body && { to: (body.to as Person[]).map(whoOf) }),
      body: body as Record<string, unknown>,
    }
  }
}

type Person = Static<(typeof EVENT_DATA)['ricompensa.follow']>['who']
