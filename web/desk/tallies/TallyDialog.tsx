import { useState } from 'react'
import { firstFault } from '#core/faults'
import { type TallyRow, TallySettings } from '#core/tallies'
import { answerOf, api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { fieldOf } from '../../parts/form/DraftField.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { type Draft, useDraft } from '../../parts/form/drafts.tsx'
import { faultsIn } from '../../parts/form/faultsIn.ts'
import { Checkbox, NumberInput, TextInput } from '../../parts/form/inputs.tsx'
import { RemoveButton } from '../../parts/form/RemoveButton.tsx'
import { useChange } from '../../parts/useChange.ts'
import type { CommandsView } from '../commands/view.ts'
import { TallyWords } from './TallyWords.tsx'

const FRESH: TallySettings = { name: '', one: '', many: '', key: '', ceiling: null, passing: false }

/** What texts call a tally: its name in plain letters. */
const keyFor = (name: string): string =>
  name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^[^a-z]+|_+$/g, '')
    .slice(0, 30)

interface TallyDialogProps {
  readonly view: CommandsView
  readonly tally: TallyRow | null
  readonly close: () => void
}

const saveTally = (tally: TallyRow | null, body: TallySettings): Sent<{ readonly tally: number }> =>
  tally === null
    ? api.POST('/desk/tallies', { body })
    : api.PUT('/desk/tallies/{id}', { params: { path: { id: tally.id } }, body, ...changedFrom(settingsOf(tally)) })

/** Makes or changes a tally; a new one is followed by the words that can be made for it. */
export function TallyDialog({ view, tally, close }: TallyDialogProps) {
  const kept = useDraft(`tally/${tally?.id ?? 'new'}`, tally === null ? FRESH : settingsOf(tally))
  const { draft, discard, changed, conflict } = kept
  const [made, setMade] = useState<TallyRow>()
  const sent = { ...draft, key: draft.key || keyFor(draft.name) }
  const save = useChange({
    ask: () => answerOf(saveTally(tally, sent)),
    invalidates: ['commands'],
    said: () => `${draft.name} is saved.`,
    onFresh: ({ tally: id }) => {
      discard()
      tally === null ? setMade({ ...sent, id, goneAt: null }) : close()
    },
    inPlace: true,
  })
  if (made !== undefined) return <TallyWords view={view} tally={made} close={close} />
  const faults = faultsIn(TallySettings, sent, emptyIn(sent))
  return (
    <DialogForm
      title={tally === null ? 'Add a tally' : tally.name}
      close={close}
      leave="Close"
      does={tally === null ? 'Add the tally' : 'Save now'}
      go={() => save.mutate()}
      off={firstFault(faults) !== undefined}
      change={save}
      aside={
        <>
          <RemoveTally tally={tally} close={close} />
          {changed && <Button onClick={discard}>Discard changes</Button>}
        </>
      }
    >
      <DraftFields kept={kept} faults={faults} error={save.error}>
        <TallyFields {...kept} />
      </DraftFields>
      <DraftConflict conflict={conflict} />
    </DialogForm>
  )
}

/** What is still empty that must not be. */
const emptyIn = ({ name, one, many, key }: TallySettings) => ({
  name: name.trim() === '' ? 'Type a name.' : undefined,
  one: one.trim() === '' ? 'Type what one of them is called.' : undefined,
  many: many.trim() === '' ? 'Type what several of them are called.' : undefined,
  key: key === '' && name.trim() !== '' ? 'Type a name in the letters a to z, for texts.' : undefined,
})

const RemoveTally = ({ tally, close }: Pick<TallyDialogProps, 'tally' | 'close'>) =>
  tally && (
    <RemoveButton
      send={() => api.POST('/desk/tallies/{id}/close', { params: { path: { id: tally.id } } })}
      name={tally.name}
      close={close}
    />
  )

const settingsOf = ({ name, one, many, key, ceiling, passing }: TallyRow): TallySettings => ({
  name,
  one,
  many,
  key,
  ceiling,
  passing,
})

const TallyField = fieldOf<TallySettings>()

const Ceiling = () => (
  <TallyField name="ceiling" label="At most" unit="each">
    {({ value, onValue }) => (
      <NumberInput
        label="At most"
        value={value ?? 0}
        none="no limit"
        onValue={(most) => onValue(most === 0 ? null : most)}
        className="w-28"
      />
    )}
  </TallyField>
)

function TallyFields({ draft, put }: Pick<Draft<TallySettings>, 'draft' | 'put'>) {
  return (
    <>
      <TallyField name="name" label="Name">
        {(own) => <TextInput data-autofocus most={60} {...own} />}
      </TallyField>
      <div className="grid grid-cols-2 gap-3">
        <TallyField name="one" label="Name for one">
          {(own) => <TextInput most={30} placeholder="stamp" {...own} />}
        </TallyField>
        <TallyField name="many" label="Name for many">
          {(own) => <TextInput most={30} placeholder="stamps" {...own} />}
        </TallyField>
      </div>
      <TallyField
        name="key"
        label="Texts call it"
        hint="a to z, digits and _. If you change it, texts that use the old name stop working."
      >
        {({ value, onValue }) => (
          <TextInput
            value={value}
            most={30}
            placeholder={keyFor(draft.name) || 'stamps'}
            onValue={(key) => onValue(keyFor(key))}
          />
        )}
      </TallyField>
      <Ceiling />
      <Checkbox on={draft.passing} onTick={(passing) => put({ ...draft, passing })}>
        Viewers can give theirs away, with a command for it
      </Checkbox>
      <p className="text-muted">Only steps and you change it: it cannot be earned by watching or chatting.</p>
    </>
  )
}
