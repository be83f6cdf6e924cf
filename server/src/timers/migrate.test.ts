import { pino } from 'pino'
import { expect, test } from 'vitest'
import { testDatabase } from '../../../testing/server/database.ts'
import { migrateTimers } from './migrate.ts'

test('timers that an earlier version set hand in the same intents, at their time and in their queue', async () => {
  const { pool } = await testDatabase()
  const set = (task: string, payload: object, key: string, queue: string | null = null) =>
    pool.query(
      "select graphile_worker.add_job($1, $2::json, run_at := '2030-01-01T00:00:00Z', job_key := $3, queue_name := $4)",
      [task, JSON.stringify({ channel: 7, ...payload }), `7/${key}`, queue],
    )
  await set('raffle.tick', { raffle: 3, what: 'claim', due: 99, draw: 2 }, 'raffle/3/claim/99/2')
  await set('run.continue', { run: 5, due: 99, depth: 1 }, 'run/5/99')
  await set('trigger.run', { trigger: 1, viewer: null, figures: {}, depth: 1, run: 8 }, 'trigger/8', '7/triggers')
  await set('earning.tick', { show: 4 }, 'earning.tick/99')
  await set('platform.report', { redemption: 'r', status: 'approved', why: '' }, 'report/9')
  for (let times = 0; times < 2; times++) await migrateTimers(pool, pino({ level: 'silent' }))
  const { rows } = await pool.query(`select identifier as task, payload, key, queue_name as queue, run_at
    from graphile_worker._private_jobs job join graphile_worker._private_tasks task on task.id = job.task_id
    left join graphile_worker._private_job_queues queue on queue.id = job.job_queue_id order by key`)
  const at = new Date('2030-01-01T00:00:00Z')
  const kept = (key: string, intent: object, queue: string | null = null) => ({
    ...{ task: 'intent', key: `7/${key}`, queue, run_at: at },
    payload: { channel: 7, key, intent },
  })
  expect(rows).toEqual([
    { task: 'earning.tick', payload: { channel: 7, show: 4 }, key: '7/earning.tick/99', queue: null, run_at: at },
    kept('raffle/3/claim/99/2', { kind: 'raffle.tick', raffle: 3, what: 'claim', due: 99, draw: 2 }),
    {
      ...{ task: 'platform.report', key: '7/report/9', queue: null, run_at: at },
      payload: { channel: 7, redemption: 'r', status: 'approved', why: '', at: at.getTime() / 1000 },
    },
    kept('run/5/99', { kind: 'run.continue', run: 5, depth: 1 }),
    kept('trigger/8', { kind: 'trigger.run', trigger: 1, viewer: null, figures: {}, depth: 1 }, '7/triggers'),
  ])
})
