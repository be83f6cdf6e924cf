import { useQuery } from '@tanstack/react-query'
import { Circle, CircleCheck } from 'lucide-react'
import { Link } from 'react-router'
import { answerOf, api, tryAsViewer } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { useChange } from '../../parts/useChange.ts'
import { type Status, useStatus } from '../status.ts'
import { type StarterState, starterQuery } from './view.ts'

interface Check {
  readonly name: string
  readonly good: boolean
  /** Where it is mended. */
  readonly to: string
}

/** What must be true for a first show to go well; each turns green by itself. */
const checksOf = ({ chat, voice, overlays }: Status, { buyable }: StarterState): Check[] => [
  { name: 'Bot is in the room', good: chat.status === 'connected', to: '/connections' },
  { name: 'Bot can speak', good: !voice.muted && voice.out !== true, to: '/commands/bot' },
  { name: 'Overlay plays', good: overlays.some(({ connected }) => connected), to: '/screen' },
  { name: 'Something can be bought', good: buyable > 0, to: '/store' },
]

/** Below the show bar until a first show is over, for owners: what is still to be done before it, and trying it as a viewer. */
export function FirstShow() {
  const status = useStatus()
  const found = useQuery({
    ...starterQuery,
    enabled: status.owner,
    refetchInterval: ({ state }) => (isOver(state.data) ? false : LOOK_MS),
  })
  const hide = useChange({
    ask: () => answerOf(api.PUT('/desk/starter/skipped', { body: { step: 'show', skip: true } })),
    invalidates: ['starter'],
  })
  if (!status.owner || found.data === undefined || isOver(found.data)) return null
  return (
    <section
      aria-label="Before your first show"
      className="flex flex-wrap items-center gap-x-5 gap-y-1.5 border-b border-line bg-panel px-4 py-1.5 text-note"
    >
      <span className="text-muted">Before your first show</span>
      <ul className="flex flex-wrap gap-x-5 gap-y-1.5">
        {checksOf(status, found.data).map((check) => (
          <li key={check.name}>
            <Checked {...check} />
          </li>
        ))}
      </ul>
      <span className="ml-auto flex items-center gap-2">
        <TryAsViewer slug={status.channel.slug} />
        <Button look="quiet" disabled={hide.isPending} onClick={() => hide.mutate()}>
          Hide
        </Button>
      </span>
    </section>
  )
}

const LOOK_MS = 5000

/** A first show is over, or the owner wants to hear no more of it. */
const isOver = (state: StarterState | undefined): boolean =>
  state !== undefined && (state.over || state.steps.some(({ step, skipped }) => step === 'show' && skipped))

function Checked({ name, good, to }: Check) {
  if (good)
    return (
      <span className="flex items-center gap-1.5">
        <CircleCheck role="img" aria-label="done" className="size-4 text-moss-text" /> {name}
      </span>
    )
  return (
    <Link to={to} className="flex items-center gap-1.5 underline underline-offset-2">
      <Circle role="img" aria-label="to do" className="size-4 text-muted" /> {name}
    </Link>
  )
}

/** Opens the viewer page as somebody whose currency is in no figure. */
function TryAsViewer({ slug }: { readonly slug: string }) {
  const toast = useToast()
  const begin = async () => {
    // Opened before anything is asked: a browser blocks what opens later.
    const page = window.open('about:blank')
    try {
      await tryAsViewer(slug)
      if (page) page.location.href = `/c/${slug}`
      else window.location.href = `/c/${slug}`
    } catch (fault) {
      page?.close()
      toast({ text: (fault as Error).message, look: 'problem' })
    }
  }
  return <Button onClick={() => void begin()}>Try it as a viewer</Button>
}
