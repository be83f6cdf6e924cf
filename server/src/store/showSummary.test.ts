import { expect, test } from 'vitest'
import { testDesk } from '../../../testing/server/desk.ts'

test('the last show is told with who came, what was sold and which prices nobody can pay', async () => {
  const { call, pool, ids } = await testDesk(['pia', 'jo'])
  const summary = async () => (await call('GET', '/desk/show/summary')).show
  expect(await summary()).toBeNull()
  const { show } = await call('POST', '/desk/show/start', { title: 'Dawn' })
  await call('POST', '/desk/show/end', {})
  await expect.poll(async () => (await pool.query('select status from show')).rows[0].status).toBe('ended')
  await pool.query('delete from attendance')
  for (const id of [ids.pia, ids.jo])
    await pool.query('insert into attendance (channel, viewer, show, seconds, earned) values (1, $1, $2, 60, 5)', [
      id,
      show,
    ])
  await pool.query('update viewer set first_seen_at = 1 where id = $1', [ids.jo])
  await pool.query('update show set started_at = 2, ended_at = 3602')
  await pool.query('update channel set revision = revision + 1')
  expect(await summary()).toMatchObject({
    ...{ title: 'Dawn', startedAt: 2, endedAt: 3602, people: 2, newcomers: 1, sold: [] },
    charges: expect.any(Array),
  })
})
