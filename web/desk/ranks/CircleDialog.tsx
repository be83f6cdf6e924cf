import type { ReactNode } from 'react'
import { firstFault } from '#core/faults'
import type { CircleRow } from '#core/people'
import type { CircleSettings, Rank } from '#core/ranks'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { FaultsAt, fieldOf } from '../../parts/form/DraftField.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { Checkbox, Select, TextInput } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'
import { type CircleDraft, circleFaults, draftOf, readCircle } from './circleDraft.ts'

interface CircleDialogProps {
  readonly circle: CircleRow | null
  readonly ranks: readonly Rank[]
  readonly close: () => void
}

/** Adds or changes a circle: its name, and what makes somebody a member automatically. */
export function CircleDialog({ circle, ranks, close }: CircleDialogProps) {
  const kept = useDraft(`circle/${circle?.id ?? 'new'}`, draftOf(circle))
  const { draft, put: setDraft, discard, changed, conflict } = kept
  const { save, end } = useCircleChange(circle, () => {
    discard()
    close()
  })
  const faults = circleFaults(draft)
  const fault = firstFault(faults)
  return (
    <DialogForm
      title={circle === null ? 'Add a circle' : `Circle "${circle.name}"`}
      close={close}
      leave="Close"
      does={circle === null ? 'Add the circle' : 'Apply now'}
      go={() => save.mutate(readCircle(draft))}
      off={fault !== undefined}
      change={{ isPending: save.isPending || end.isPending, error: save.error ?? end.error }}
      aside={
        <>
          {circle !== null && (
            <Button look="danger" onClick={() => end.mutate()}>
              Close this circle
            </Button>
          )}
          {changed && <Button onClick={discard}>Discard changes</Button>}
        </>
      }
    >
      <DraftFields kept={kept} faults={faults} error={save.error}>
        <CircleFields draft={draft} put={(patch) => setDraft({ ...draft, ...patch })} ranks={ranks} />
      </DraftFields>
      <DraftConflict conflict={conflict} />
    </DialogForm>
  )
}

interface CircleFieldsProps {
  readonly draft: CircleDraft
  readonly put: (patch: Partial<CircleDraft>) => void
  readonly ranks: readonly Rank[]
}

const CircleField = fieldOf<CircleDraft>()

function CircleFields({ draft, put, ranks }: CircleFieldsProps) {
  return (
    <>
      <CircleField name="name" label="Name">
        {(own) => <TextInput data-autofocus most={40} {...own} />}
      </CircleField>
      <Rules draft={draft} put={put} ranks={ranks} />
      <Checkbox on={draft.keep} onTick={(keep) => put({ keep })}>
        Once in, they stay for good
      </Checkbox>
      <p className="text-note text-muted">
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
      <Rule of="hours">Watched {number('hours', 'Hours watched')} hours</Rule>
      <Rule of="showsLeast">
        Attended {number('showsLeast', 'Shows attended at least')} of the last{' '}
        {number('showsOf', 'Of the last so many shows')} shows
      </Rule>
      <Rule of="followerDays">Followed for {number('followerDays', 'Days followed')} days</Rule>
      <Rule of="subscriberMonths">Subscribed for {number('subscriberMonths', 'Months subscribed')} months</Rule>
      <Rule of="rank">
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

const Rule = ({ of, children }: { of: keyof CircleDraft; children: ReactNode }) => (
  <FaultsAt name={of}>
    <div className="flex items-center gap-2">{children}</div>
  </FaultsAt>
)

const savedOf = (circle: CircleRow | null) =>
  circle === null ? undefined : { name: circle.name, rules: circle.rules, keep: circle.keep }

function useCircleChange(circle: CircleRow | null, done: () => void) {
  const both = { invalidates: 'all', onDone: done, inPlace: true } as const
  const save = useChange({
    ask: (settings: CircleSettings) =>
      answerOf(
        api.PUT('/desk/circles', { body: { circle: circle?.id ?? null, settings }, ...changedFrom(savedOf(circle)) }),
      ),
    said: 'The circle is saved, and everyone who meets its rules is in it.',
    ...both,
  })
  const end = useChange({
    ask: () => answerOf(api.POST('/desk/circles/{circle}/close', { params: { path: { circle: circle?.id ?? 0 } } })),
    said: 'The circle is closed.',
    ...both,
  })
  return { save, end }
}
