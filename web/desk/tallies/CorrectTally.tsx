import { useState } from 'react'
import { type TallyRow, tallyInWords } from '#core/tallies'
import { answerOf, api } from '../../parts/api.ts'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { NumberInput, Select } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'
import { FindPerson } from '../people/FindPerson.tsx'

const HOWS = [
  { value: 'add', name: 'add' },
  { value: 'take', name: 'take' },
  { value: 'set', name: 'set to' },
] as const
type How = (typeof HOWS)[number]['value']

interface Person {
  readonly id: number
  readonly name: string
}

const send = (tally: number, viewer: number, how: How, amount: number) =>
  answerOf(api.POST('/desk/tallies/{tally}/correct', { params: { path: { tally } }, body: { viewer, how, amount } }))

/** Corrects somebody's count by hand, and offers to take it back. */
export function CorrectTally({ tally, close }: { tally: TallyRow; close: () => void }) {
  const [person, setPerson] = useState<Person>()
  const [how, setHow] = useState<How>('add')
  const [amount, setAmount] = useState(1)
  const correct = useChange({
    ask: ({ id }: Person) => send(tally.id, id, how, amount),
    invalidates: ['tally'],
    said: ({ after }, { name }) => `${name} has ${tallyInWords(tally, after)} now.`,
    undo: ({ before }, { id }) => send(tally.id, id, 'set', before),
    onDone: close,
    inPlace: true,
  })
  const go = () => person !== undefined && correct.mutate(person)
  return (
    <DialogForm
      title={`Adjust ${tally.name}`}
      close={close}
      does="Adjust"
      go={go}
      off={person === undefined}
      change={correct}
    >
      <div className="flex items-center gap-3">
        <span>Whose</span>
        <FindPerson label="Whose tally" chosen={person} choose={setPerson} />
      </div>
      <div className="flex items-center gap-3">
        <Select label="How" value={how} choices={HOWS} onChoose={setHow} />
        <NumberInput label="How many" value={amount} onValue={setAmount} />
        <span>{tally.many}</span>
      </div>
    </DialogForm>
  )
}
