import { useState } from 'react'
import { type Currency, durationInWords, inWords, readAmount } from '#core/currency'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { Radios } from '../../parts/form/Radios.tsx'
import { useChange } from '../../parts/useChange.ts'
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

const OF = [
  { value: 'balance', name: 'The balance' },
  { value: 'hours', name: 'The hours watched' },
] as const
type Of = (typeof OF)[number]['value']

/** What was typed, as the amount it means. */
function readTyped(typed: string, of: Of, how: How, currency: Currency) {
  if (of === 'hours') return readHours(typed, how)
  if (how === 'set' && typed.trim() === '0') return { ok: true as const, value: 0 }
  return readAmount(typed, 0, currency)
}

interface HowMuchProps {
  readonly of: Of
  readonly each: boolean
  readonly typed: string
  readonly setTyped: (typed: string) => void
  /** What it reads as, or why it cannot be read. */
  readonly reads: string
}

function HowMuch({ of, each, typed, setTyped, reads }: HowMuchProps) {
  const { currency } = useStatus()
  return (
    <Field
      label={`How many ${of === 'hours' ? 'hours' : currency.many}${each ? ', each' : ''}`}
      hint={
        <span className="block min-h-5" aria-live="polite">
          {typed.trim() !== '' && reads}
        </span>
      }
    >
      <TextInput
        data-autofocus
        required
        value={typed}
        most={20}
        onValue={setTyped}
        placeholder={of === 'hours' ? '12, 1.5 or 1:30' : '250, 1,000 or 1k'}
      />
    </Field>
  )
}

/** Gives to, takes from or sets the balance of people, with a reason that is shown in their history. Can be undone. */
export function CorrectDialog({ whom, close, done }: { whom: Whom; close: () => void; done: () => void }) {
  const { currency } = useStatus()
  const [of, setOf] = useState<Of>('balance')
  const [how, setHow] = useState<How>('give')
  const [typed, setTyped] = useState('')
  const [why, setWhy] = useState('')
  const correct = useCorrect(whom, () => {
    done()
    close()
  })
  const read = readTyped(typed, of, how, currency)
  const inAmount = (value: number) => (of === 'hours' ? durationInWords(value) : inWords(value, currency))
  const reads = read.ok ? inAmount(read.value) : read.refusal.sentence
  const go = () => read.ok && correct.mutate({ viewers: whom.viewers, of, how, amount: read.value, why: why.trim() })
  return (
    <DialogForm
      title={`Adjust ${whom.words}`}
      close={close}
      does={`${HOWS.find((one) => one.how === how)?.name}${read.ok ? ` ${inAmount(read.value)}` : ''}`}
      go={go}
      off={!read.ok}
      change={correct}
    >
      <Radios legend="What to adjust" legendHidden inRow value={of} choices={OF} onChoose={setOf} />
      <Hows how={how} choose={setHow} />
      <HowMuch of={of} each={isEach(whom)} typed={typed} setTyped={setTyped} reads={reads} />
      <Field label="Why">
        <TextInput value={why} most={200} onValue={setWhy} placeholder="shown in their history" />
      </Field>
      {how === 'take' && <p className="text-muted">Nobody goes below 0: whoever has less ends at 0.</p>}
    </DialogForm>
  )
}

const isEach = ({ viewers }: Whom): boolean => typeof viewers === 'string' || viewers.length > 1

function Hows({ how, choose }: { how: How; choose: (how: How) => void }) {
  return (
    <fieldset className="flex gap-2">
      <legend className="sr-only">What to do</legend>
      {HOWS.map(({ how: one, name }) => (
        <Button key={one} aria-pressed={how === one} look={how === one ? 'main' : 'plain'} onClick={() => choose(one)}>
          {name}
        </Button>
      ))}
    </fieldset>
  )
}

interface Correction {
  readonly viewers: Whom['viewers']
  readonly of: Of
  readonly how: How
  readonly amount: number
  readonly why: string
}

function useCorrect(whom: Whom, done: () => void) {
  const { currency } = useStatus()
  const undo = useUndo()
  return useChange({
    ask: (correction: Correction) => answerOf(api.POST('/desk/people/correct', { body: correction })),
    invalidates: ['people', 'corrections', 'viewer'],
    said: (corrected, { of }) =>
      of === 'hours' ? hoursCorrected(corrected, whom.words) : correctedInWords(corrected, whom.words, currency),
    undo: ({ adjustments }) => undo(adjustments),
    onDone: done,
    inPlace: true,
  })
}
