import { randomUUID } from 'node:crypto'
import type { Intent } from '#core/engine'
import { type AccountKey, keyOf, NICK, type Who } from '#core/people'
import type { UnixSeconds } from '#core/schema'
import { Room } from './room.ts'

export interface PresenceOptions {
  readonly submit: (key: string, intent: Intent) => void
  /** Keys of the accounts the channel holds for present, and up to when that was known. */
  readonly presentBefore: () => Promise<{ accounts: readonly string[]; until: UnixSeconds }>
  readonly clock: () => number
  /** Folds case as the network does. */
  readonly fold: (nick: string) => string
  /** Whether it is the bot itself, here or on a connection that has not ended yet. */
  readonly isOwn: (nick: string, account?: string) => boolean
  /** Who issues the accounts that the network tells. */
  readonly issuer?: string
  /** The letters of the modes that make a moderator. */
  readonly moderatorModes?: () => string
  /** How long somebody lost in a split of the network may take to return (milliseconds). */
  readonly splitMs?: number
}

/** Two servers' names: how a network says that it fell apart, rather than that somebody left. */
const SPLIT = /^[\w*-]+(\.[\w*-]+)+ [\w*-]+(\.[\w*-]+)+$/

const SPLIT_MS = 60_000
/** How many people one note of a gap names: so many that other lines do not wait long behind it. */
const GAP_PEOPLE = 5000
/** Whom the network does not show in the room counts as gone after so long a silence (seconds). */
const SILENCE_SECONDS = 15 * 60

/** Turns who comes to and goes from the room into intents. */
export class Presence {
  readonly room: Room
  readonly #options: Required<PresenceOptions>
  readonly #split = new Map<string, NodeJS.Timeout>()
  /** By nick, who has spoken and is not shown in the room, or is in one where nobody is: when, and under which account. */
  readonly #spoken = new Map<string, { readonly account: AccountKey; readonly at: UnixSeconds }>()
  /** Whether the network tells who is in the room. */
  #told = true

  constructor(options: PresenceOptions) {
    this.#options = { splitMs: SPLIT_MS, issuer: '', moderatorModes: () => 'o', ...options }
    this.room = new Room(options.fold, options.issuer, options.moderatorModes)
  }

  /** Starts over: nothing is known of the room. */
  clear(): void {
    for (const timer of this.#split.values()) clearTimeout(timer)
    this.#split.clear()
    this.room.clear()
    this.#spoken.clear()
  }

  /** Whether somebody is in the room, or was heard in it. */
  knows(nick: string): boolean {
    return this.room.has(nick) || this.#spoken.has(this.#options.fold(nick))
  }

  /** Whether somebody has spoken whom the network does not show. */
  get hides(): boolean {
    return this.#told && this.#spoken.size > 0
  }

  /** The room as it stands after joining, as far as the network tells. */
  async lookRound(told: boolean): Promise<void> {
    this.#told = told
    const before = await this.#options.presentBefore()
    // Nobody saw who was there meanwhile: everyone is settled to when it was last known, and counts anew from now.
    for (const account of before.accounts) this.#leave(account, before.until)
    // The room as it is by now: who came in while we asked must not be left out.
    const here = this.room.all().filter((who) => !this.#isOwn(who))
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
    this.#endSplit(nick)
    this.#spoken.delete(this.#options.fold(nick))
    this.room.set(nick, { account, modes: '' })
    this.#arrive(this.room.who(nick))
  }

  left(nick: string, reason = ''): void {
    const { fold, clock, splitMs } = this.#options
    const account = this.#spoken.get(fold(nick))?.account ?? keyOf(this.room.who(nick))
    this.#spoken.delete(fold(nick))
    this.room.delete(nick)
    if (this.#isHere(account)) return
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
    const spoken = this.#spoken.get(this.#options.fold(from))
    if (spoken !== undefined) this.#silent(this.#options.fold(from), spoken)
    if (!this.room.has(from)) return
    const before = keyOf(this.room.who(from))
    this.room.rename(from, to)
    this.#changed(before, to)
  }

  modeSet(nick: string, mode: string, on: boolean): void {
    if (!this.room.has(nick)) return
    this.room.setMode(nick, mode, on)
    this.#arrive(this.room.who(nick))
  }

  /** The network tells under which account somebody is here; another one than before is somebody else. */
  accountTold(nick: string, account: string | undefined): void {
    if (!this.room.has(nick)) return
    const before = keyOf(this.room.who(nick))
    this.room.set(nick, { account })
    if (keyOf(this.room.who(nick)) !== before) this.#changed(before, nick)
  }

  /** Who was one is another now. */
  #changed(before: AccountKey, nick: string): void {
    const who = this.room.who(nick)
    if (keyOf(who) !== before && !this.#isHere(before)) this.#leave(before)
    this.#arrive(who)
  }

  /** Somebody spoke in the room: where the network does not show them, that is how we know they are there. */
  spoke(who: Who): void {
    if (this.#isOwn(who) || (this.#told && this.room.has(who.name))) return
    const nick = this.#options.fold(who.name)
    const before = this.#spoken.get(nick)
    if (before !== undefined && before.account !== keyOf(who)) this.#silent(nick, before)
    this.#spoken.set(nick, { account: keyOf(who), at: this.#options.clock() })
  }

  /** To be called every minute or so: who is not shown and has been silent for long counts as gone. */
  forgetSilent(): void {
    const before = this.#options.clock() - SILENCE_SECONDS
    for (const [nick, spoken] of this.#spoken)
      if (spoken.at <= before) this.#silent(nick, spoken, spoken.at + SILENCE_SECONDS)
  }

  #silent(nick: string, { account }: { readonly account: AccountKey }, until?: UnixSeconds): void {
    this.#spoken.delete(nick)
    if (!this.#isHere(account)) this.#leave(account, until)
  }

  /** Whether somebody is here on another device: they stay until the last one leaves. */
  #isHere(account: AccountKey): boolean {
    const shown = this.#told && this.room.all().some((who) => keyOf(who) === account)
    return shown || [...this.#spoken.values()].some((spoken) => spoken.account === account)
  }

  #isOwn({ name, issuer, account }: Who): boolean {
    return this.#options.isOwn(name, issuer === NICK ? undefined : account)
  }

  #endSplit(nick: string): void {
    const key = this.#options.fold(nick)
    clearTimeout(this.#split.get(key))
    this.#split.delete(key)
  }

  #arrive(who: Who): void {
    if (this.#isOwn(who)) return
    this.#options.submit(`arrived/${randomUUID()}`, { kind: 'presence.arrived', who })
  }

  #leave(account: AccountKey, until?: UnixSeconds): void {
    const intent = { kind: 'presence.left', account, ...(until !== undefined && { until }) } as const
    this.#options.submit(`left/${randomUUID()}`, intent)
  }
}
