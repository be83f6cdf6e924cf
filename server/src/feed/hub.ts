import type { Fact } from '#core/world'

/** Where facts are sent: a page's connection, or a part of the server that acts on them. */
export interface Sink {
  /** Whether this sink is told of a fact. */
  readonly wants: (fact: Fact) => boolean
  /** Called with each wanted fact in order. `frame` is the fact as an SSE frame, made once for all. */
  readonly send: (fact: Fact, frame: string) => void
  /** The sink asked for facts that are no longer kept: it must load everything anew. */
  readonly reset?: () => void
  /** Facts could not be read: the sink must come back and ask again from the last it has. */
  readonly lost?: () => void
}

/** Reads some of the facts after a number, in order. */
export type ReadFacts = (after: number) => Promise<Fact[]>

interface Member {
  readonly sink: Sink
  sent: number
  live: boolean
}

export const frameOf = (fact: Fact): string =>
  `id: ${fact.seq}\ndata: ${JSON.stringify({ seq: fact.seq, at: fact.at, kind: fact.kind, body: fact.body })}\n\n`

/**
 * One channel's facts on their way to those who watch. Sinks get every fact they want exactly once and in order: from
 * the database until they have caught up, then as batches are committed.
 */
export class Hub {
  readonly #members = new Set<Member>()
  #pulling: Promise<void> | undefined
  #told = 0

  /**
   * @param last - Number of the last fact delivered so far.
   * @param newest - Reads the number of the last fact there is.
   */
  constructor(
    readonly read: ReadFacts,
    public last: number,
    readonly newest: () => Promise<number>,
  ) {}

  /** How many follow it. */
  get size(): number {
    return this.#members.size
  }

  /** Delivers a batch committed by this server. A gap before it (another instance's) is read from the database first. */
  publish(facts: readonly Fact[]): void {
    const first = facts[0]
    if (first === undefined) return
    if (first.seq === this.last + 1 && this.#pulling === undefined) for (const fact of facts) this.#deliver(fact)
    else this.hear(facts[facts.length - 1]?.seq ?? 0)
  }

  /** Somebody has committed facts up to `seq`: reads those that are not known yet. */
  hear(seq: number): void {
    this.#told = Math.max(this.#told, seq)
    if (this.#told <= this.last) return
    this.#pulling ??= this.#pull().finally(() => {
      this.#pulling = undefined
      if (this.#told > this.last) this.hear(this.#told)
    })
  }

  /**
   * Adds a sink.
   * @param after - The last fact it has; undefined: only what comes from now on.
   * @returns A function that takes it away again.
   */
  subscribe(sink: Sink, after?: number): () => void {
    const member: Member = { sink, sent: after ?? this.last, live: false }
    this.#members.add(member)
    void this.#catchUp(member)
    return () => this.#members.delete(member)
  }

  async #pull(): Promise<void> {
    try {
      for (const fact of await this.read(this.last)) this.#deliver(fact)
    } catch {
      // The database is away. Everyone is caught up at the next commit, notice or reconnection.
      this.#told = this.last
    }
  }

  #deliver(fact: Fact): void {
    if (fact.seq !== this.last + 1) return
    this.last = fact.seq
    const frame = frameOf(fact)
    for (const member of this.#members) {
      if (member.live && fact.seq > member.sent) this.#sendTo(member, fact, frame)
    }
  }

  #sendTo(member: Member, fact: Fact, frame = frameOf(fact)): void {
    member.sent = fact.seq
    if (member.sink.wants(fact)) member.sink.send(fact, frame)
  }

  async #catchUp(member: Member): Promise<void> {
    try {
      if (member.sent > this.last) await this.#checkAhead(member)
      while (member.sent < this.last && this.#members.has(member)) {
        const facts = await this.read(member.sent)
        if (facts[0]?.seq !== member.sent + 1) {
          this.#reset(member, this.last)
          break
        }
        for (const fact of facts) if (fact.seq === member.sent + 1) this.#sendTo(member, fact)
      }
      member.live = true
    } catch {
      // The database is away. Whoever is let go of comes back, and goes on from the last fact they have.
      this.#members.delete(member)
      member.sink.lost?.()
    }
  }

  /** Somebody knows more than this hub: another instance told them first, or they come from another database. */
  async #checkAhead(member: Member): Promise<void> {
    const newest = await this.newest()
    if (member.sent > newest) this.#reset(member, newest)
    this.hear(newest)
  }

  #reset(member: Member, to: number): void {
    member.sink.reset?.()
    member.sent = to
  }
}
