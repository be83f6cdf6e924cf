import type pg from 'pg'

export interface CheckedFact {
  readonly last: number
  readonly wrong: readonly string[]
}

/** Reads every fact of a channel and checks that their numbers are 1, 2, 3 ... up to what the channel says. */
export async function factNumbers(pool: pg.Pool, channel: number): Promise<CheckedFact> {
  const last = (await pool.query('select seq from channel where id = $1', [channel])).rows[0].seq as number
  const batches = await pool.query('select facts from fact_batch where channel = $1 order by last', [channel])
  const seqs = batches.rows.flatMap(({ facts }) => (JSON.parse(facts) as { seq: number }[]).map(({ seq }) => seq))
  const off = seqs.findIndex((seq, i) => seq !== i + 1)
  if (off >= 0) return { last, wrong: [`fact ${seqs[off]} follows ${seqs[off - 1] ?? 0}`] }
  return { last, wrong: seqs.length === last ? [] : [`there are ${seqs.length}, the channel says ${last}`] }
}
