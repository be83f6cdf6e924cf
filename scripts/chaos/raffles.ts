import { randomUUID } from 'node:crypto'
import type pg from 'pg'
import { agrees } from '#core/games'
import { type RaffleFile, recheck } from '#core/raffles'
import { cookieOf, type Stage } from './stage.ts'
import { until } from './until.ts'

/** Every raffle comes to its end, its pot at 0, nobody drawn twice, and every draw as its seed says. */
export async function rafflesWrong(stage: Stage): Promise<string[]> {
  const { pool, servers, channel } = stage
  const [{ address }] = servers
  const made = await pool.query('select id from raffle where channel = $1 order by id', [channel])
  const wrong: string[] = []
  for (const { id } of made.rows)
    if (!(await finished(pool, address, Number(id)))) wrong.push(`raffle ${id} never ended`)
  if (!(await somebodyWasDrawn(stage))) wrong.push('nobody was drawn at all')
  const left = await pool.query(
    `select count(*)::int as n from account a join raffle r on r.channel = a.channel and r.id = a.id where a.balance <> 0 and r.ended_at is not null`,
  )
  if (left.rows[0].n !== 0) wrong.push(`${left.rows[0].n} pots of raffles are not at 0`)
  for (const { id } of made.rows) {
    const file = (await (await fetch(`${address}/api/channels/chaos/raffles/${id}/check`)).json()) as RaffleFile
    const off = recheck(file).find((step) => !agrees(step))
    if (file.winners.length > 0 && off !== undefined) wrong.push(`raffle ${id}: ${JSON.stringify(off)}`)
    if (new Set(file.winners.map(({ viewer }) => viewer)).size < file.winners.length)
      wrong.push(`raffle ${id} drew somebody twice`)
  }
  return wrong
}

/** False also while the database is away. */
export async function somebodyWasDrawn({ pool }: Stage): Promise<boolean> {
  const found = await pool.query('select 1 from raffle_winner limit 1').catch(() => undefined)
  return found !== undefined && found.rows.length > 0
}

/** Finishes a raffle, or calls it off where nobody won what was paid for, once nobody is waited for any more. */
function finished(pool: pg.Pool, address: string, id: number): Promise<boolean> {
  return until(async () => {
    const { ended_at: ended } = (await pool.query('select ended_at from raffle where id = $1', [id])).rows[0]
    if (ended !== null) return true
    for (const does of ['finish', 'call-off']) {
      const headers = {
        cookie: cookieOf('desk', 'wanda'),
        'idempotency-key': randomUUID(),
        'content-type': 'application/json',
      }
      await fetch(`${address}/api/channels/chaos/desk/raffles/${id}/${does}`, { method: 'POST', headers, body: '{}' })
    }
    return false
  })
}
