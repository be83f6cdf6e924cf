import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { inWords } from '#core/currency'
import type { Body } from '../../parts/api/called.ts'
import { answerOf, api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { clockText, useNow } from '../../parts/time.ts'
import { type Status, useStatus } from '../status.ts'
import { eveningQuery } from './evening.ts'

/** Asks what the show is called, and goes on air. */
export function GoOnAirDialog({ close }: { close: () => void }) {
  return (
    <FormDialog close={close} title="Go on air">
      <StartForm close={close} />
    </FormDialog>
  )
}

function StartForm({ close }: { close: () => void }) {
  const { resumable } = useStatus()
  const evening = useQuery(eveningQuery)
  const [typed, setTyped] = useState<string>()
  const title = typed ?? evening.data?.show?.title ?? ''
  const start = useAirChange((body: Body<'/desk/show/start'>) => api.POST('/desk/show/start', { body }), close)
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        start.mutate({ title: title.trim() })
      }}
    >
      <label className="flex flex-col gap-1">
        <span className="font-medium">What is tonight’s show called?</span>
        <input
          data-autofocus
          required
          maxLength={100}
          value={title}
          onChange={(event) => setTyped(event.target.value)}
          className="rounded-md border border-line bg-surface px-3 py-2"
        />
      </label>
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
      {start.error && <Problem error={start.error} />}
      <div className="flex justify-end gap-2">
        <Button onClick={close}>Not yet</Button>
        <Button look="main" type="submit" disabled={start.isPending}>
          Go on air
        </Button>
      </div>
    </form>
  )
}

/** Going off air cannot be undone, so it asks first and says what has come together. */
export function GoOffAirDialog({ close, status }: { close: () => void; status: Status }) {
  const now = useNow(status.ahead)
  const end = useAirChange(() => api.POST('/desk/show/end'), close)
  const { show, currency } = status
  return (
    <FormDialog close={close} title="Go off air?">
      {show && (
        <p>
          “{show.title}” has been on for {clockText(now - show.startedAt)}. {inWords(show.paid, currency)} were paid and{' '}
          {inWords(show.spent, currency)} spent. Everyone’s last minutes are counted; leftover minutes wait for the next
          show.
        </p>
      )}
      {end.error && <Problem error={end.error} />}
      <div className="flex justify-end gap-2">
        <Button data-autofocus onClick={close}>
          Stay on air
        </Button>
        <Button look="danger" onClick={() => end.mutate()} disabled={end.isPending}>
          Go off air
        </Button>
      </div>
    </FormDialog>
  )
}

function useAirChange<B = void>(send: (body: B) => Sent<unknown>, done: () => void) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (body: B) => answerOf(send(body)),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: ['status'] })
      await client.invalidateQueries({ queryKey: ['evening'] })
      done()
    },
  })
}
