import { clsx } from 'clsx'
import { Check } from 'lucide-react'
import { useEffect, useState } from 'react'
import { durationInWords } from '#core/currency'
import { answerOf, api } from '../../parts/api.ts'
import { useNow } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { useMay } from '../rights.tsx'
import type { DeskButton } from './buttons.ts'

const COLOURS: Readonly<Record<DeskButton['colour'], string>> = {
  plain: 'border-line bg-panel hover:bg-raised',
  brass: 'border-brass bg-brass-wash hover:bg-raised',
  moss: 'border-moss bg-panel hover:bg-raised',
  brick: 'border-brick bg-panel hover:bg-raised',
}

/** So long a button that asks waits for its second press, and one that was pressed says so (ms). */
const SAYS_MS = 3000

/** Something that is so for a moment. */
function useMoment(): readonly [boolean, (now: boolean) => void] {
  const [is, setIs] = useState(false)
  useEffect(() => {
    if (!is) return
    const timer = setTimeout(() => setIs(false), SAYS_MS)
    return () => clearTimeout(timer)
  }, [is])
  return [is, setIs]
}

function usePress({ id, name }: DeskButton, done: () => void) {
  return useChange({
    ask: () => answerOf(api.POST('/desk/buttons/{button}/press', { params: { path: { button: id } } })),
    invalidates: ['buttons'],
    said: ({ refusal }) =>
      refusal === undefined ? undefined : { text: `${name}: ${refusal.sentence}`, look: 'problem' },
    onDone: ({ refusal }) => refusal === undefined && done(),
  })
}

interface PressButtonProps {
  readonly button: DeskButton
  /** By how many seconds the server's clock is ahead. */
  readonly ahead: number
  /** While buttons are changed: a press opens its form. */
  readonly change: (() => void) | undefined
}

/** What it says below its name: that it is ready, or why not. */
function noteOf({ ready, restsUntil }: DeskButton, now: number): string {
  if (!ready.ready) return ready.sentence
  return restsUntil > now ? `on cooldown for ${durationInWords(Math.ceil(restsUntil - now))}` : 'ready'
}

/** One large button: it says whether it is ready, and what a press did. */
export function PressButton({ button, ahead, change }: PressButtonProps) {
  const now = useNow(ahead)
  const [asking, setAsking] = useMoment()
  const [pressed, setPressed] = useMoment()
  const press = usePress(button, () => setPressed(true))
  const mayPress = useMay()('show', 'act')
  const note = noteOf(button, now)
  const isReady = note === 'ready' && mayPress
  const act = () => {
    if (change !== undefined) return change()
    if (button.confirm && !asking) return setAsking(true)
    setAsking(false)
    press.mutate()
  }
  return (
    <button
      type="button"
      disabled={change === undefined && (!isReady || press.isPending)}
      onClick={act}
      className={clsx(
        'flex min-h-28 flex-col items-start justify-between gap-2 rounded-md border-2 px-4 py-3 text-left',
        'transition-colors duration-100 disabled:cursor-not-allowed',
        COLOURS[button.colour],
      )}
    >
      <span className={clsx('text-lg font-semibold break-words', !isReady && change === undefined && 'text-muted')}>
        {button.name}
      </span>
      <Says change={change !== undefined} asking={asking} pressed={pressed} pending={press.isPending} note={note} />
    </button>
  )
}

interface SaysProps {
  readonly change: boolean
  readonly asking: boolean
  readonly pressed: boolean
  readonly pending: boolean
  readonly note: string
}

function Says({ change, asking, pressed, pending, note }: SaysProps) {
  if (change) return <span className="text-brass-text">Change it</span>
  if (pending) return <span className="text-muted">…</span>
  if (asking) return <span className="font-semibold text-brick-text">Press again to do it</span>
  if (pressed)
    return (
      <span role="status" className="inline-flex items-center gap-1 text-moss-text">
        <Check aria-hidden="true" className="size-4" /> done
      </span>
    )
  return <span className="text-note text-muted">{note}</span>
}
