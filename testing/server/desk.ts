import { randomUUID } from 'node:crypto'
import { testServer } from './server.ts'

type Answered = Record<string, unknown> & { readonly code?: string }

/** Somebody's way to call the API of a channel: answers as parsed JSON, problems included. */
export type Call = (method: string, path: string, body?: unknown) => Promise<Answered>

/** The real server with people in the room, and the desk of its streamer. */
export async function testDesk(
  names: readonly string[] = ['pia', 'jo', 'sol'],
  environment: Record<string, string> = {},
) {
  const parts = await testServer(environment)
  const { web, submit, signedIn, pool } = parts
  for (const name of names) await submit(`in-${name}`, { kind: 'presence.arrived', who: { account: name, name } })
  const found = await pool.query('select account, id from viewer')
  const ids: Record<string, number> = Object.fromEntries(found.rows.map((row) => [row.account, row.id]))
  const fetching = (cookie: string, method: string, path: string, body?: unknown) =>
    fetch(`${web}/api/channels/bench${path}`, {
      method,
      headers: { cookie, 'content-type': 'application/json', 'idempotency-key': randomUUID() },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    })
  const caller =
    (cookie: string): Call =>
    async (method, path, body) =>
      (await (await fetching(cookie, method, path, body)).json()) as Answered
  const desk = await signedIn('desk', 'wanda')
  const viewer = async (name: string) => caller(await signedIn('viewer', name))
  const file = async (path: string) => (await fetching(desk, 'GET', path)).text()
  /** Time goes by for everybody: what is kept of the past moves back by so many seconds. */
  const goBack = async (seconds: number) => {
    await pool.query('update show set counts_from = counts_from - $1, started_at = started_at - $1', [seconds])
    await pool.query('update watch set counted_until = counted_until - $1', [seconds])
    await pool.query('update channel set revision = revision + 1')
  }
  const balance = async (name: string) =>
    (await pool.query('select balance from account a join viewer v using (channel, id) where v.account = $1', [name]))
      .rows[0]?.balance as number
  return { ...parts, ids, call: caller(desk), viewer, file, goBack, balance }
}
