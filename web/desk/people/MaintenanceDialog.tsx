import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { digits } from '#core/currency'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DownloadButton } from '../../parts/DownloadButton.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { useStatus } from '../status.ts'
import { useUndo } from './useUndo.ts'

const FIELD = 'rounded-md border border-line bg-surface px-3 py-2'

/** Cleaning up: archives people, or starts everybody anew. */
export function MaintenanceDialog({ what, close }: { what: 'archive' | 'balance' | 'hours'; close: () => void }) {
  return what === 'archive' ? <ArchiveDialog close={close} /> : <ResetDialog of={what} close={close} />
}

function ArchiveDialog({ close }: { close: () => void }) {
  const client = useQueryClient()
  const toast = useToast()
  const [days, setDays] = useState(180)
  const count = useQuery({
    queryKey: ['people', 'unseen', days],
    queryFn: () => answerOf(api.POST('/desk/people/archive-unseen', { body: { days, preview: true } })),
  })
  const archive = useMutation({
    mutationFn: () => answerOf(api.POST('/desk/people/archive-unseen', { body: { days, preview: false } })),
    onSuccess: async ({ people }) => {
      toast({ text: `${digits(people)} archived. Whoever comes back is back by that.` })
      close()
      await client.invalidateQueries({ queryKey: ['people'] })
    },
  })
  return (
    <FormDialog title="Archive people not seen for a while" close={close}>
      <label className="flex items-center gap-3">
        Not seen for
        <select value={days} onChange={(event) => setDays(Number(event.target.value))} className={FIELD}>
          {[30, 90, 180, 365, 730].map((one) => (
            <option key={one} value={one}>
              {one} days
            </option>
          ))}
        </select>
      </label>
      <p role="status">
        {count.data
          ? `That is ${digits(count.data.people)} ${count.data.people === 1 ? 'person' : 'people'}.`
          : 'Counting …'}{' '}
        <span className="text-muted">They keep everything they have and are listed again as soon as they return.</span>
      </p>
      {archive.error && <Problem error={archive.error} />}
      <div className="flex justify-end gap-2">
        <Button onClick={close}>Not now</Button>
        <Button look="main" disabled={!count.data?.people || archive.isPending} onClick={() => archive.mutate()}>
          Archive them
        </Button>
      </div>
    </FormDialog>
  )
}

/** A file of everybody is saved first; the channel's name must be typed; it can be taken back for a day. */
function ResetDialog({ of, close }: { of: 'balance' | 'hours'; close: () => void }) {
  const { channel, currency } = useStatus()
  const [confirm, setConfirm] = useState('')
  const [saved, setSaved] = useState(false)
  const reset = useReset(of, close)
  const what = of === 'balance' ? `everybody’s ${currency.many}` : 'everybody’s hours'
  const submit = (event: FormEvent) => {
    event.preventDefault()
    reset.mutate(confirm)
  }
  return (
    <FormDialog title={of === 'balance' ? 'Reset all balances' : 'Reset all hours'} close={close}>
      <form onSubmit={submit} className="flex flex-col gap-4">
        <p>This sets {what} to 0. You can undo this for a day, except for what was spent in the meantime.</p>
        <p className="flex items-center gap-3">
          First
          <DownloadButton path={'/desk/people.csv?shown=all'} onSaved={() => setSaved(true)}>
            Save everybody as CSV
          </DownloadButton>
          {saved && <span className="text-moss-text">saved</span>}
        </p>
        <label className="flex flex-col gap-1">
          <span>
            Then type the channel’s name: <span className="font-semibold">{channel.name}</span>
          </span>
          <input value={confirm} onChange={(event) => setConfirm(event.target.value)} className={FIELD} />
        </label>
        {reset.error && <Problem error={reset.error} />}
        <div className="flex justify-end gap-2">
          <Button onClick={close}>Not now</Button>
          <Button look="danger" type="submit" disabled={!saved || confirm.trim() !== channel.name || reset.isPending}>
            Set {what} to 0
          </Button>
        </div>
      </form>
    </FormDialog>
  )
}

function useReset(of: 'balance' | 'hours', close: () => void) {
  const client = useQueryClient()
  const toast = useToast()
  const undo = useUndo()
  return useMutation({
    mutationFn: (confirm: string) => answerOf(api.POST('/desk/people/reset', { body: { of, confirm } })),
    onSuccess: async ({ adjustments, changed }) => {
      toast({ text: `${digits(changed)} people were reset.`, undo: () => undo(adjustments) })
      close()
      await client.invalidateQueries()
    },
  })
}
