import { useState } from 'react'
import type { TallyRow, TallySettings } from '#core/tallies'
import { answerOf, api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { Checkbox, Field, NumberInput, TextInput } from '../../parts/form/inputs.tsx'
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

const saveTally = (id: number | null, body: TallySettings): Sent<{ readonly tally: number }> =>
  id === null ? api.POST('/desk/tallies', { body }) : api.PUT('/desk/tallies/{id}', { params: { path: { id } }, body })

/** Makes or changes a tally; a new one is followed by the words that can be made for it. */
export function TallyDialog({ view, tally, close }: TallyDialogProps) {
  const live = tally === null ? FRESH : settingsOf(tally)
  const { draft, put: setDraft, discard, changed, conflict } = useDraft(`tally/${tally?.id ?? 'new'}`, live)
  const [made, setMade] = useState<TallyRow>()
  const put = (patch: Partial<TallySettings>) => setDraft({ ...draft, ...patch })
  const save = useChange({
    ask: () => answerOf(saveTally(tally?.id ?? null, { ...draft, key: draft.key || keyFor(draft.name) })),
    invalidates: ['commands'],
    said: () => `${draft.name} is saved.`,
    onFresh: (answer) => {
      discard()
      if (tally === null) setMade({ ...draft, key: draft.key || keyFor(draft.name), id: answer.tally, goneAt: null })
      else close()
    },
    inPlace: true,
  })
  if (made !== undefined) return <TallyWords view={view} tally={made} close={close} />
  const wrong =
    [draft.name, draft.one, draft.many].some((text) => text.trim() === '') || keyFor(draft.key || draft.name) === ''
  return (
    <DialogForm
      title={tally === null ? 'Add a tally' : tally.name}
      close={close}
      leave="Close"
      does={tally === null ? 'Add the tally' : 'Save now'}
      go={() => save.mutate()}
      off={wrong}
      change={save}
      aside={
        <>
          {tally !== null && <RemoveTally tally={tally} close={close} />}
          {changed && <Button onClick={discard}>Discard changes</Button>}
        </>
      }
    >
      <TallyFields draft={draft} put={put} />
      <DraftConflict conflict={conflict} />
    </DialogForm>
  )
}

const RemoveTally = ({ tally: { id, name }, close }: { tally: TallyRow; close: () => void }) => (
  <RemoveButton
    send={() => api.POST('/desk/tallies/{id}/close', { params: { path: { id } } })}
    name={name}
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

interface TallyFieldsProps {
  readonly draft: TallySettings
  readonly put: (patch: Partial<TallySettings>) => void
}

function TallyFields({ draft, put }: TallyFieldsProps) {
  return (
    <>
      <Field label="Name">
        <TextInput data-autofocus value={draft.name} most={60} onValue={(name) => put({ name })} />
      </Field>
      <div className="grid grid-cols-2 gap-3">
        <Field label="Name for one">
          <TextInput value={draft.one} most={30} placeholder="stamp" onValue={(one) => put({ one })} />
        </Field>
        <Field label="Name for many">
          <TextInput value={draft.many} most={30} placeholder="stamps" onValue={(many) => put({ many })} />
        </Field>
      </div>
      <Field
        label="Texts call it"
        hint="a to z, digits and _. If you change it, texts that use the old name stop working."
      >
        <TextInput
          value={draft.key}
          most={30}
          placeholder={keyFor(draft.name) || 'stamps'}
          onValue={(key) => put({ key: keyFor(key) })}
        />
      </Field>
      <Ceiling draft={draft} put={put} />
      <Checkbox on={draft.passing} onTick={(passing) => put({ passing })}>
        Viewers can give theirs away, with a command for it
      </Checkbox>
      <p className="text-muted">Only steps and you change it: it cannot be earned by watching or chatting.</p>
    </>
  )
}

const Ceiling = ({ draft, put }: TallyFieldsProps) => (
  <div className="flex items-center gap-3">
    <span>At most</span>
    <NumberInput
      label="At most"
      value={draft.ceiling ?? 0}
      none="no limit"
      onValue={(most) => put({ ceiling: most === 0 ? null : most })}
      className="w-28"
    />
    <span>each</span>
  </div>
)
