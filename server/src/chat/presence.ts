import { randomUUID } from 'node:crypto'
import type { Intent } from '#core/engine'
import { type AccountKey, keyOf, type Who } from '#core/people'
import { Room } from './room.ts'

export interface PresenceOptions {
  readonly submit: (key: string, intent: Intent) => void
  /** Keys of the accounts the channel holds for present, and up to when that was known. */
  readonly presentBefore: () => Promise<{ accounts: readonly string[]; until: number }>
  readonly clock: () => number
  /** Folds case as the network does. */
  readonly fold: (nick: string) => string
  readonly isOwn: (nick: string) => boolean
  /** Who issues the accounts that the network tells. */
  readonly issuer?: string
  /** How long somebody lost in a split of the network may take to return (milliseconds). */
  readonly splitMs?: number
}

/** Two servers' names: how a network says that it fell apart, rather than that somebody left. */
const SPLIT = /^[\w*-]+(\.[\w*-]+)+ [\w*-]+(\.[\w*-]+)+$/

const SPLIT_MS = 60_000
/** How many people one note of a gap names: so many that other lines do not wait long behind it. */
const GAP_PEOPLE = 5000
/** Where the network does not tell who is in the room, who has been silent for this long counts as gone (seconds). */
const SILENCE_SECONDS = 15 * 60

/** Turns who comes to and goes from the room into intents. */
export class Presence {
  readonly room: Room
  readonly #options: Required<PresenceOptions>
  readonly #split = new Map<string, NodeJS.Timeout>()
  /** When each spoke last, where nothing else tells who is there; undefined where the network does. */
  #spoken: Map<string, number> | undefined

  constructor(options: PresenceOptions) {
    this.#options = { splitMs: SPLIT_MS, issuer: '', ...options }
    this.room = new Room(options.fold, options.issuer)
  }

  /** Starts over: nothing is known of the room. */
  clear(): void {
    for (const timer of this.#split.values()) clearTimeout(timer)
    this.#split.clear()
    this.room.clear()
    this.#spoken = undefined
  }

  /** The room as it stands after joining, as far as the network tells. */
  async lookRound(told: boolean): Promise<void> {
    this.#spoken = told ? undefined : new Map()
    const before = await this.#options.presentBefore()
    // Nobody saw who was there meanwhile: everyone is settled to when it was last known, and counts anew from now.
    for (const account of before.accounts) this.#leave(account, before.until)
    // The room as it is by now: who came in while we asked must not be left out.
    const here = this.room.all()
    for (const who of here) this.#arrive(who)
    const stayed = new Set(here.map(keyOf))
    this.#tellGap(
      before.until,
      before.accounts.filter((account) => stayed.has(account)),
    )
  }

  /** Who was here before and after it was not known who was: what of a show they may have watched meanwhile. */
  #tellGap(from: number, accounts: readonly string[]): void {
    const until = this.#options.clock()
    for (let i = 0; i < accounts.length; i += GAP_PEOPLE) {
      const part = accounts.slice(i, i + GAP_PEOPLE)
      this.#options.submit(`gap/${randomUUID()}`, { kind: 'presence.gap', from, until, accounts: part })
    }
  }

  arrived(nick: string, account: string | undefined): void {
    if (this.#options.isOwn(nick)) return
    this.#endSplit(nick)
    this.room.set(nick, { account, operator: false })
    this.#arrive(this.room.who(nick))
  }

  left(nick: string, reason = ''): void {
    const { fold, clock, splitMs } = this.#options
    const account = keyOf(this.room.who(nick))
    this.room.delete(nick)
    // Somebody here on two devices stays until the last one leaves.
    if (this.room.all().some((who) => keyOf(who) === account)) return
    if (!SPLIT.test(reason)) return this.#leave(account)
    const until = clock()
    this.#endSplit(nick)
    this.#split.set(
      fold(nick),
      setTimeout(() => {
        this.#split.delete(fold(nick))
        this.#leave(account, until)
      }, splitMs),
    )
  }

  renamed(from: string, to: string): void {
    const { isOwn } = this.#options
    if (isOwn(from) || isOwn(to)) return
    const before = keyOf(this.room.who(from))
    this.room.rename(from, to)
    const who = this.room.who(to)
    if (keyOf(who) !== before) this.#leave(before)
    this.#arrive(who)
  }

  operatorSet(nick: string, operator: boolean): void {
    this.room.set(nick, { operator })
    if (!this.#options.isOwn(nick)) this.#arrive(this.room.who(nick))
  }

  /** Somebody spoke: where the network tells nothing else, that is how we know they are there. */
  spoke(who: Who): void {
    this.#spoken?.set(keyOf(who), this.#options.clock())
  }

  /** To be called every minute or so: who has been silent for long counts as gone, in a room that tells nothing else. */
  forgetSilent(): void {
    const before = this.#options.clock() - SILENCE_SECONDS
    for (const [account, at] of this.#spoken ?? []) {
      if (at > before) continue
      this.#spoken?.delete(account)
      this.#leave(account, at + SILENCE_SECONDS)
    }
  }

  #endSplit(nick: string): void {
    const key = this.#options.fold(nick)
    clearTimeout(this.#split.get(key))
    this.#split.delete(key)
  }

  #arrive(who: Who): void {
    this.#options.submit(`arrived/${randomUUID()}`, { kind: 'presence.arrived', who })
  }

  #leave(account: AccountKey, until?: number): void {
    const intent = { kind: 'presence.left', account, ...(until !== undefined && { until }) } as const
    this.#options.submit(`left/${randomUUID()}`, intent)
  }
}
