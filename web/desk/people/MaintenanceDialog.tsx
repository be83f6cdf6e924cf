import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { digits } from '#core/currency'
import { answerOf, api } from '../../parts/api.ts'
import { DownloadButton } from '../../parts/DownloadButton.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Field, Select, TextInput } from '../../parts/form/inputs.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { useChange } from '../../parts/useChange.ts'
import { useStatus } from '../status.ts'
import { useUndo } from './useUndo.ts'

const DAYS = [30, 90, 180, 365, 730].map((days) => ({ value: String(days), name: `${days} days` }))

/** Cleaning up: archives people, or starts everybody anew. */
export function MaintenanceDialog({ what, close }: { what: 'archive' | 'balance' | 'hours'; close: () => void }) {
  return what === 'archive' ? <ArchiveDialog close={close} /> : <ResetDialog of={what} close={close} />
}

function ArchiveDialog({ close }: { close: () => void }) {
  const [days, setDays] = useState(180)
  const count = useQuery({
    queryKey: keyOf('people', 'unseen', days),
    queryFn: () => answerOf(api.POST('/desk/people/archive-unseen', { body: { days, preview: true } })),
  })
  const archive = useChange({
    ask: () => answerOf(api.POST('/desk/people/archive-unseen', { body: { days, preview: false } })),
    invalidates: ['people'],
    said: ({ people }) => `${digits(people)} archived. Whoever comes back is back by that.`,
    onDone: close,
    inPlace: true,
  })
  return (
    <DialogForm
      title="Archive people not seen for a while"
      close={close}
      does="Archive them"
      go={() => archive.mutate()}
      off={!count.data?.people}
      change={archive}
    >
      <p className="flex items-center gap-3">
        Not seen for
        <Select label="Not seen for" value={String(days)} choices={DAYS} onChoose={(one) => setDays(Number(one))} />
      </p>
      <p role="status">
        {count.data
          ? `That is ${digits(count.data.people)} ${count.data.people === 1 ? 'person' : 'people'}.`
          : 'Counting …'}{' '}
        <span className="text-muted">They keep everything they have and are listed again as soon as they return.</span>
      </p>
    </DialogForm>
  )
}

/** A file of everybody is saved first; the channel's name must be typed; it can be taken back for a day. */
function ResetDialog({ of, close }: { of: 'balance' | 'hours'; close: () => void }) {
  const { channel, currency } = useStatus()
  const [confirm, setConfirm] = useState('')
  const [saved, setSaved] = useState(false)
  const reset = useReset(of, close)
  const what = of === 'balance' ? `everybody’s ${currency.many}` : 'everybody’s hours'
  return (
    <DialogForm
      title={of === 'balance' ? 'Reset all balances' : 'Reset all hours'}
      close={close}
      does={`Set ${what} to 0`}
      danger
      go={() => reset.mutate(confirm)}
      off={!saved || confirm.trim() !== channel.name}
      change={reset}
    >
      <p>This sets {what} to 0. You can undo this for a day, except for what was spent in the meantime.</p>
      <p className="flex items-center gap-3">
        First
        <DownloadButton path={'/desk/people.csv?shown=all'} onSaved={() => setSaved(true)}>
          Save everybody as CSV
        </DownloadButton>
        {saved && <span className="text-moss-text">saved</span>}
      </p>
      <Field label={`Then type the channel’s name: ${channel.name}`}>
        <TextInput value={confirm} most={100} onValue={setConfirm} />
      </Field>
    </DialogForm>
  )
}

function useReset(of: 'balance' | 'hours', close: () => void) {
  const undo = useUndo()
  return useChange({
    ask: (confirm: string) => answerOf(api.POST('/desk/people/reset', { body: { of, confirm } })),
    invalidates: 'all',
    said: ({ changed }) => `${digits(changed)} people were reset.`,
    undo: ({ adjustments }) => undo(adjustments),
    onDone: close,
    inPlace: true,
  })
}
