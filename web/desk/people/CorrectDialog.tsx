import { useMutation, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { durationInWords, inWords, readAmount } from '#core/currency'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { useStatus } from '../status.ts'
import { correctedInWords, hoursCorrected, readHours } from './correction.ts'
import { useUndo } from './useUndo.ts'

/** Whom a correction is for: ids, or everyone in the room; and how to call them. */
export interface Whom {
  readonly viewers: readonly number[] | 'present' | `circle:${number}`
  readonly words: string
}

const HOWS = [
  { how: 'give', name: 'Give' },
  { how: 'take', name: 'Take' },
  { how: 'set', name: 'Set to' },
] as const
type How = (typeof HOWS)[number]['how']

/** Gives to, takes from or sets the balance of people, with a reason that is shown in their history. Can be undone. */
export function CorrectDialog({ whom, close, done }: { whom: Whom; close: () => void; done: () => void }) {
  return (
    <FormDialog title={`Adjust ${whom.words}`} close={close}>
      <CorrectForm whom={whom} close={close} done={done} />
    </FormDialog>
  )
}

function CorrectForm({ whom, close, done }: { whom: Whom; close: () => void; done: () => void }) {
  const { currency } = useStatus()
  const [of, setOf] = useState<'balance' | 'hours'>('balance')
  const [how, setHow] = useState<How>('give')
  const [typed, setTyped] = useState('')
  const [why, setWhy] = useState('')
  const correct = useCorrect(whom, () => {
    done()
    close()
  })
  const read =
    of === 'hours'
      ? readHours(typed, how)
      : how === 'set' && typed.trim() === '0'
        ? { ok: true as const, value: 0 }
        : readAmount(typed, 0, currency)
  const inAmount = (value: number) => (of === 'hours' ? durationInWords(value) : inWords(value, currency))
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (read.ok) correct.mutate({ viewers: whom.viewers, of, how, amount: read.value, why: why.trim() })
  }
  const field = 'min-w-0 rounded-md border border-line bg-surface px-3 py-2'
  return (
    <form onSubmit={submit} className="flex flex-col gap-4">
      <fieldset className="flex gap-4">
        <legend className="sr-only">What to adjust</legend>
        {(['balance', 'hours'] as const).map((one) => (
          <label key={one} className="flex items-center gap-2">
            <input
              type="radio"
              name="of"
              checked={of === one}
              onChange={() => setOf(one)}
              className="size-4 accent-brass"
            />
            {one === 'balance' ? 'The balance' : 'The hours watched'}
          </label>
        ))}
      </fieldset>
      <fieldset className="flex gap-2">
        <legend className="sr-only">What to do</legend>
        {HOWS.map(({ how: one, name }) => (
          <Button
            key={one}
            aria-pressed={how === one}
            look={how === one ? 'main' : 'plain'}
            onClick={() => setHow(one)}
          >
            {name}
          </Button>
        ))}
      </fieldset>
      <label className="flex flex-col gap-1">
        <span className="font-medium">
          How many {of === 'hours' ? 'hours' : currency.many}
          {typeof whom.viewers === 'string' || whom.viewers.length > 1 ? ', each' : ''}
        </span>
        <input
          data-autofocus
          required
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          placeholder={of === 'hours' ? '12, 1.5 or 1:30' : '250, 1,000 or 1k'}
          className={field}
        />
        <span className="min-h-5 text-sm text-muted" aria-live="polite">
          {typed.trim() !== '' && (read.ok ? inAmount(read.value) : read.refusal.sentence)}
        </span>
      </label>
      <label className="flex flex-col gap-1">
        <span className="font-medium">Why</span>
        <input
          value={why}
          maxLength={200}
          onChange={(event) => setWhy(event.target.value)}
          placeholder="shown in their history"
          className={field}
        />
      </label>
      {how === 'take' && <p className="text-muted">Nobody goes below 0: whoever has less ends at 0.</p>}
      {correct.error && <Problem error={correct.error} />}
      <div className="flex justify-end gap-2">
        <Button onClick={close}>Not now</Button>
        <Button look="main" type="submit" disabled={correct.isPending || !read.ok}>
          {HOWS.find((one) => one.how === how)?.name}
          {read.ok && ` ${inAmount(read.value)}`}
        </Button>
      </div>
    </form>
  )
}

interface Correction {
  readonly viewers: Whom['viewers']
  readonly of: 'balance' | 'hours'
  readonly how: How
  readonly amount: number
  readonly why: string
}

function useCorrect(whom: Whom, done: () => void) {
  const { currency } = useStatus()
  const client = useQueryClient()
  const toast = useToast()
  const undo = useUndo()
  return useMutation({
    mutationFn: (correction: Correction) => answerOf(api.POST('/desk/people/correct', { body: correction })),
    onSuccess: (corrected, { of }) => {
      toast({
        text:
          of === 'hours' ? hoursCorrected(corrected, whom.words) : correctedInWords(corrected, whom.words, currency),
        undo: () => undo(corrected.adjustments),
      })
      void client.invalidateQueries({ queryKey: ['people'] })
      done()
    },
  })
}
