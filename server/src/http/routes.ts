import type { Static, TSchema } from '@sinclair/typebox'
import { changedMeanwhile, markOf, sameContent } from '#core/changes'
import type { AnswerTo, Intent } from '#core/engine'
import { type AccountKey, type AccountRef, refOf } from '#core/people'
import type { UnixSeconds } from '#core/schema'
import { schemaFaults } from '#core/schemaFaults'
import { StepSchema } from '#core/steps'
import type { Area, Doer, Level, Rights } from '#core/team'
import type { Result, Unchangeable } from '#core/world'
import type { ChannelHead, Channels } from '../channels.ts'
import { checkOf } from '../checked.ts'
import type { Asked, Asks } from './asked.ts'
import { Problem, problemOfRefusal } from './problems.ts'

/** At the desk: whoever may go so far in one of the areas. */
export interface AtDesk {
  readonly level: Exclude<Level, 'none'>
  readonly areas: readonly [Area, ...Area[]]
}

/** Who may call a route: anyone; a signed-in viewer; whoever is signed in at the desk; all of the team; its owners; some of it. */
export type Allowed = 'anyone' | 'viewer' | 'signed in at the desk' | 'team' | 'owner' | AtDesk

/** For a route of the desk: how far one must be able to go, in any of these areas. */
export const desk = (level: AtDesk['level'], ...areas: AtDesk['areas']): AtDesk => ({ level, areas })

const WORDS: readonly unknown[] = ['anyone', 'viewer', 'signed in at the desk', 'team', 'owner']

/** Whether a route says who may call it. */
export const saysWho = (allowed: Allowed | undefined): boolean =>
  WORDS.includes(allowed) || (typeof allowed === 'object' && allowed.areas.length > 0)

/** Who is signed in. */
export interface Caller {
  /** Unix seconds. */
  readonly signedInAt?: UnixSeconds
  /** The hash by which their session is known; never told. */
  readonly session?: string

  /** As one text, with its issuer (`keyOf`). */
  readonly account: AccountKey
  readonly name: string
}

/** Whom an intent of the caller's is about: their account with its issuer, and their name. */
export const whoOf = ({ account, name }: Caller): AccountRef & { readonly name: string } => ({
  ...refOf(account),
  name,
})

/** A checked call of a route. */
export interface Call<B, A = Readonly<Record<string, unknown>>> {
  readonly channel: ChannelHead
  readonly caller: Caller
  /** At the desk: whose it is, and what they may do. */
  readonly doer: Doer
  readonly rights: Rights
  readonly body: B
  readonly param: (name: string) => string
  /** What the address asks with. */
  readonly asked: A
  /** Unique for this action of this caller: a repeated request bears the same. */
  readonly key: string
  /** A header of the request. */
  readonly header: (name: string) => string | undefined
  /** The body as it came, where a route takes it so (`raw`). */
  readonly bytes: () => Promise<Buffer>
}

/** What is declared of an address of a channel's API: who may call it and what it takes; both are checked before it runs. */
interface Declared {
  readonly method: 'get' | 'post' | 'put'
  /** Below /api/channels/:channel. */
  readonly path: string
  readonly allowed: Allowed
  /** What it does, for the API's own description. */
  readonly does: string
  /** The feature that it belongs to, in one word for the API's own description. */
  readonly tag?: string
  readonly body?: TSchema
  /** Takes its body as bytes in place of JSON. */
  readonly raw?: true
  /** The largest body in bytes; 64 KB if left out. */
  readonly largest?: number
  /** What to say of a body that is larger, of so many bytes (0: not known). */
  readonly tooLarge?: (bytes: number) => string
  /** How often it may be called; `usual` if left out. */
  readonly limit?: 'usual' | 'costly'
  /** What caches may keep of an answer (`cache-control`); nothing, if left out. */
  readonly cache?: string
  /** Asks for a sign-in of the last ten minutes: what it gives or takes away cannot be had back. */
  readonly fresh?: true
  /** It makes, changes or revokes a secret: the security log says so. */
  readonly secret?: true
  /** It answers while the channel is closed, too. */
  readonly whenClosed?: true
  /** It changes nothing that a paused channel must keep still: one's own accounts and settings. */
  readonly whenPaused?: true
  /** It changes nothing that anybody would look for in the security log. */
  readonly unlogged?: true
  /** What the address may ask with; every other name is refused. */
  readonly asks?: Asks
}

/** A route whose answer is a file, of this media type. */
interface FileRoute extends Declared {
  readonly gives: 'text/csv' | 'application/json' | 'application/zip'
  readonly handle: (call: Call<unknown>) => Promise<Response>
}

/** A route that answers with JSON: what, is declared. A `Response` holds it as it goes out. */
interface JsonRoute extends Declared {
  readonly answer: TSchema
  readonly handle: (call: Call<unknown>) => Promise<object>
}

/** One address of a channel's API, with what it answers. */
export type Route = FileRoute | JsonRoute

/** What a handler gives where a schema is declared: the same, or a `Response` that holds it as JSON. */
export type Given<R extends TSchema> = Promise<Unchangeable<Static<R>> | Response>

interface Takes<S extends TSchema, A extends Asks> extends Omit<Declared, 'body' | 'asks'> {
  readonly body?: S
  readonly asks?: A
}

/** A route whose handler sees its body and what was asked as they are declared, and answers what is declared. */
export function route<S extends TSchema, R extends TSchema, A extends Asks = Record<never, never>>(
  options: Takes<S, A> & {
    readonly answer: R
    readonly handle: (call: Call<Static<S>, Asked<A>>) => Given<R>
  },
): Route {
  return options as Route
}

/** The same for a file. */
export const fileRoute = <A extends Asks = Record<never, never>>(
  options: Takes<TSchema, A> & {
    readonly gives: FileRoute['gives']
    readonly handle: (call: Call<unknown, Asked<A>>) => Promise<Response>
  },
): Route => options as Route

/**
 * Hands in what a call asks of the rules. @returns what it comes to.
 * @throws its refusal as a problem.
 */
export const hand = async <I extends Intent>(
  channels: Pick<Channels, 'submit'>,
  { channel, key, header }: Pick<Call<unknown>, 'channel' | 'key' | 'header'>,
  intent: I,
): Promise<AnswerTo<I>> => answered(await channels.submit(channel.id, key, intent, undefined, markIn(header)))

/** What the sender says it changed something from: `If-Match: "<mark>"`. */
function markIn(header: Call<unknown>['header']): string | undefined {
  const [, mark] = /^"([0-9a-f]{32})"$/.exec(header('if-match') ?? '') ?? []
  return mark
}

/**
 * The same check as of what the rules save, for what is kept elsewhere. @param now - What there is now. @param next - What it is to be.
 * @throws With what there is now, where the sender changed it from something else.
 */
export function checkMark({ header }: Pick<Call<unknown>, 'header'>, name: string, now: object, next: object): void {
  const mark = markIn(header)
  if (mark === undefined || mark === markOf(now) || sameContent(now, next)) return
  throw problemOfRefusal(changedMeanwhile(name, now))
}

/** The answer of an intent, or its refusal as a problem. */
export function answered<A>(result: Result<A>): A {
  if (!result.ok) throw problemOfRefusal(result.refusal)
  return result.value
}

/**
 * A check of a request's body that answers with what is wrong, each with its place; `data` has the same by the places. It is compiled when it is first needed:
 * those of all routes together were most of a server's start.
 */
export function bodyCheck(schema: TSchema, at = ''): (body: unknown) => void {
  return (body) => {
    const check = checkOf(schema)
    if (check(body)) return
    const faults = Object.entries(schemaFaults(schema, body, [StepSchema]))
    const placed = faults.map(([place, says]) => [[at, place].filter(Boolean).join('.') || 'data', says] as const)
    const detail = `Please correct: ${placed.map(([place, says]) => `${place}: ${says}`).join(' ')}`
    throw new Problem('body_invalid', detail, Object.fromEntries(placed))
  }
}
