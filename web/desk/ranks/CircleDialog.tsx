import { useMutation, useQueryClient } from '@tanstack/react-query'
import type { FormEvent, ReactNode } from 'react'
import type { CircleRow } from '#core/people'
import type { CircleSettings, Rank } from '#core/ranks'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { Checkbox, Field, Select, TextInput } from '../../parts/form/inputs.tsx'
import { type CircleDraft, draftOf, readCircle } from './circleDraft.ts'

interface CircleDialogProps {
  readonly circle: CircleRow | null
  readonly ranks: readonly Rank[]
  readonly close: () => void
}

/** Adds or changes a circle: its name, and what makes somebody a member automatically. */
export function CircleDialog({ circle, ranks, close }: CircleDialogProps) {
  const kept = useDraft(`circle/${circle?.id ?? 'new'}`, draftOf(circle))
  const { draft, put: setDraft, discard, changed, conflict } = kept
  const { save, end } = useCircleChange(circle, close)
  const read = readCircle(draft)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (typeof read !== 'string') save.mutate(read, { onSuccess: discard })
  }
  const fault = save.error ?? end.error
  return (
    <FormDialog title={circle === null ? 'Add a circle' : `Circle "${circle.name}"`} close={close}>
      <form onSubmit={submit} className="flex flex-col gap-4">
        <CircleFields draft={draft} put={(patch) => setDraft({ ...draft, ...patch })} ranks={ranks} />
        {typeof read === 'string' && draft.name !== '' && <p className="text-brick-text">{read}</p>}
        <DraftConflict conflict={conflict} />
        {fault && <Problem error={fault} />}
        <div className="flex gap-2">
          {circle !== null && (
            <Button look="danger" className="mr-auto" onClick={() => end.mutate()}>
              Close this circle
            </Button>
          )}
          {changed && <Button onClick={discard}>Discard changes</Button>}
          <Button className="ml-auto" onClick={close}>
            Close
          </Button>
          <Button look="main" type="submit" disabled={typeof read === 'string' || save.isPending}>
            {circle === null ? 'Add the circle' : 'Apply now'}
          </Button>
        </div>
      </form>
    </FormDialog>
  )
}

interface CircleFieldsProps {
  readonly draft: CircleDraft
  readonly put: (patch: Partial<CircleDraft>) => void
  readonly ranks: readonly Rank[]
}

function CircleFields({ draft, put, ranks }: CircleFieldsProps) {
  return (
    <>
      <Field label="Name">
        <TextInput data-autofocus value={draft.name} most={40} onValue={(name) => put({ name })} />
      </Field>
      <Rules draft={draft} put={put} ranks={ranks} />
      <Checkbox on={draft.keep} onTick={(keep) => put({ keep })}>
        Once in, they stay for good
      </Checkbox>
      <p className="text-[0.93rem] text-muted">
        You can add and remove people on the People page; that overrides the rules.
      </p>
    </>
  )
}

function Rules({ draft, put, ranks }: CircleFieldsProps) {
  const number = (name: 'hours' | 'showsLeast' | 'showsOf' | 'followerDays' | 'subscriberMonths', label: string) => (
    <TextInput
      aria-label={label}
      value={draft[name]}
      most={6}
      inputMode="numeric"
      onValue={(value) => put({ [name]: value })}
      placeholder="–"
      className="tabular w-16 text-right"
    />
  )
  const choices = ranks.map(({ id, name }) => ({ value: String(id), name: `${name} or higher` }))
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 text-muted">
        Viewers who meet all of this join automatically; empty fields do not count
      </legend>
      <Rule>Watched {number('hours', 'Hours watched')} hours</Rule>
      <Rule>
        Attended {number('showsLeast', 'Shows attended at least')} of the last{' '}
        {number('showsOf', 'Of the last so many shows')} shows
      </Rule>
      <Rule>Followed for {number('followerDays', 'Days followed')} days</Rule>
      <Rule>Subscribed for {number('subscriberMonths', 'Months subscribed')} months</Rule>
      <Rule>
        Holds{' '}
        <Select
          label="Rank held"
          value={draft.rank}
          choices={[{ value: '', name: 'any rank or none' }, ...choices]}
          onChoose={(rank) => put({ rank })}
        />
      </Rule>
    </fieldset>
  )
}

function Rule({ children }: { children: ReactNode }) {
  return <div className="flex items-center gap-2">{children}</div>
}

function useCircleChange(circle: CircleRow | null, close: () => void) {
  const client = useQueryClient()
  const toast = useToast()
  const done = (text: string) => async () => {
    toast({ text })
    close()
    await client.invalidateQueries()
  }
  const save = useMutation({
    mutationFn: (settings: CircleSettings) =>
      answerOf(api.PUT('/desk/circles', { body: { circle: circle?.id ?? null, settings } })),
    onSuccess: done('The circle is saved, and everyone who meets its rules is in it.'),
  })
  const end = useMutation({
    mutationFn: () =>
      answerOf(api.POST('/desk/circles/{circle}/close', { params: { path: { circle: circle?.id ?? 0 } } })),
    onSuccess: done('The circle is closed.'),
  })
  return { save, end }
}
