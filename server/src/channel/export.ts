import { Readable } from 'node:stream'
import { getTableColumns } from 'drizzle-orm'
import type { PgTable } from 'drizzle-orm/pg-core'
import { ZipFile } from 'yazl'
import type { ChannelHead } from '../channels.ts'
import { type Client, PEOPLE, type Pool, sqlName } from '../database/index.ts'
import { SEALED } from '../sealing/index.ts'

/** Rows that are read at once. */
const AT_ONCE = 1000
/** Each holds a connection: whoever takes a file slowly must not hold up everybody else's work. */
const MOST_AT_ONCE = 2
const LONGEST_MS = 600_000

/** What is the server's own, or only serves repeats and pages that were away. */
const LEFT_OUT: ReadonlySet<string> = new Set([
  ...['chat_seat', 'event_secret', 'fact_batch', 'former_address', 'link_code', 'media_content'],
  ...['open_form', 'overlay_presence', 'seen_intent'],
])
/** What opens something, or is found by a secret. */
const SECRET_COLUMNS: ReadonlySet<string> = new Set(['hash', 'secret_hash', 'mark'])

/** A table of which a channel's rows are told, and the columns that are not. */
export interface ExportedTable {
  readonly name: string
  readonly without: readonly string[]
}

/** Every table whose rows go into a channel's file. */
export function exportedTables(): ExportedTable[] {
  const all: PgTable[] = Object.values(PEOPLE).map(({ table }) => table)
  return all
    .filter((table) => 'channel' in getTableColumns(table) && !LEFT_OUT.has(sqlName(table)))
    .map((table) => {
      const name = sqlName(table)
      const columns = Object.values(getTableColumns(table)).map((column) => column.name)
      const sealed = SEALED.filter((one) => one.table === name).map(({ column }) => column)
      const without = ['channel', ...sealed, ...columns.filter((column) => SECRET_COLUMNS.has(column))]
      return { name, without: [...new Set(without)] }
    })
}

/** The rows of a table as JSON, a line each. */
async function* linesOf(client: Client, channel: number, { name, without }: ExportedTable): AsyncGenerator<string> {
  // The seed that is drawn from now is nobody's to know.
  const but = name === 'setting' ? "and name <> 'seed'" : ''
  const rows = `select (to_jsonb(t) - $2::text[])::text as line from "${name}" t where channel = $1 ${but}`
  await client.query(`declare export_rows no scroll cursor for ${rows}`, [channel, without])
  for (;;) {
    const found = await client.query<{ line: string }>(`fetch ${AT_ONCE} from export_rows`)
    for (const { line } of found.rows) yield `${line}\n`
    if (found.rows.length < AT_ONCE) break
  }
  await client.query('close export_rows')
}

/** A file of the library; nothing, if it was removed. */
async function* contentOf(client: Client, channel: number, file: string): AsyncGenerator<Buffer> {
  const text = 'select content from media_content where channel = $1 and file = $2'
  const [found] = (await client.query<{ content: Buffer }>(text, [channel, file])).rows
  if (found !== undefined) yield found.content
}

/** What is read for the file; once nobody takes it any more, what goes wrong with that concerns nobody. */
function partOf(pieces: AsyncGenerator<string | Buffer>, out: Readable): Readable {
  const quietly = async function* () {
    try {
      for await (const piece of pieces) {
        if (out.destroyed) return
        yield piece
      }
    } catch (fault) {
      if (!out.destroyed) throw fault
    }
  }
  return Readable.from(quietly())
}

async function fill(zip: ZipFile, client: Client, { id, slug, name }: ChannelHead, now: number): Promise<void> {
  const out = zip.outputStream as Readable
  const about = { what: 'A channel of Ricompensa', version: 1, name, address: slug, madeAt: now }
  zip.addBuffer(Buffer.from(`${JSON.stringify(about, null, 2)}\n`), 'about.json')
  for (const table of exportedTables())
    zip.addReadStreamLazy(`${table.name}.jsonl`, {}, (give) => give(null, partOf(linesOf(client, id, table), out)))
  const files = await client.query<{ file: string }>('select file from media_content where channel = $1', [id])
  for (const { file } of files.rows)
    zip.addReadStreamLazy(`library/${file}`, { compress: false }, (give) =>
      give(null, partOf(contentOf(client, id, file), out)),
    )
  zip.end()
}

let running = 0

/**
 * Everything that a channel has, as one zip: `about.json`, `<table>.jsonl` with a row a line, and `library/<file>`; as it was at
 * one moment. Secrets, and what is hashed or sealed, stay out of it.
 * @returns undefined if others are being made already.
 */
export async function exportChannel(pool: Pool, head: ChannelHead, now: number): Promise<ReadableStream | undefined> {
  if (running >= MOST_AT_ONCE) return undefined
  running++
  const zip = new ZipFile()
  const out = zip.outputStream as Readable
  const late = setTimeout(() => out.destroy(new Error('The file was not taken in good time.')), LONGEST_MS)
  let client: Client | undefined
  const done = () => {
    clearTimeout(late)
    running--
    void client?.query('rollback').then(
      () => client?.release(),
      (fault: Error) => client?.release(fault),
    )
  }
  out.once('close', done)
  // Whoever breaks the download off must not end the server.
  out.on('error', () => {})
  zip.on('error', (fault: Error) => out.destroy(fault))
  try {
    client = await pool.connect()
    await client.query('begin isolation level repeatable read read only')
    await fill(zip, client, head, now)
  } catch (fault) {
    out.destroy()
    throw fault
  }
  return Readable.toWeb(out) as ReadableStream
}
