import { type FormEvent, useEffect, useRef, useState } from 'react'
import { type Line, type Room, say } from './room.ts'

interface ChatProps {
  readonly room: Room | undefined
  /** The room that was chosen; empty: the first. */
  readonly chosen: string
  readonly choose: (room: string) => void
  readonly as: string
  readonly setAs: (name: string) => void
}

/** The room's chat, with a box to speak as anyone. */
export function Chat({ room, chosen, choose, as, setAs }: ChatProps) {
  const end = useRef<HTMLDivElement>(null)
  const newest = room?.lines.at(-1)?.id
  useEffect(() => {
    if (newest !== undefined) end.current?.scrollIntoView({ block: 'end' })
  }, [newest])
  return (
    <aside aria-label="Chat" className="flex min-h-0 flex-col border-l border-rule bg-sheet">
      <h2 className="flex items-baseline gap-2 border-b border-rule px-4 py-2.5 font-bold">
        {room === undefined ? 'Chat' : <Rooms room={room} choose={choose} />}
        <span className="font-normal text-faint">{room && `${room.here} here`}</span>
      </h2>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reachable by keyboard */}
      <div role="log" aria-label="Lines" tabIndex={0} className="min-h-0 flex-1 overflow-y-auto px-4 py-2">
        {room === undefined && <p className="text-faint">Connecting …</p>}
        {room?.lines.map((line) => (
          <ChatLine key={line.id} line={line} />
        ))}
        <div ref={end} />
      </div>
      <SpeakForm room={chosen} people={room ? [room.streamer, ...room.people] : []} as={as} setAs={setAs} />
    </aside>
  )
}

/** The room's name, and which other there is. */
const Rooms = ({ room: { room, rooms }, choose }: { room: Room; choose: (room: string) => void }) =>
  rooms.length === 1 ? (
    room
  ) : (
    <select
      aria-label="Room"
      value={room}
      onChange={(event) => choose(event.target.value)}
      className="border border-rule bg-sheet px-2 py-1 font-bold"
    >
      {rooms.map((name) => (
        <option key={name}>{name}</option>
      ))}
    </select>
  )

function ChatLine({ line }: { line: Line }) {
  return (
    <p className="py-0.5 break-words">
      <span className="font-bold">{line.nick}</span>
      {line.kind === 'told' && <span className="text-faint"> (to you alone)</span>} {line.text}
    </p>
  )
}

interface SpeakAsProps {
  readonly people: readonly string[]
  readonly as: string
  readonly setAs: (name: string) => void
}

const SpeakAs = ({ people, as, setAs }: SpeakAsProps) => (
  <label className="flex items-center gap-2">
    <span className="shrink-0">Speak as</span>
    <input
      list="people"
      value={as}
      onChange={(event) => setAs(event.target.value)}
      className="min-w-0 flex-1 border border-rule px-2 py-1.5 font-semibold"
    />
    <datalist id="people">
      {people.map((name) => (
        <option key={name} value={name} />
      ))}
    </datalist>
  </label>
)

function SpeakForm({ room, people, as, setAs }: SpeakAsProps & { readonly room: string }) {
  const [text, setText] = useState('')
  const [privately, setPrivately] = useState(false)
  const [problem, setProblem] = useState<string>()
  const send = async (event: FormEvent) => {
    event.preventDefault()
    const wrong = await say(room, as, text, privately).catch(() => 'The stand-in does not answer.')
    setProblem(wrong)
    if (wrong === undefined) setText('')
  }
  return (
    <form onSubmit={(event) => void send(event)} className="flex flex-col gap-2 border-t border-rule p-4">
      <SpeakAs people={people} as={as} setAs={setAs} />
      <div className="flex gap-2">
        <input
          aria-label="What to say"
          value={text}
          onChange={(event) => setText(event.target.value)}
          placeholder="!rivets"
          maxLength={400}
          className="min-w-0 flex-1 border border-rule px-2 py-1.5"
        />
        <button type="submit" className="bg-act px-4 py-1.5 font-semibold text-white">
          Say
        </button>
      </div>
      <label className="flex items-center gap-2 text-faint">
        <input type="checkbox" checked={privately} onChange={(event) => setPrivately(event.target.checked)} />
        to the bot alone
      </label>
      {problem && <p role="alert">{problem}</p>}
    </form>
  )
}
