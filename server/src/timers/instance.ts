import pg from 'pg'
import type { Logger } from 'pino'
import type { Pool } from '../database/index.ts'
import { onlyRow } from '../database/index.ts'

/** First half of the advisory lock's key: an instance holds its own for as long as it lives. */
const INSTANCE_SPACE = 0x52c2
const SWEEP_MS = 2000

const UNLOCK_ORPHANS = `select graphile_worker.force_unlock_workers(array_agg(distinct locked_by)) from graphile_worker.jobs
  where locked_at < now() - interval '10 seconds' and not exists (select 1 from instance where locked_by = any(workers))`

/**
 * This server among those that run timers on the database. A timer that was running when its server died stays locked by it;
 * whoever sees that the dead one's lock is free gives its timers back, so that they run at once instead of hours later.
 */
export class Instance {
  readonly #workers = new Set<string>()
  #lock: pg.Client | undefined
  #key: number | undefined
  #sweeping: NodeJS.Timeout | undefined
  #stopped = false

  constructor(
    readonly pool: Pool,
    readonly url: string,
    readonly log: Logger,
  ) {}

  async start(): Promise<void> {
    await this.#register()
    const sweep = () => {
      this.#sweep()
        .catch((err: unknown) => this.log.warn({ err }, 'timers of dead servers could not be looked for'))
        .finally(() => {
          if (!this.#stopped) this.#sweeping = setTimeout(sweep, SWEEP_MS)
        })
    }
    sweep()
  }

  async stop(): Promise<void> {
    this.#stopped = true
    clearTimeout(this.#sweeping)
    if (this.#key !== undefined)
      await this.pool.query('delete from instance where key = $1', [this.#key]).catch(() => {})
    await this.#lock?.end().catch(() => {})
  }

  /** One of this server's workers has begun to take timers. */
  async addWorker(id: string): Promise<void> {
    this.#workers.add(id)
    if (this.#key !== undefined) await this.#writeWorkers()
  }

  async #register(): Promise<void> {
    const lock = new pg.Client({ connectionString: this.url, keepAlive: true })
    lock.on('error', () => {
      this.#lock = undefined
      this.#key = undefined
    })
    await lock.connect()
    const made = await lock.query<{ key: number }>('insert into instance (workers) values ($1) returning key', [[]])
    const { key } = onlyRow(made)
    await lock.query('select pg_advisory_lock($1, $2)', [INSTANCE_SPACE, key])
    this.#lock = lock
    this.#key = key
    await this.#writeWorkers()
    // A timer that ended while the database was away could not be given back: it would stay locked for hours. Running one
    // twice does no harm.
    await this.pool.query('select graphile_worker.force_unlock_workers($1)', [[...this.#workers]])
  }

  async #writeWorkers(): Promise<void> {
    await this.pool.query('update instance set workers = $2 where key = $1', [this.#key, [...this.#workers]])
  }

  async #sweep(): Promise<void> {
    if (this.#stopped) return
    if (this.#lock === undefined) await this.#register()
    const others = await this.pool.query('select key from instance where key <> $1', [this.#key])
    for (const { key } of others.rows) await this.#reapDeadInstance(key)
    // One that died before it could say which workers it had.
    await this.pool.query(UNLOCK_ORPHANS)
  }

  async #reapDeadInstance(key: number): Promise<void> {
    const client = await this.pool.connect()
    try {
      await client.query('begin')
      const got = await client.query('select pg_try_advisory_xact_lock($1, $2) as got', [INSTANCE_SPACE, key])
      if (got.rows[0].got === true) {
        const gone = await client.query('delete from instance where key = $1 returning workers', [key])
        const workers = gone.rows[0]?.workers ?? []
        if (workers.length > 0) await client.query('select graphile_worker.force_unlock_workers($1)', [workers])
        if (workers.length > 0) this.log.warn({ key }, 'a server has died; its timers are taken over')
      }
      await client.query('commit')
    } finally {
      client.release()
    }
  }
}
