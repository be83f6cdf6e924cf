import { useQuery } from '@tanstack/react-query'
import type { FormEvent } from 'react'
import { Currency, ICONS, inWords, REPLY } from '#core/currency'
import { firstFault } from '#core/faults'
import { fillIn, SAMPLE_RANK } from '#core/texts'
import { type ChatWords, checkWords } from '#core/words'
import type { Body } from '../../parts/api/called.ts'
import { api } from '../../parts/api.ts'
import { CurrencyIcon } from '../../parts/CurrencyIcon.tsx'
import { ApplyFoot } from '../../parts/form/ApplyFoot.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { fieldOf } from '../../parts/form/DraftField.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { faultsIn } from '../../parts/form/faultsIn.ts'
import { splitWords, TextInput } from '../../parts/form/inputs.tsx'
import { useSave } from '../../parts/form/useSave.ts'
import { Panel } from '../../parts/page/Panel.tsx'
import { same } from '../../parts/same.ts'
import { useSampleNames } from '../people/sampleNames.ts'
import { commandsQuery, wordsIn } from './view.ts'
import { wordFault } from './wordFault.ts'

/** What keeps a currency from being applied, by field. */
function wrongWith({ one, many, word, aliases = [] }: Currency) {
  return {
    one: one.trim() === '' ? 'Type the currency’s name for one.' : undefined,
    many: many.trim() === '' ? 'Type the currency’s name for many.' : undefined,
    word: wordFault(word),
    aliases: aliases.map(wordFault).find((fault) => fault !== undefined),
  }
}

const typedOf = (currency: Currency) => ({ ...currency, aliases: (currency.aliases ?? []).join(' ') })

/** What is typed of the currency, what it comes to, and why it cannot be applied as it stands. */
function useCurrencyDraft(currency: Currency, words: ChatWords) {
  const kept = useDraft('currency', typedOf(currency))
  const { draft, settle } = kept
  const wanted: Currency = { ...draft, aliases: splitWords(draft.aliases) }
  const changed = !same(
    { aliases: [], ...currency, reply: currency.reply ?? REPLY },
    { ...wanted, reply: wanted.reply ?? REPLY },
  )
  const checked = checkWords(wanted, words, wordsIn(useQuery(commandsQuery).data))
  const wrong = wrongWith(wanted)
  const faults = faultsIn(Currency, wanted, {
    ...wrong,
    word: wrong.word ?? (checked.ok ? undefined : checked.refusal.sentence),
  })
  return { kept, wanted, changed, faults, wrong: firstFault(faults), settle: () => settle(draft) }
}

/** The currency: names, picture, what is typed to ask for a balance, and what is answered. */
export function CurrencyForm({ currency, words }: { currency: Currency; words: ChatWords }) {
  const { kept, wanted, changed, faults, wrong, settle } = useCurrencyDraft(currency, words)
  const save = useSave(
    (body: Body<'/desk/currency'>) => api.PUT('/desk/currency', { body, ...changedFrom(currency) }),
    'The currency is saved.',
  )
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (changed && wrong === undefined) save.mutate(wanted, { onSuccess: settle })
  }
  return (
    <form onSubmit={submit}>
      <Panel title="The currency" aside={changed ? undefined : 'live'} bodyClassName="flex flex-col gap-4 p-4">
        <DraftFields kept={kept} faults={faults} error={save.error}>
          <CurrencyFields />
          <Pictures chosen={wanted.icon ?? 'rivet'} choose={(icon) => kept.put((before) => ({ ...before, icon }))} />
          <CurrencyField name="reply" label={ASKED} hint={<Example currency={wanted} />}>
            {({ value = REPLY, onValue }) => <TextInput most={300} value={value} onValue={onValue} />}
          </CurrencyField>
        </DraftFields>
        <ApplyFoot
          changed={changed}
          wrong={wrong}
          pending={save.isPending}
          error={save.error}
          discard={kept.discard}
          conflict={kept.conflict}
        />
      </Panel>
    </form>
  )
}

const ASKED = 'Reply when somebody asks for their balance'

const CurrencyField = fieldOf<ReturnType<typeof typedOf>>()

const CurrencyFields = () => (
  <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
    <CurrencyField name="one" label="Name for one">
      {(own) => <TextInput most={30} {...own} />}
    </CurrencyField>
    <CurrencyField name="many" label="Name for many">
      {(own) => <TextInput most={30} {...own} />}
    </CurrencyField>
    <CurrencyField name="word" label="Chat command, after the !">
      {(own) => <TextInput most={30} {...own} />}
    </CurrencyField>
    <CurrencyField name="aliases" label="Aliases">
      {(own) => <TextInput most={200} placeholder="none" {...own} />}
    </CurrencyField>
  </div>
)

type Icon = (typeof ICONS)[number]

function Pictures({ chosen, choose }: { chosen: Icon; choose: (icon: Icon) => void }) {
  return (
    <fieldset>
      <legend className="mb-1">Icon</legend>
      <div className="flex flex-wrap gap-2">
        {ICONS.map((icon) => (
          <label
            key={icon}
            title={icon}
            className="flex size-10 items-center justify-center rounded-md border border-line text-brass-text has-checked:border-brass has-checked:bg-brass-wash has-focus-visible:outline-2"
          >
            <input
              type="radio"
              name="icon"
              className="sr-only"
              checked={chosen === icon}
              onChange={() => choose(icon)}
              aria-label={icon}
            />
            <CurrencyIcon icon={icon} className="size-5" />
          </label>
        ))}
      </div>
    </fieldset>
  )
}

function Example({ currency }: { currency: Currency }) {
  const [name] = useSampleNames()
  const balance = inWords(1204, currency)
  return (
    <span className="text-note text-muted" aria-live="polite">
      Reads: {fillIn(currency.reply ?? REPLY, { viewer: { name, rank: SAMPLE_RANK }, balance })} · Fields:{' '}
      {'{{ viewer.name }}'}, {'{{ viewer.rank }}'}, {'{{ balance }}'}
    </span>
  )
}
