import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { inWords } from '#core/currency'
import type { Body } from '../../parts/api/called.ts'
import { answerOf, api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { clockText, useNow } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { type Status, useStatus } from '../status.ts'
import { eveningQuery } from './evening.ts'

/** Asks what the show is called, and goes on air. */
export function GoOnAirDialog({ close }: { close: () => void }) {
  const { resumable } = useStatus()
  const evening = useQuery(eveningQuery)
  const [typed, setTyped] = useState<string>()
  const title = typed ?? evening.data?.show?.title ?? ''
  const start = useAirChange((body: Body<'/desk/show/start'>) => api.POST('/desk/show/start', { body }), close)
  return (
    <DialogForm
      title="Go on air"
      close={close}
      leave="Not yet"
      does="Go on air"
      go={() => start.mutate({ title: title.trim() })}
      change={start}
    >
      <Field label="What is tonight’s show called?">
        <TextInput data-autofocus required most={100} value={title} onValue={setTyped} />
      </Field>
      {resumable && (
        <div className="flex flex-col items-start gap-2 rounded-md border border-line bg-surface p-3">
          <p>
            “{resumable.title}” ended only minutes ago. If you continue it, it stays the same show: streaks and counts
            per show do not start over.
          </p>
          <Button onClick={() => start.mutate({ title: resumable.title, resume: true })} disabled={start.isPending}>
            Continue it
          </Button>
        </div>
      )}
      <p className="text-muted">Watching pays from now on. Everyone already in the room is counted from this moment.</p>
    </DialogForm>
  )
}

/** Going off air cannot be undone, so it asks first and says what has come together. */
export function GoOffAirDialog({ close, status }: { close: () => void; status: Status }) {
  const now = useNow(status.ahead)
  const end = useAirChange(() => api.POST('/desk/show/end'), close)
  const { show, currency } = status
  return (
    <DialogForm
      title="Go off air?"
      close={close}
      leave="Stay on air"
      does="Go off air"
      danger
      go={() => end.mutate()}
      change={end}
    >
      {show && (
        <p>
          “{show.title}” has been on for {clockText(now - show.startedAt)}. {inWords(show.paid, currency)} were paid and{' '}
          {inWords(show.spent, currency)} spent. Everyone’s last minutes are counted; leftover minutes wait for the next
          show.
        </p>
      )}
    </DialogForm>
  )
}

function useAirChange<B = void>(send: (body: B) => Sent<unknown>, done: () => void) {
  return useChange({
    ask: (body: B) => answerOf(send(body)),
    invalidates: ['status', 'evening'],
    onFresh: done,
    inPlace: true,
  })
}
