import type { Context } from 'hono'
import type { Channels } from '../channels.ts'
import { problem } from '../http/index.ts'
import { readContent, readThumb } from './keep.ts'

/** A file never changes: its name is made of its content. */
const FOREVER = 'public, max-age=31536000, immutable'
const FILE = /^[0-9a-f]{32}\.[a-z0-9]{3,4}$/

/** `GET /media/<channel>/<file>`: a file of the library, whole or a part of it (Range), as browsers ask for it. */
export const serveMedia = (channels: Channels) => async (c: Context) => {
  const { pool } = channels
  const channel = await channels.find(c.req.param('channel') ?? '')
  const file = c.req.param('file') ?? ''
  if (channel === undefined || channel.closedAt !== null || !FILE.test(file)) throw problem('not_found')
  if (c.req.query('small') !== undefined) return serveThumb(channels, channel.id, file)
  const range = /^bytes=(\d{1,9})-(\d{0,9})$/.exec(c.req.header('range') ?? '')
  const from = Number(range?.[1] ?? 0)
  const found = await readContent(pool, channel.id, file, from, range?.[2] ? Number(range[2]) : undefined)
  if (found === undefined) throw problem('not_found')
  const headers = { 'content-type': found.type, 'cache-control': FOREVER, 'accept-ranges': 'bytes' }
  const body = new Uint8Array(found.part)
  if (range === null) return new Response(body, { headers })
  if (from >= found.length || body.length === 0)
    return new Response(null, { status: 416, headers: { 'content-range': `bytes */${found.length}` } })
  const part = `bytes ${from}-${from + body.length - 1}/${found.length}`
  return new Response(body, { status: 206, headers: { ...headers, 'content-range': part } })
}

async function serveThumb({ pool }: Channels, channel: number, file: string): Promise<Response> {
  const thumb = await readThumb(pool, channel, file)
  if (thumb === undefined) throw problem('not_found')
  return new Response(new Uint8Array(thumb), { headers: { 'content-type': 'image/webp', 'cache-control': FOREVER } })
}
