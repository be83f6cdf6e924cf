import { type Static, Type } from '@sinclair/typebox'
import { shortCommitment } from '../fairness/index.ts'
import type { UnixSeconds, ViewerId } from '../schema.ts'
import { closed } from '../schema.ts'
import { readSetting, setting, writeSetting } from '../settings/index.ts'
import { defineTable, type Handler, ok, type World } from '../world/index.ts'

/** What the bot speaks about, each of which can be silenced. Answers to who asked are `answers`. */
export const TOPICS = ['answers', 'store', 'games', 'raffles', 'bets', 'goals', 'thanks', 'ranks', 'triggers'] as const
export type Topic = (typeof TOPICS)[number]

export const REPLIES = ['plain', 'mention', 'private'] as const
export type Reply = (typeof REPLIES)[number]

/** How the bot speaks. Muted, it goes on working; its answers show on the desk only. */
export const Voice = Type.Object(
  {
    muted: Type.Boolean(),
    /** How an answer reaches who asked: as it is, with their name before it, or to them alone. */
    reply: Type.Union(REPLIES.map((reply) => Type.Literal(reply))),
    /** What it says nothing about. */
    silent: Type.Array(Type.Union(TOPICS.map((topic) => Type.Literal(topic))), { maxItems: TOPICS.length }),
    /** Whether a word that is nearly one of ours gets a hint. */
    hints: Type.Boolean(),
    /** Whether what a draw will go by is said as it opens: the start of its commitment, which stands on its page in any case. */
    commitments: Type.Optional(Type.Boolean()),
    /** The bot was sent out of the room: it comes back when it is told to. */
    out: Type.Optional(Type.Boolean()),
    /** The bot comes into the room with the show, and leaves with it. */
    withShow: Type.Optional(Type.Boolean()),
  },
  closed,
)
export type Voice = Static<typeof Voice>

const FULL_VOICE: Voice = { muted: false, reply: 'plain', silent: [], hints: true }
export const voiceSetting = setting('voice', 'bot’s settings', Voice, FULL_VOICE)

/** Something to say. `to`: to them alone; null: in the room. `likeness`: answers of one likeness can be joined into a line. */
export interface Saying {
  readonly topic: Topic
  readonly to: string | null
  readonly text: string
  readonly likeness?: string
}

/** A code that somebody alone may see: it is never part of what is said, but put in when it is whispered. */
export type CodeOf = { readonly of: 'order'; readonly id: number } | { readonly of: 'winner'; readonly key: string }

/** Something that was for one person alone, as their page has it. */
export interface MessageRow {
  readonly id: number
  readonly viewer: ViewerId
  readonly at: UnixSeconds
  readonly text: string
  readonly code: CodeOf | null
}

export const messages = defineTable<MessageRow>('message', 'append', (row) => row.id)

/** What is said as a draw opens: with the start of its commitment, where the streamer wants it and it does not stand there yet. */
export function withCommitment(world: World, text: string, commitment: string): string {
  const said = shortCommitment(commitment)
  const wanted = readSetting(world, voiceSetting).commitments && said !== '' && !text.includes(said)
  return wanted ? `${text} (Commitment ${said})` : text
}

/** Something for one person alone. */
export interface PrivateSaying {
  readonly viewer: { readonly id: number; readonly chatName: string }
  readonly text: string
  readonly code?: CodeOf
}

/**
 * Tells somebody something that nobody else may hear. It is whispered only to a nick that is in the room under exactly
 * their account; otherwise they are told that something is for them on their page. Never addressed by name: names can be chosen.
 */
export function sayPrivately(world: World, { viewer, text, code }: PrivateSaying): void {
  if (text.trim() === '') return
  world.append(messages, { id: world.nextId(), viewer: viewer.id, at: world.at, text, code: code ?? null })
  const body = { to: viewer.chatName, viewer: viewer.id, text, ...(code !== undefined && { code }) }
  world.fact('chat.replied', 'desk', body)
  world.fact('message.told', `viewer:${viewer.id}`, {})
}

/** Has the bot say something, unless the streamer wants to hear nothing of that kind; what was asked for privately is always said. */
export function say(world: World, { topic, to, text, likeness }: Saying): void {
  if (text.trim() === '') return
  if (to === null && readSetting(world, voiceSetting).silent.includes(topic)) return
  // An answer is for the room in which it was asked for; anything else is for all.
  const room = topic === 'answers' ? world.inRoom : undefined
  const more = { ...(likeness !== undefined && { likeness }), ...(room !== undefined && { room }) }
  world.fact('chat.replied', 'desk', { to, text, ...more })
}

/** Somebody who asked for something in chat: their name there, and whether they asked the bot alone. */
export interface Asker {
  readonly name: string
  readonly privately: boolean
}

/**
 * Answers who asked, in the way asked for: to them alone, with their name before it, or plainly.
 * @param reply - The way; left out: as the channel does it.
 */
export function answer(world: World, asker: Asker, text: string, how: { reply?: Reply; likeness?: string } = {}): void {
  const reply = how.reply ?? readSetting(world, voiceSetting).reply
  const to = asker.privately || reply === 'private' ? asker.name : null
  const named = withoutName(text, asker.name)
  const mention = to === null && reply === 'mention'
  const spoken = mention ? `@${asker.name} ${named}` : text
  say(world, { topic: 'answers', to, text: spoken, likeness: how.likeness ?? 'answer' })
}

/** An answer that begins with a name, without it: "pia: not now" -> "not now". */
function withoutName(text: string, name: string): string {
  const after = text.slice(name.length)
  const begins = text.toLowerCase().startsWith(name.toLowerCase()) && /^[: ]/.test(after)
  return begins ? after.replace(/^:? */, '') : text
}

export interface ChangeVoice {
  readonly kind: 'chat.voice'
  readonly voice: Partial<Voice>
}

export const changeVoice = {
  decide(world, intent) {
    const voice = { ...readSetting(world, voiceSetting), ...intent.voice }
    writeSetting(world, voiceSetting, voice)
    world.fact('chat.voice', 'desk', { muted: voice.muted })
    return ok({ muted: voice.muted })
  },
} satisfies Handler<ChangeVoice>

const TEST_LINE = 'A test from the desk: the bot is here and can speak.'

export interface TestVoice {
  readonly kind: 'chat.test'
  /** In this room alone; left out: in all. */
  readonly inRoom?: number
}

/** Lets the bot say a line in the room, so that the streamer sees that it can. */
export const testVoice = {
  decide(world, { inRoom: room }) {
    const { muted } = readSetting(world, voiceSetting)
    const there = room === undefined ? {} : { room }
    world.fact('chat.replied', 'desk', { to: null, text: TEST_LINE, first: true, ...there })
    return ok({ muted })
  },
} satisfies Handler<TestVoice>

export interface Tell {
  readonly kind: 'chat.tell'
  /** Null: the room. */
  readonly to: string | null
  readonly text: string
  /** What it is about, which the streamer may want to hear nothing of; left out: it is said in any case, and before all answers. */
  readonly topic?: Topic
  /** In this room alone; left out: in all. */
  readonly inRoom?: number
}

/** Says a line: what the server found out for a follow-up, or what the team writes as the bot. */
export const tell = {
  decide(world, { to, text, topic }) {
    if (topic === undefined) world.fact('chat.replied', 'desk', { to, text, first: true })
    else say(world, { topic, to, text })
    return ok({ muted: readSetting(world, voiceSetting).muted })
  },
} satisfies Handler<Tell>
