import { useMutation, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { type TallyRow, tallyInWords } from '#core/tallies'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { NumberInput, Select } from '../../parts/form/inputs.tsx'
import { FindPerson } from '../people/FindPerson.tsx'

type How = 'add' | 'take' | 'set'

/** Corrects somebody's count by hand, and offers to take it back. */
export function CorrectTally({ tally, close }: { tally: TallyRow; close: () => void }) {
  const client = useQueryClient()
  const toast = useToast()
  const [person, setPerson] = useState<{ readonly id: number; readonly name: string }>()
  const [how, setHow] = useState<How>('add')
  const [amount, setAmount] = useState(1)
  const send = (viewer: number, what: How, count: number) =>
    answerOf(
      api.POST('/desk/tallies/{tally}/correct', {
        params: { path: { tally: tally.id } },
        body: {
          viewer,
          how: what,
          amount: count,
        },
      }),
    )
  const correct = useMutation({
    mutationFn: ({ id }: { id: number; name: string }) => send(id, how, amount),
    onSuccess: async ({ before, after }, { id, name }) => {
      await client.invalidateQueries({ queryKey: ['tally', tally.id] })
      toast({
        text: `${name} has ${tallyInWords(tally, after)} now.`,
        undo: () =>
          void send(id, 'set', before).then(() => client.invalidateQueries({ queryKey: ['tally', tally.id] })),
      })
      close()
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (person !== undefined) correct.mutate(person)
  }
  return (
    <FormDialog title={`Adjust ${tally.name}`} close={close}>
      <form onSubmit={submit} className="flex flex-col gap-4">
        <div className="flex items-center gap-3">
          <span>Whose</span>
          <FindPerson label="Whose tally" chosen={person} choose={setPerson} />
        </div>
        <div className="flex items-center gap-3">
          <Select
            label="How"
            value={how}
            choices={[
              { value: 'add', name: 'add' },
              { value: 'take', name: 'take' },
              { value: 'set', name: 'set to' },
            ]}
            onChoose={setHow}
          />
          <NumberInput label="How many" value={amount} onValue={setAmount} />
          <span>{tally.many}</span>
        </div>
        {correct.error && <Problem error={correct.error} />}
        <div className="flex gap-2">
          <Button look="main" type="submit" disabled={person === undefined || correct.isPending}>
            Adjust
          </Button>
          <Button onClick={close}>Leave it</Button>
        </div>
      </form>
    </FormDialog>
  )
}
