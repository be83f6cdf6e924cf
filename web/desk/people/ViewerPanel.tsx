import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { durationInWords, inWords } from '#core/currency'
import { read } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/Notice.tsx'
import { Trail } from '../../parts/Trail.tsx'
import { dayText } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { CorrectDialog } from './CorrectDialog.tsx'
import type { Person } from './people.ts'

interface ViewerAnswer {
  readonly viewer: Person
  readonly trail: { readonly entries: []; readonly before: number | null }
}

/** One person: what they hold and every transfer behind it. Lies beside the list, which stays in view. */
export function ViewerPanel({ id, close }: { id: number; close: () => void }) {
  return (
    <Dialog open onClose={close} className="fixed inset-0 z-30">
      <div className="fixed inset-y-0 right-0 flex w-full max-w-md pt-14">
        <DialogPanel className="flex min-h-0 w-full flex-col border-l border-line bg-panel shadow-[-12px_0_24px_rgb(0_0_0/0.25)]">
          <ViewerDetails id={id} close={close} />
        </DialogPanel>
      </div>
    </Dialog>
  )
}

function ViewerDetails({ id, close }: { id: number; close: () => void }) {
  const { currency } = useStatus()
  const path = `/desk/viewers/${id}`
  const found = useQuery({ queryKey: ['viewer', id], queryFn: ({ signal }) => read<ViewerAnswer>(path, signal) })
  const viewer = found.data?.viewer
  const [correcting, setCorrecting] = useState(false)
  return (
    <>
      <div className="flex items-center justify-between gap-3 border-b border-line px-5 py-3">
        <DialogTitle className="truncate text-xl">{viewer?.name ?? 'Viewer'}</DialogTitle>
        <Button look="quiet" onClick={close} shortcut="Esc">
          Close
        </Button>
      </div>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reachable by keyboard */}
      <section tabIndex={0} aria-label="Trail" className="min-h-0 flex-1 overflow-y-auto px-5 py-4">
        {found.isPending && <Loading what="this viewer" />}
        {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
        {viewer && (
          <>
            <div className="flex items-center justify-between gap-3">
              <p className="tabular font-display text-3xl font-semibold">{inWords(viewer.balance, currency)}</p>
              <Button onClick={() => setCorrecting(true)}>Correct …</Button>
            </div>
            <p className="mt-1 text-muted">
              {viewer.present ? 'In the room now' : `Last here ${dayText(viewer.lastSeenAt)}`}
              {viewer.moderator && ' · moderator'} · watched {durationInWords(viewer.watchedSeconds)} in all · first
              seen {dayText(viewer.firstSeenAt)}
            </p>
            <h3 className="mt-6 mb-1 text-base">Where it came from and where it went</h3>
            <Trail name="viewer" path={path} pick={(answer: ViewerAnswer) => answer.trail} />
          </>
        )}
      </section>
      {viewer && correcting && (
        <CorrectDialog
          whom={{ viewers: [id], words: viewer.name }}
          close={() => setCorrecting(false)}
          done={() => void found.refetch()}
        />
      )}
    </>
  )
}
