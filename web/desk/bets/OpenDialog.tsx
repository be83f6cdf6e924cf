import { useState } from 'react'
import { BetSettings, betFaults, USUAL_TERMS } from '#core/bets'
import { firstFault } from '#core/faults'
import { answerOf, api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { fieldOf } from '../../parts/form/DraftField.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { type Draft, useDraft } from '../../parts/form/drafts.tsx'
import { faultsIn } from '../../parts/form/faultsIn.ts'
import { Select, TextInput } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'
import { useMay } from '../rights.tsx'
import { MinutesField } from './MinutesField.tsx'
import { OutcomeFields } from './OutcomeFields.tsx'
import { TermsFields } from './TermsFields.tsx'
import type { BetsView, BetTemplate, DeskBet } from './view.ts'

/** What a form of a bet is for. */
export type Opening =
  | { readonly of: 'new' }
  | { readonly of: 'again'; readonly settings: BetSettings }
  | { readonly of: 'change'; readonly bet: DeskBet }
  | { readonly of: 'template'; readonly template: BetTemplate | null }

/** A template as it is kept: the bet, and the key that opens it. */
interface Kept {
  readonly settings: BetSettings
  readonly digit: number | null
}

function fresh(view: BetsView): BetSettings {
  const outcomes = [
    { name: 'Yes', word: 'yes' },
    { name: 'No', word: 'no' },
  ]
  return { ...USUAL_TERMS, ...view.defaults.terms, question: '', outcomes }
}

function startOf(opening: Opening, view: BetsView): { readonly key: string; readonly live: Kept } {
  switch (opening.of) {
    case 'new':
      return { key: 'bet/new', live: { settings: fresh(view), digit: null } }
    case 'again':
      return { key: `bet/again/${opening.settings.question}`, live: { settings: opening.settings, digit: null } }
    case 'change':
      return { key: `bet/${opening.bet.id}`, live: { settings: opening.bet.settings, digit: null } }
    case 'template': {
      const { template } = opening
      const live = template ?? { settings: fresh(view), digit: null }
      return { key: `bet/template/${template?.id ?? 'new'}`, live: { settings: live.settings, digit: live.digit } }
    }
  }
}

/** How a form is sent, what its button says, and what is said once it is done. */
function sendingOf(
  opening: Opening,
  draft: Kept,
  live: Kept,
): { does: string; said: string; send: () => Sent<unknown> } {
  const { settings } = draft
  if (opening.of === 'change') {
    const params = { path: { bet: opening.bet.id } }
    const send = () => api.PUT('/desk/bets/{bet}', { params, body: settings, ...changedFrom(live.settings) })
    return { does: 'Save now', said: 'The bet is changed.', send }
  }
  if (opening.of === 'template') {
    const id = opening.template?.id
    const send = () =>
      id === undefined
        ? api.POST('/desk/bet-templates', { body: draft })
        : api.PUT('/desk/bet-templates/{id}', { params: { path: { id } }, body: draft, ...changedFrom(live) })
    return { does: 'Save the template', said: 'The template is saved.', send }
  }
  const send = () => api.POST('/desk/bets', { body: { settings, template: null } })
  return { does: 'Open it now', said: `“${settings.question}” is open.`, send }
}

const TITLES: Readonly<Record<Opening['of'], string>> = {
  new: 'Open a bet',
  again: 'Open a bet again',
  change: 'Change a bet',
  template: 'Template of a bet',
}

interface OpenDialogProps {
  readonly view: BetsView
  readonly opening: Opening
  readonly close: () => void
}

/** Opens a bet, changes one, or keeps one as a template: question, outcomes and time; the rest is the channel's usual. */
export function OpenDialog({ view, opening, close }: OpenDialogProps) {
  const { key, live } = startOf(opening, view)
  const kept = useDraft(key, live)
  const { draft, put, discard, changed, conflict } = kept
  const { does, said, send } = sendingOf(opening, draft, live)
  const save = useChange({
    ask: () => answerOf(send()),
    invalidates: ['bets', 'commands'],
    said,
    onFresh: () => {
      discard()
      close()
    },
    inPlace: true,
  })
  const faults = faultsIn(BetSettings, draft.settings, faultsNow(draft.settings, view))
  const putSettings: Draft<BetSettings>['put'] = (next) =>
    put((now) => ({ ...now, settings: typeof next === 'function' ? next(now.settings) : next }))
  return (
    <DialogForm
      title={TITLES[opening.of]}
      wide
      close={close}
      does={does}
      go={() => save.mutate()}
      off={firstFault(faults) !== undefined}
      change={save}
      aside={changed && <Button onClick={discard}>Discard</Button>}
    >
      <DraftFields kept={{ draft: draft.settings, put: putSettings }} faults={faults} error={save.error}>
        <BetFields view={view} draft={draft.settings} put={putSettings} />
      </DraftFields>
      {opening.of === 'template' && <DigitChoice digit={draft.digit} set={(digit) => put({ ...draft, digit })} />}
      <DraftConflict conflict={conflict} />
    </DialogForm>
  )
}

function faultsNow(settings: BetSettings, { alerts }: BetsView): Record<string, string | undefined> {
  const unnamed = settings.outcomes.findIndex(({ name, word }) => name.trim() === '' || word === '')
  return {
    question: settings.question.trim() === '' ? 'Type what is bet on.' : undefined,
    ...(unnamed === -1 ? {} : { [`outcomes.${unnamed}`]: `Outcome ${unnamed + 1} needs a name and a word.` }),
    ...betFaults(settings, new Set(alerts.map(({ id }) => id))),
  }
}

const BetField = fieldOf<BetSettings>()

function BetFields({ view, draft, put }: { view: BetsView } & Pick<Draft<BetSettings>, 'draft' | 'put'>) {
  const [more, setMore] = useState(false)
  const mayDo = useMay()
  return (
    <>
      <BetField name="question" label="What is bet on">
        {(own) => <TextInput data-autofocus most={120} placeholder="Will it work at the first try?" {...own} />}
      </BetField>
      <OutcomeFields outcomes={draft.outcomes} put={(outcomes) => put({ ...draft, outcomes })} />
      <MinutesField seconds={draft.openSeconds} onValue={(openSeconds) => put({ ...draft, openSeconds })} />
      {draft.onAir && !view.onAir && (
        <p className="rounded-md bg-brass-wash px-3 py-2">
          You are off air, and this bet is for a show. Go on air first, or allow it off air under “More”.
        </p>
      )}
      <div>
        <Button look="quiet" aria-expanded={more} onClick={() => setMore(!more)}>
          {more ? 'Less' : 'More: stakes, late bets, who may, alerts'}
        </Button>
      </div>
      {more && mayDo('bets', 'act') && (
        <TermsFields terms={draft} put={(patch) => put({ ...draft, ...patch })} view={view} />
      )}
    </>
  )
}

const DIGITS = ['', '1', '2', '3', '4', '5', '6', '7', '8', '9'] as const

function DigitChoice({ digit, set }: { digit: number | null; set: (digit: number | null) => void }) {
  return (
    <p className="flex items-center gap-2">
      Key that opens it
      <Select
        label="Key that opens it"
        value={String(digit ?? '')}
        choices={DIGITS.map((value) => ({ value, name: value === '' ? 'none' : value }))}
        onChoose={(value) => set(value === '' ? null : Number(value))}
      />
    </p>
  )
}
