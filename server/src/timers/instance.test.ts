import { pino } from 'pino'
import { expect, onTestFinished, test, vi } from 'vitest'
import { testDatabase } from '../../../testing/server/database.ts'
import { Instance } from './instance.ts'

const LOCK =
  'update graphile_worker._private_jobs set locked_by = $1, locked_at = now() - make_interval(secs => $2) where key = $1'

/** A database with timers that were running: each locked by the worker whose name is its key. */
async function withRunningTimers(...running: [worker: string, sinceSeconds: number][]) {
  const { pool, url } = await testDatabase()
  const lock = async (worker: string, since: number) => {
    await pool.query("select graphile_worker.add_job('earning.tick', '{}', job_key := $1)", [worker])
    await pool.query(LOCK, [worker, since])
  }
  for (const [worker, since] of running) await lock(worker, since)
  const locked = async () =>
    (await pool.query('select key from graphile_worker.jobs where locked_by is not null order by key')).rows.map(
      ({ key }) => key,
    )
  const start = async () => {
    const instance = new Instance(pool, url, pino({ level: 'silent' }))
    await instance.start()
    onTestFinished(() => instance.stop())
    return instance
  }
  return { pool, lock, locked, start }
}

test('timers of a server that has died are given back at once; those of a living one are left alone', async () => {
  const { pool, lock, locked, start } = await withRunningTimers(['dead', 60], ['just-begun', 1], ['orphan', 60])
  await pool.query("insert into instance (workers) values (array['dead'])")
  const living = await start()
  await living.addWorker('alive')
  await lock('alive', 60)
  await start()
  await vi.waitFor(async () => expect(await locked()).toEqual(['alive', 'just-begun']), { timeout: 120_000 })
  await living.stop()
  expect((await pool.query('select 1 from instance')).rowCount).toBe(1)
})
