import { useMutation, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'

/** Makes somebody known before they ever come. */
export function AddDialog({ close }: { close: () => void }) {
  const client = useQueryClient()
  const toast = useToast()
  const [account, setAccount] = useState('')
  const add = useMutation({
    mutationFn: () => answerOf(api.POST('/desk/people/add', { body: { account: account.trim().replace(/^@/, '') } })),
    onSuccess: async () => {
      toast({ text: `${account.trim()} was added.` })
      close()
      await client.invalidateQueries({ queryKey: ['people'] })
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    add.mutate()
  }
  return (
    <FormDialog title="Add somebody" close={close}>
      <form onSubmit={submit} className="flex flex-col gap-4">
        <label className="flex flex-col gap-1">
          The name of their account on the platform
          <input
            data-autofocus
            required
            value={account}
            maxLength={100}
            pattern="@?[^\s]+"
            onChange={(event) => setAccount(event.target.value)}
            className="rounded-md border border-line bg-surface px-3 py-2"
          />
          <span className="text-[0.93rem] text-muted">Anything you give them waits until they come.</span>
        </label>
        {add.error && <Problem error={add.error} />}
        <div className="flex justify-end gap-2">
          <Button onClick={close}>Not now</Button>
          <Button look="main" type="submit" disabled={account.trim() === '' || add.isPending}>
            Add
          </Button>
        </div>
      </form>
    </FormDialog>
  )
}
