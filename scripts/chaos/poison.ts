import { setTimeout as pause } from 'node:timers/promises'
import type { Intent } from '#core/engine'
import { systemClock } from '#server/clock.ts'
import { connectWriter } from '#server/database/index.ts'
import { ChannelWriter, envelope, IntentBug } from '#server/writer/index.ts'
import { nameOf, PEOPLE, type Stage } from './stage.ts'

/** What the rules stumble over, whatever went before it. */
const BROKEN = { kind: 'chat.line', text: 'hello', privately: false } as unknown as Intent
/** What the database cannot keep where somebody is present: a time that is no whole number. */
const FRACTION: Intent = { kind: 'presence.left', account: nameOf(0), until: 9_999_999_999.5 }

/**
 * A third writer beside the servers that hands in something poisoned among good lines again and again, for as long as the
 * storm goes on. What it counts must hold: the poisoned one is refused alone, those beside it are decided.
 */
export class Poisoner {
  /** How often something poisoned was found out alone. */
  found = 0
  readonly wrong: string[] = []
  #running = true
  readonly #work: Promise<void>

  constructor(stage: Stage) {
    this.#work = this.#poison(stage)
  }

  stop(): Promise<void> {
    this.#running = false
    return this.#work
  }

  async #poison({ postgres, channel }: Stage): Promise<void> {
    const pool = connectWriter(postgres.url, 2)
    // A crash of the database ends its connections: the next turn makes new ones.
    pool.on('error', () => {})
    const writer = new ChannelWriter({ pool, channel, onFacts: () => {} })
    for (let turn = 0; this.#running; turn++) {
      const hand = (intent: Intent, key: string) =>
        writer.submit({ ...intent, ...envelope(`poison/${turn}/${key}`, systemClock()) }).then(
          (): unknown => undefined,
          (fault: unknown) => fault,
        )
      const good = [1, 2, 3].map((i) => hand(lineOf(nameOf((turn + i) % PEOPLE)), String(i)))
      const [broken] = await Promise.all([hand(BROKEN, 'broken'), hand(FRACTION, 'fraction')])
      for (const fault of await Promise.all(good))
        if (fault instanceof IntentBug)
          this.wrong.push(`a good line beside it was refused: ${fault.message} ${(fault.cause as Error).stack}`)
      if (broken === undefined) this.wrong.push('what no rule can decide was applied')
      if (broken instanceof IntentBug) this.found++
      await pause(300)
    }
    await pool.end()
  }
}

const lineOf = (name: string): Intent => ({
  kind: 'chat.line',
  who: { account: name, name },
  text: 'hello',
  privately: false,
})
