import type pg from 'pg'

export interface CheckedFact {
  readonly last: number
  readonly wrong: readonly string[]
}

/** Both are read in one statement: a timer may add facts while somebody counts. */
const COUNTED = `select c.seq, (select json_agg(b.facts order by b.last) from fact_batch b where b.channel = c.id) as facts
  from channel c where c.id = $1`

/** Reads every fact of a channel and checks that their numbers are 1, 2, 3 ... up to what the channel says. */
export async function factNumbers(pool: pg.Pool, channel: number): Promise<CheckedFact> {
  const { seq: last, facts } = (await pool.query(COUNTED, [channel])).rows[0] as { seq: number; facts: string[] | null }
  const seqs = (facts ?? []).flatMap((batch) => (JSON.parse(batch) as { seq: number }[]).map(({ seq }) => seq))
  const off = seqs.findIndex((seq, i) => seq !== i + 1)
  if (off >= 0) return { last, wrong: [`fact ${seqs[off]} follows ${seqs[off - 1] ?? 0}`] }
  return { last, wrong: seqs.length === last ? [] : [`there are ${seqs.length}, the channel says ${last}`] }
}
