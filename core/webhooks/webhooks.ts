import type { Static } from '@sinclair/typebox'
import { Type } from '@sinclair/typebox'
import { exactly, oneOf, type UnixSeconds } from '../schema.ts'
import { defineTable, type Handler, ok, type Result, refuse, savedCollection, type World } from '../world/index.ts'
import { OFFERED, type OfferedKind } from './offered.ts'

/** Where another service listens, and what it is told of. */
export const WebhookSettings = exactly({
  name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
  address: Type.String({ minLength: 1, maxLength: 500, pattern: '^https?://[^\\s]+$' }),
  kinds: Type.Array(oneOf(OFFERED), { minItems: 1, uniqueItems: true }),
})
export type WebhookSettings = Static<typeof WebhookSettings>

export interface WebhookRow {
  readonly id: number
  readonly name: string
  readonly address: string
  readonly kinds: readonly OfferedKind[]
  /** What it is signed with; told once. */
  readonly secret: string
  /** Since when nothing has arrived; null: the last delivery did. */
  readonly failingSince: UnixSeconds | null
  /** Null: it is told. */
  readonly pausedAt: UnixSeconds | null
  readonly goneAt: UnixSeconds | null
}

export const webhooks = defineTable<WebhookRow>('webhook', 'whole', (row) => row.id)

const saved = savedCollection(webhooks, {
  one: 'webhook',
  many: 'webhooks',
  most: 10,
  missing: 'webhook_not_found',
  full: 'webhook_invalid',
})

/** The webhooks there are. */
export const openWebhooks = saved.open

/** After so long without an arrival a webhook pauses by itself, and a delivery is given up (seconds). */
export const GIVES_UP_SECONDS = 86_400

function nameFree(world: World, id: number | null, name: string): Result<true> {
  const taken = saved.open(world).some((one) => one.id !== id && one.name.toLowerCase() === name.toLowerCase())
  return taken
    ? refuse('webhook_invalid', `There is already a webhook called “${name}”. Choose another name.`)
    : ok(true)
}

const changed = (world: World) => world.fact('webhooks.changed', 'desk', {})

export interface SaveWebhook {
  readonly kind: 'webhook.save'
  /** Null: a new one. */
  readonly webhook: number | null
  readonly settings: WebhookSettings
  /** For a new one; one that there is keeps its own. */
  readonly secret: string
}

/** Adds a webhook, or changes one: then it is told again, even if it was paused. */
export const saveWebhook = {
  decide(world, { webhook, settings, secret }) {
    const before = saved.before(world, webhook)
    if (!before.ok) return before
    const name = settings.name.trim()
    const free = nameFree(world, webhook, name)
    if (!free.ok) return free
    const row = world.put(webhooks, {
      id: before.value?.id ?? world.nextId(),
      ...{ name, address: settings.address.trim(), kinds: settings.kinds },
      secret: before.value?.secret ?? secret,
      failingSince: null,
      pausedAt: null,
      goneAt: null,
    })
    changed(world)
    return ok({ webhook: row.id, secret: row.secret })
  },
} satisfies Handler<SaveWebhook>

export interface RemoveWebhook {
  readonly kind: 'webhook.remove'
  readonly webhook: number
}

/** Removes a webhook: it is told nothing from then on, what was under way included. */
export const removeWebhook = {
  decide(world, { webhook }) {
    const found = saved.need(world, webhook)
    if (!found.ok) return found
    world.put(webhooks, { ...found.value, goneAt: world.at })
    changed(world)
    return ok({})
  },
} satisfies Handler<RemoveWebhook>

export interface PauseWebhook {
  readonly kind: 'webhook.pause'
  readonly webhook: number
  readonly paused: boolean
}

/** Pauses a webhook, or lets it go on: what happens meanwhile is not told later. */
export const pauseWebhook = {
  decide(world, { webhook, paused }) {
    const found = saved.need(world, webhook)
    if (!found.ok) return found
    world.put(webhooks, { ...found.value, pausedAt: paused ? world.at : null, failingSince: null })
    changed(world)
    return ok({})
  },
} satisfies Handler<PauseWebhook>

export interface WebhookTold {
  readonly kind: 'webhook.told'
  readonly webhook: number
  readonly arrived: boolean
}

/** Whether a delivery arrived; who did not answer for a day is told nothing more until somebody sees to it. */
export const webhookTold = {
  decide(world, { webhook, arrived }) {
    const row = saved.find(world, webhook)
    if (row === undefined || (arrived && row.failingSince === null)) return ok({ paused: false })
    const since = arrived ? null : (row.failingSince ?? world.at)
    const gaveUp = since !== null && world.at - since >= GIVES_UP_SECONDS
    world.put(webhooks, { ...row, failingSince: since, pausedAt: gaveUp ? world.at : row.pausedAt })
    changed(world)
    return ok({ paused: gaveUp })
  },
} satisfies Handler<WebhookTold>

/** What a webhook is told: a fact, as the channel numbered it. */
export interface Delivery {
  readonly webhook: number
  readonly seq: number
  readonly at: UnixSeconds
  readonly kind: OfferedKind
  readonly body: object
}

/** Has every webhook that wants to know be told of what just happened. @param from - How many facts were known before. */
export function tellWebhooks(world: World, from: number): void {
  const facts = world.facts.slice(from)
  if (facts.length === 0) return
  for (const { id, kinds, pausedAt } of saved.open(world)) {
    if (pausedAt !== null) continue
    const wanted: ReadonlySet<string> = new Set(kinds)
    for (const { seq, at, kind, body } of facts) {
      if (!wanted.has(kind)) continue
      const data: Delivery = { webhook: id, seq, at, kind: kind as OfferedKind, body }
      world.timer({ key: `webhook/${id}/${seq}`, at, queue: `webhook/${id}`, job: 'webhook.deliver', data })
    }
  }
}

declare module '../world/timers.ts' {
  interface Jobs {
    'webhook.deliver': Delivery
  }
}
