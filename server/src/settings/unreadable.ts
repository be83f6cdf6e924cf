import { type Static, Type } from '@sinclair/typebox'
import { and, eq, isNull } from 'drizzle-orm'
import { SETTINGS } from '#core/engine'
import { exactly, oneOf } from '#core/schema'
import { faultOf, type Reader, readKept, schema, unsealedSetting } from '../database/index.ts'
import { type Route, route } from '../http/index.ts'

const Unreadable = exactly({
  kind: oneOf(['reward', 'command', 'trigger', 'template', 'raffle', 'alert', 'overlay', 'circle', 'settings']),
  /** What it is called, as far as that can be told. */
  name: Type.String(),
  why: Type.String(),
})
type Unreadable = Static<typeof Unreadable>

/** What this version cannot read of a channel: it is shut off, and the desk says so. */
export const unreadableRoutes = (db: Reader): Route[] => [
  route({
    method: 'get',
    path: '/desk/unreadable',
    does: 'Tell which settings this version cannot read; each is shut off until it is saved anew',
    answer: exactly({ unreadable: Type.Array(Unreadable) }),
    allowed: 'team',
    handle: async ({ channel }) => ({ unreadable: await unreadableOf(db, channel.id) }),
  }),
]

/** What of a channel's settings this version cannot read, and why. */
export async function unreadableOf(db: Reader, channel: number): Promise<Unreadable[]> {
  const kept = await Promise.all([
    inTheStore(db, channel),
    inChat(db, channel),
    inRaffles(db, channel),
    onTheStream(db, channel),
    inGroups(db, channel),
  ])
  return kept.flat().flatMap(({ kind, name, value }) => {
    const why = faultOf(value)
    return why === undefined ? [] : [{ kind, name, why }]
  })
}

/** Something saved, by what it is called. */
interface Saved extends Pick<Unreadable, 'kind' | 'name'> {
  readonly value: unknown
}

async function inTheStore(db: Reader, channel: number): Promise<Saved[]> {
  const { reward } = schema
  const here = and(eq(reward.channel, channel), isNull(reward.goneAt))
  const rows = await db.select({ value: reward.settings }).from(reward).where(here)
  return rows.map(({ value }) => ({ kind: 'reward', name: value.name, value }))
}

async function inChat(db: Reader, channel: number): Promise<Saved[]> {
  const { command, trigger, circle } = schema
  const [commands, triggers, circles] = await Promise.all([
    db
      .select()
      .from(command)
      .where(and(eq(command.channel, channel), isNull(command.goneAt))),
    db
      .select()
      .from(trigger)
      .where(and(eq(trigger.channel, channel), isNull(trigger.goneAt))),
    db
      .select()
      .from(circle)
      .where(and(eq(circle.channel, channel), isNull(circle.goneAt))),
  ])
  return [
    ...commands.map(({ settings }): Saved => ({ kind: 'command', name: `!${settings.word}`, value: settings })),
    ...triggers.map(({ settings }): Saved => ({ kind: 'trigger', name: settings.name, value: settings })),
    ...circles.map(({ name, rules }): Saved => ({ kind: 'circle', name, value: rules })),
  ]
}

async function inRaffles(db: Reader, channel: number): Promise<Saved[]> {
  const { raffle, raffleSetup } = schema
  const templates = await db
    .select({ value: raffleSetup.settings })
    .from(raffleSetup)
    .where(and(eq(raffleSetup.channel, channel), isNull(raffleSetup.goneAt)))
  const running = await db
    .select({ value: raffle.settings })
    .from(raffle)
    .where(and(eq(raffle.channel, channel), isNull(raffle.endedAt)))
  return [
    ...templates.map(({ value }): Saved => ({ kind: 'template', name: value.title, value })),
    ...running.map(({ value }): Saved => ({ kind: 'raffle', name: value.title, value })),
  ]
}

async function onTheStream(db: Reader, channel: number): Promise<Saved[]> {
  const { alert, overlay } = schema
  const [alerts, overlays] = await Promise.all([
    db
      .select()
      .from(alert)
      .where(and(eq(alert.channel, channel), isNull(alert.goneAt))),
    db
      .select()
      .from(overlay)
      .where(and(eq(overlay.channel, channel), isNull(overlay.goneAt))),
  ])
  return [
    ...alerts.map(({ settings }): Saved => ({ kind: 'alert', name: settings.name, value: settings })),
    ...overlays.map(({ name, pieces }): Saved => ({ kind: 'overlay', name, value: pieces })),
  ]
}

async function inGroups(db: Reader, channel: number): Promise<Saved[]> {
  const { setting } = schema
  const rows = await db.select().from(setting).where(eq(setting.channel, channel))
  return rows.flatMap(({ name, body }) => {
    const group = SETTINGS.find((one) => one.name === name)
    if (group === undefined) return []
    return [{ kind: 'settings' as const, name: group.called, value: readKept(group, unsealedSetting(body)) }]
  })
}
