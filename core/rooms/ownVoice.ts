import { type Static, Type } from '@sinclair/typebox'
import { exactly, type UnixSeconds } from '../schema.ts'
import { defineTable, type Handler, ok, type Result, refuse, stored, type World } from '../world/index.ts'
import { OPERATORS_ROOM, rooms } from './table.ts'

/** As whom the streamer speaks in a room by the desk: an account of their own on its network. */
export const OwnVoice = exactly({
  nick: Type.String({ pattern: '^[A-Za-z][A-Za-z0-9_-]{0,29}$' }),
  account: Type.String({ minLength: 1, maxLength: 100, pattern: '^[^\\s\\u0000]+$' }),
})
export type OwnVoice = Static<typeof OwnVoice>

/** Stands in for one that cannot be read: no network lets it in. */
const UNREADABLE: OwnVoice = { nick: 'unreadable', account: '-' }
export const storedOwnVoice = stored('own voice', OwnVoice, { off: () => UNREADABLE })

export interface OwnVoiceRow {
  /** The number of the room in which it speaks; 0: the operator's. */
  readonly id: number
  readonly settings: OwnVoice
  /** Who set it, by their account at the desk: nobody else speaks by it, another owner neither. */
  readonly by: string
  readonly password: string
  readonly goneAt: UnixSeconds | null
}

export const ownVoices = defineTable<OwnVoiceRow>('ownVoice', 'whole', (row) => row.id)

/** The voices by which the streamer can speak as themselves. */
export const openOwnVoices = (world: World): OwnVoiceRow[] =>
  world.all(ownVoices).filter(({ goneAt }) => goneAt === null)

const voiceIn = (world: World, room: number): OwnVoiceRow | undefined =>
  openOwnVoices(world).find(({ id }) => id === room)

function roomThere(world: World, room: number): Result<true> {
  const found = room === OPERATORS_ROOM || world.get(rooms, room)?.goneAt === null
  return found ? ok(true) : refuse('room_not_found', 'This room was removed.')
}

export interface SaveOwnVoice {
  readonly kind: 'room.ownVoice'
  readonly room: number
  readonly settings: OwnVoice
  /** Null: as it was. */
  readonly password: string | null
}

/** Sets as whom the streamer speaks in a room. A password that was kept is for the account that it was typed for. */
export const saveOwnVoice = {
  decide(world, { room, settings, password }) {
    const there = roomThere(world, room)
    if (!there.ok) return there
    const before = voiceIn(world, room)
    const by = world.atDesk ?? ''
    const kept = before?.by === by && before.settings.account === settings.account ? before.password : ''
    const secret = password ?? kept
    if (secret === '') return refuse('own_voice_invalid', 'Type the password of this account.')
    world.put(ownVoices, { id: room, settings, by, password: secret, goneAt: null })
    world.fact('rooms.changed', 'desk', {})
    return ok({ room })
  },
} satisfies Handler<SaveOwnVoice>

export interface RemoveOwnVoice {
  readonly kind: 'room.removeOwnVoice'
  readonly room: number
}

/** Removes as whom the streamer speaks in a room, and forgets the password. */
export const removeOwnVoice = {
  decide(world, { room }) {
    if (voiceIn(world, room) === undefined)
      return refuse('own_voice_missing', 'You do not speak as yourself in this room.')
    forgetOwnVoice(world, room)
    world.fact('rooms.changed', 'desk', {})
    return ok({})
  },
} satisfies Handler<RemoveOwnVoice>

/** Forgets as whom the streamer speaks in a room that is removed, or is on another network: a password goes to no other one. */
export function forgetOwnVoice(world: World, room: number): void {
  const found = voiceIn(world, room)
  if (found !== undefined) world.put(ownVoices, { ...found, password: '', goneAt: world.at })
}

export interface SayAsOneself {
  readonly kind: 'room.say'
  readonly text: string
}

/** Says a line as whoever writes it, in every room where they have set an account for that. */
export const sayAsOneself = {
  decide(world, { text }) {
    const own = openOwnVoices(world).filter(({ by }) => by === (world.atDesk ?? ''))
    if (own.length === 0)
      return refuse('own_voice_missing', 'Add your own account to a room first: page Connections, Rooms.')
    world.fact('chat.replied', 'desk', { to: null, text, first: true, own: own.map(({ id }) => id) })
    return ok({ muted: false })
  },
} satisfies Handler<SayAsOneself>
