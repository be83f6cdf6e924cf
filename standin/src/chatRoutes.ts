import type { Hono, Env as HttpEnv } from 'hono'
import { streamSSE } from 'hono/streaming'
import { CROWD, STREAMER } from './people.ts'
import type { ChatRoom, RoomEvent } from './room.ts'

const LAST_LINES = 60

/**
 * What the stand-in's page knows of a room (`?room=`, the first if left out): what it is, and what happens in it, beginning with
 * the last lines.
 * @param source - Address of the page that is shown over the stand-in's picture.
 */
export function chatRoutes<Env extends HttpEnv>(app: Hono<Env>, rooms: readonly ChatRoom[], source: string): void {
  const recent = new Map(rooms.map((room) => [room.name, lastLinesOf(room)]))
  const roomOf = (name: string | undefined) => rooms.find((one) => one.name === name) ?? (rooms[0] as ChatRoom)
  app.get('/api/state', (c) => {
    const room = roomOf(c.req.query('room'))
    return c.json({
      room: room.name,
      rooms: rooms.map(({ name }) => name),
      source,
      streamer: STREAMER.name,
      people: CROWD.map(({ name }) => name),
      here: room.members.length,
    })
  })
  app.get('/api/events', (c) =>
    streamSSE(c, async (stream) => {
      const room = roomOf(c.req.query('room'))
      const played = (c.req.query('as') ?? '').toLowerCase()
      const show = (event: RoomEvent): void => {
        if (event.kind === 'told' && event.to.toLowerCase() !== played) return
        void stream.writeSSE({ data: JSON.stringify({ ...shown(event), here: room.members.length }) })
      }
      const stop = room.listen(show)
      stream.onAbort(stop)
      // Whoever opens this anew would miss what was said in between.
      recent.get(room.name)?.forEach(show)
      while (!stream.aborted) {
        await stream.sleep(15_000)
        await stream.writeSSE({ data: '', event: 'alive' })
      }
    }),
  )
}

/** The last lines of a room, as they come. */
function lastLinesOf(room: ChatRoom): readonly RoomEvent[] {
  const recent: RoomEvent[] = []
  room.listen((event) => {
    if (event.kind === 'said' || event.kind === 'told') recent.push(event)
    if (recent.length > LAST_LINES) recent.shift()
  })
  return recent
}

function shown(event: RoomEvent): object {
  const base = { kind: event.kind, nick: event.member.nick, operator: event.member.operator }
  return event.kind === 'said' || event.kind === 'told' ? { ...base, text: event.text, id: event.id } : base
}
