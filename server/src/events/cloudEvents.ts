import { problem } from '../http/index.ts'

/** A delivery as it came. */
export interface Delivery {
  readonly body: Uint8Array
  readonly contentType: string
  /** `webhook-id`, `webhook-timestamp` and `webhook-signature`. */
  readonly headers: Readonly<Record<string, string>>
  /** In binary mode: the headers that begin with `ce-`, without that. */
  readonly attributes: Readonly<Record<string, string>>
}

/** The events of a delivery. `batch`: it may hold any number, and is answered with one answer for each. */
export interface Delivered {
  readonly events: readonly unknown[]
  readonly batch: boolean
}

const ONE = 'application/cloudevents+json'
const BATCH = 'application/cloudevents-batch+json'
const JSON_TYPE = /^application\/(json|[\w.-]+\+json)$/
const MOST_EVENTS = 100
const DEEPEST = 20

/**
 * Reads a delivery as the HTTP binding of CloudEvents 1.0 has it: structured, binary or a batch.
 * @throws `media_type_unknown` for any other media type; `not_json`; `body_invalid` for what is nested too deep, or too many.
 */
export function eventsOf({ body, contentType, attributes }: Delivery): Delivered {
  const type = (contentType.split(';')[0] ?? '').trim().toLowerCase()
  if (type === BATCH) return { events: batchOf(parsed(body)), batch: true }
  const binary = attributes.specversion !== undefined
  if (type === ONE || (type === 'application/json' && !binary)) return { events: [parsed(body)], batch: false }
  if (!binary || (type !== '' && !JSON_TYPE.test(type))) throw problem('media_type_unknown')
  const data = body.byteLength === 0 ? {} : { data: parsed(body) }
  const plain = Object.fromEntries(Object.entries(attributes).map(([name, value]) => [name, unescaped(value)]))
  return { events: [{ ...plain, ...(type !== '' && { datacontenttype: type }), ...data }], batch: false }
}

function batchOf(events: unknown): unknown[] {
  if (!Array.isArray(events)) throw problem('body_invalid', 'Please correct: a batch is a list of events.')
  if (events.length > MOST_EVENTS)
    throw problem('body_invalid', `Please correct: a batch holds at most ${MOST_EVENTS} events. Send it in parts.`)
  return events
}

/** A header's value as it was meant: what does not fit into a header is written in percent. */
function unescaped(value: string): string {
  try {
    return decodeURIComponent(value)
  } catch {
    return value
  }
}

const utf8 = new TextDecoder('utf-8', { fatal: true })

function parsed(body: Uint8Array): unknown {
  let value: unknown
  try {
    value = JSON.parse(utf8.decode(body))
  } catch {
    throw problem('not_json')
  }
  if (depthOf(value) > DEEPEST)
    throw problem('body_invalid', `Please correct: the data is nested more than ${DEEPEST} levels deep.`)
  return value
}

/** How deep a value is nested, counted no further than matters. */
function depthOf(value: unknown, level = 0): number {
  if (typeof value !== 'object' || value === null || level > DEEPEST) return level
  return Math.max(level, ...Object.values(value).map((one) => depthOf(one, level + 1)))
}
