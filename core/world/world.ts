import type { UnixSeconds } from '../schema.ts'
import type { AudienceOf, Fact, FactBody, FactKind } from './facts.ts'
import type { Moment, MomentFigures, MomentKind, MomentViewer } from './moments.ts'
import { Rows } from './rows.ts'
import type { Key, Table } from './table.ts'
import type { Timer } from './timers.ts'

/**
 * Every intent's envelope: a key unique for its source, by which a repeat is known, and when it came (Unix seconds).
 * `entropy`: 32 random bytes in hex that seeds opened by this intent are made from; used once and stored nowhere.
 * Left out only where nothing can be opened.
 */
export interface Envelope {
  readonly key: string
  readonly at: UnixSeconds
  readonly entropy?: string
  /** Account of who does it at the desk; left out: it came in another way. */
  readonly atDesk?: string
  /** The room of chat that it came from; left out: the operator's, or none. */
  readonly inRoom?: number
  /** What the sender had before them of what they change, by its mark; left out: it does not matter. */
  readonly changedFrom?: string
}

/** A row as it is now, and as it was before the batch; undefined: there was none. */
export interface ChangedRow {
  readonly row: object
  readonly before: object | undefined
}

/** What a batch of intents changed, for the writer to make durable. */
export interface Changes {
  readonly rows: ReadonlyMap<Table<object>, ReadonlyMap<Key, ChangedRow>>
  readonly appended: ReadonlyMap<Table<object>, readonly object[]>
  readonly facts: readonly Fact[]
  readonly timers: readonly Timer[]
}

type AnyTable = Table<object>

/**
 * One channel as the rules see it: typed rows to read and put, transfers and facts to add, and nothing else.
 * Does no I/O and knows no clock; the intent at hand brings the time. Rows are replaced, never altered in place.
 */
export class World {
  #changed = new Map<AnyTable, Map<Key, ChangedRow>>()
  #appended = new Map<AnyTable, object[]>()
  #facts: Fact[] = []
  #timers: Timer[] = []
  #undo: (() => void)[] = []
  #intent: Envelope = { key: '', at: 0 }
  #touched: [table: string, key: Key, before: object | undefined][] = []
  #moments: Moment[] = []

  /**
   * @param seq - Number of the channel's last fact.
   * @param lastId - The last id given out in the channel; ids are unique over all its tables.
   */
  constructor(
    readonly rows: Rows = new Rows(true),
    public seq = 0,
    public lastId = 0,
  ) {}

  /** When the intent at hand came, in seconds since 1970. */
  get at(): number {
    return this.#intent.at
  }

  /** Account of who does the intent at hand at the desk; undefined: it came in another way. */
  get atDesk(): string | undefined {
    return this.#intent.atDesk
  }

  /** The room of chat that the intent at hand came from. */
  get inRoom(): number | undefined {
    return this.#intent.inRoom
  }

  /** The mark of what the sender of the intent at hand changes it from. */
  get changedFrom(): string | undefined {
    return this.#intent.changedFrom
  }

  get intentKey(): string {
    return this.#intent.key
  }

  /** The randomness that came with the intent at hand, 32 bytes in hex; it must never be stored or told. */
  get entropy(): string {
    return this.#intent.entropy ?? ''
  }

  get<R extends object>(table: Table<R>, key: Key): R | undefined {
    return this.rows.get(table, key) as R | undefined
  }

  find<R extends object>(table: Table<R>, lookup: keyof R & string, value: Key): R | undefined {
    return this.rows.get(table, value, lookup) as R | undefined
  }

  /** All rows of a `whole` table (of any table in a complete world). */
  all<R extends object>(table: Table<R>): R[] {
    return this.rows.all(table) as R[]
  }

  put<R extends object, S extends R>(table: Table<R>, row: S): S {
    return this.#put(table, row, table.load === 'append' ? undefined : this.get(table, table.key(row)))
  }

  /** Puts a row of which the rules know that there is none of its key: many of them are not looked for one by one. */
  add<R extends object, S extends R>(table: Table<R>, row: S): S {
    return this.#put(table, row, undefined)
  }

  #put<R extends object, S extends R>(table: Table<R>, row: S, before: R | undefined): S {
    const key = table.key(row)
    const changed = this.#changesOf(table as AnyTable)
    const staged = changed.get(key)
    this.rows.set(table, row)
    changed.set(key, { row, before: staged === undefined ? before : staged.before })
    this.#touched.push([table.name, key, before])
    this.#undo.push(() => {
      if (before === undefined) this.rows.unset(table, row)
      else this.rows.set(table, before)
      if (staged === undefined) changed.delete(key)
      else changed.set(key, staged)
    })
    return row
  }

  append<R extends object>(table: Table<R>, row: R): R {
    const list = this.#appendedOf(table as AnyTable)
    list.push(row)
    this.#undo.push(() => list.pop())
    return row
  }

  nextId(): number {
    return ++this.lastId
  }

  fact<K extends FactKind>(kind: K, audience: AudienceOf<K>, body: FactBody<K>): void {
    this.#facts.push({ seq: ++this.seq, at: this.at, kind, audience, body } as Fact)
  }

  timer(timer: Timer): void {
    this.#timers.push(timer)
  }

  /** Notes that something happened which triggers may be set off by. */
  moment<K extends MomentKind>(kind: K, viewer: MomentViewer<K>, figures: MomentFigures<K>): void {
    this.#moments.push({ kind, viewer, figures } as Moment)
  }

  /** What happened since `begin`. */
  get moments(): readonly Moment[] {
    return this.#moments
  }

  /** Starts on an intent: what it changes can be taken back as one by `undo`. */
  begin(intent: Envelope): Savepoint {
    this.#intent = intent
    this.#undo = []
    this.#touched = []
    this.#moments = []
    return this.mark()
  }

  /** A point within an intent to which its changes can be taken back: a run that fails must not undo the line that asked for it. */
  mark(): Savepoint {
    return {
      seq: this.seq,
      lastId: this.lastId,
      facts: this.#facts.length,
      timers: this.#timers.length,
      steps: this.#undo.length,
      moments: this.#moments.length,
    }
  }

  /** The rows put since `begin`, as table, key and what was there; one put twice is there twice. */
  get touched(): readonly (readonly [table: string, key: Key, before: object | undefined])[] {
    return this.#touched
  }

  /** Takes back all that was changed since `begin` or `mark`: what was refused leaves no trace. */
  undo(to: Savepoint): void {
    for (const step of this.#undo.splice(to.steps).reverse()) step()
    this.#moments.length = to.moments
    this.#facts.length = to.facts
    this.#timers.length = to.timers
    this.seq = to.seq
    this.lastId = to.lastId
  }

  /** The rows appended to a table since the last `takeChanges`. */
  appended<R extends object>(table: Table<R>): readonly R[] {
    return this.#appendedOf(table as AnyTable) as unknown as readonly R[]
  }

  /** The facts added since the last `takeChanges`. */
  get facts(): readonly Fact[] {
    return this.#facts
  }

  /** The timers set since the last `takeChanges`. */
  get timers(): readonly Timer[] {
    return this.#timers
  }

  /** Hands over what changed since the last call, and starts afresh. */
  takeChanges(): Changes {
    const changes = { rows: this.#changed, appended: this.#appended, facts: this.#facts, timers: this.#timers }
    this.#changed = new Map()
    this.#appended = new Map()
    this.#facts = []
    this.#timers = []
    this.#undo = []
    return changes
  }

  #changesOf(table: AnyTable): Map<Key, ChangedRow> {
    let rows = this.#changed.get(table)
    if (rows === undefined) {
      rows = new Map()
      this.#changed.set(table, rows)
    }
    return rows
  }

  #appendedOf(table: AnyTable): object[] {
    let rows = this.#appended.get(table)
    if (rows === undefined) {
      rows = []
      this.#appended.set(table, rows)
    }
    return rows
  }
}

export interface Savepoint {
  readonly seq: number
  readonly lastId: number
  readonly facts: number
  readonly timers: number
  readonly steps: number
  readonly moments: number
}
