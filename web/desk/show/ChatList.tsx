import { useQuery } from '@tanstack/react-query'
import { memo, type UIEvent, useEffect, useRef } from 'react'
import type { FactBody } from '#core/engine'
import { CODE_HERE } from '#core/voice'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { IfMay } from '../../parts/page/areaRights.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { timeText, useNow } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { type ChatFact, chatQuery } from './chat.ts'
import { SayBox } from './SayBox.tsx'

const NEAR_END_PX = 60

/** Keeps the end of a list in view until somebody scrolls up. @param newest - What changes with each new line. */
function useFollowing(newest: number | undefined) {
  const box = useRef<HTMLDivElement>(null)
  const follow = useRef(true)
  const lastTop = useRef(0)
  useEffect(() => {
    if (follow.current && newest !== undefined) box.current?.scrollTo({ top: box.current.scrollHeight })
  }, [newest])
  const scrolled = ({ currentTarget: el }: UIEvent<HTMLElement>) => {
    // Only scrolling up lets go: new lines move the end away, too, and must not.
    if (el.scrollTop < lastTop.current) follow.current = false
    if (el.scrollHeight - el.scrollTop - el.clientHeight < NEAR_END_PX) follow.current = true
    lastTop.current = el.scrollTop
  }
  return { box, scrolled }
}

/** What is said in the room and what the bot answers. Follows the newest line until somebody scrolls up. */
export function ChatList({ onViewer }: { onViewer: (id: number) => void }) {
  const chat = useQuery(chatQuery)
  const { ahead, voice, ownVoice } = useStatus()
  const now = useNow(ahead)
  // What the streamer says as themselves is heard in the room, and stands there as theirs.
  const lines = (chat.data?.lines ?? []).filter((line) => line.kind !== 'chat.replied' || !line.body.own)
  const newest = lines.at(-1)?.seq
  const { box, scrolled } = useFollowing(newest)
  const lastMinute = lines.filter((line) => line.kind === 'chat.said' && line.at > now - 60).length
  return (
    <Panel
      title="Chat"
      aside={`${lastMinute} ${lastMinute === 1 ? 'line' : 'lines'} in the last minute`}
      className="min-h-64"
      bodyClassName="flex flex-col"
    >
      <div
        ref={box}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reachable by keyboard
        tabIndex={0}
        role="log"
        aria-label="Chat"
        aria-live="off"
        className="min-h-0 flex-1 overflow-y-auto px-4 py-2"
        onScroll={scrolled}
      >
        {chat.isPending && <Loading what="chat" />}
        {chat.isError && <Problem error={chat.error} retry={() => void chat.refetch()} />}
        {chat.data && lines.length === 0 && <p className="py-2 text-muted">Nothing has been said yet.</p>}
        {lines.map((line) => (
          <Line key={line.seq} line={line} onViewer={onViewer} />
        ))}
      </div>
      <IfMay level="act">
        <SayBox muted={voice.muted} ownVoice={ownVoice} />
      </IfMay>
    </Panel>
  )
}

/** Kept as it is while the clock of the panel ticks. */
const Line = memo(function Line({ line, onViewer }: { line: ChatFact; onViewer: (id: number) => void }) {
  return (
    <p className="flex gap-3 py-0.5">
      <span className="tabular shrink-0 pt-px text-sm text-muted">{timeText(line.at)}</span>
      <span className="min-w-0 break-words">
        {line.kind === 'chat.replied' ? <Replied {...line.body} /> : <Said {...line.body} onViewer={onViewer} />}
      </span>
    </p>
  )
})

function Replied({ to, text }: Pick<FactBody<'chat.replied'>, 'to' | 'text'>) {
  return (
    <>
      <span className="font-semibold text-brass-text">Ricompensa{to === null ? '' : ` to ${to}`}</span>{' '}
      <span className="text-brass-text">{text.replaceAll(CODE_HERE, '(code)')}</span>
    </>
  )
}

function Said({ viewer, name, text, onViewer }: FactBody<'chat.said'> & { onViewer: (id: number) => void }) {
  return (
    <>
      <button
        type="button"
        onClick={() => onViewer(viewer)}
        className="in-line font-semibold text-steel-text hover:underline"
      >
        {name}
      </button>{' '}
      <span>{text}</span>
    </>
  )
}
