import { useEffect, useState } from 'react'

export interface Line {
  readonly kind: 'said' | 'told'
  readonly nick: string
  readonly operator: boolean
  readonly text: string
  readonly id: string
}

export interface Room {
  readonly room: string
  readonly rooms: readonly string[]
  readonly source: string
  readonly streamer: string
  readonly people: readonly string[]
  readonly here: number
  readonly lines: readonly Line[]
}

type Told = Omit<Line, 'kind'> & { readonly kind: string; readonly here: number }

const KEPT = 150

/** The room as somebody sees it: what is said to all, and what is told to them alone. */
export function useRoom(as: string, chosen: string): Room | undefined {
  const [room, setRoom] = useState<Room>()
  const query = `room=${encodeURIComponent(chosen)}`
  useEffect(() => {
    void fetch(`/api/state?${query}`)
      .then((answer) => answer.json())
      .then((state) => setRoom((now) => (now?.room === state.room ? now : { ...state, lines: [] })))
  }, [query])
  const known = room !== undefined && (chosen === '' || room.room === chosen)
  useEffect(() => {
    if (!known) return
    const source = new EventSource(`/api/events?as=${encodeURIComponent(as)}&${query}`)
    source.onmessage = ({ data }) => {
      const { here, ...event } = JSON.parse(String(data)) as Told
      setRoom((now) => {
        if (now === undefined) return now
        return { ...now, here, lines: withLine(now.lines, event) }
      })
    }
    return () => source.close()
  }, [as, known, query])
  return known ? room : undefined
}

/** The lines with one more, if it is one and not there yet: the last lines are told again each time somebody else is played. */
function withLine(lines: readonly Line[], event: Omit<Told, 'here'>): readonly Line[] {
  const isLine = event.kind === 'said' || event.kind === 'told'
  if (!isLine || lines.some(({ id }) => id === event.id)) return lines
  return [...lines, event as Line].slice(-KEPT)
}

/** Says a line as somebody. @returns what is wrong, or undefined. */
export async function say(room: string, as: string, text: string, privately: boolean): Promise<string | undefined> {
  const answer = await fetch('/api/say', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ room, as, text, privately }),
  })
  const { problem } = (await answer.json()) as { problem?: string }
  return problem
}
