import { useQuery } from '@tanstack/react-query'
import type { FormEvent, ReactNode } from 'react'
import { type Currency, ICONS, inWords, REPLY } from '#core/currency'
import { fillIn } from '#core/texts'
import { type ChatWords, checkWords } from '#core/words'
import type { Body } from '../../parts/api/called.ts'
import { api } from '../../parts/api.ts'
import { CurrencyIcon } from '../../parts/CurrencyIcon.tsx'
import { ApplyFoot } from '../../parts/form/ApplyFoot.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { useSave } from '../../parts/form/useSave.ts'
import { Panel } from '../../parts/page/Panel.tsx'
import { same } from '../../parts/same.ts'
import { commandsQuery, wordsIn } from './view.ts'

const WORD = /^[\p{L}\p{N}_-]{1,30}$/u

const splitWords = (text: string): string[] => text.split(/[\s,!]+/).filter((word) => word !== '')

function problemOf({ one, many, word, aliases = [] }: Currency): string | undefined {
  if (one.trim() === '' || many.trim() === '') return 'Type the currency’s name for one and for many.'
  const bad = [word, ...aliases].find((each) => !WORD.test(each))
  return bad === undefined ? undefined : `"${bad}" cannot be typed as one word in chat. Use letters, digits, - and _.`
}

const typedOf = (currency: Currency) => ({ ...currency, aliases: (currency.aliases ?? []).join(' ') })

/** What is typed of the currency, what it comes to, and why it cannot be applied as it stands. */
function useCurrencyDraft(currency: Currency, words: ChatWords) {
  const { draft, put, discard, settle, conflict } = useDraft('currency', typedOf(currency))
  const wanted: Currency = { ...draft, aliases: splitWords(draft.aliases) }
  const changed = !same(
    { aliases: [], ...currency, reply: currency.reply ?? REPLY },
    { ...wanted, reply: wanted.reply ?? REPLY },
  )
  const checked = checkWords(wanted, words, wordsIn(useQuery(commandsQuery).data))
  const wrong = problemOf(wanted) ?? (checked.ok ? undefined : checked.refusal.sentence)
  return {
    draft,
    wanted,
    changed,
    wrong,
    discard,
    conflict,
    settle: () => settle(draft),
    put: (patch: Partial<typeof draft>) => put({ ...draft, ...patch }),
  }
}

/** The currency: names, picture, what is typed to ask for a balance, and what is answered. */
export function CurrencyForm({ currency, words }: { currency: Currency; words: ChatWords }) {
  const { draft, wanted, put, changed, wrong, discard, settle, conflict } = useCurrencyDraft(currency, words)
  const save = useSave((body: Body<'/desk/currency'>) => api.PUT('/desk/currency', { body }), 'The currency is saved.')
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (changed && wrong === undefined) save.mutate(wanted, { onSuccess: settle })
  }
  return (
    <form onSubmit={submit}>
      <Panel title="The currency" aside={changed ? undefined : 'live'} bodyClassName="flex flex-col gap-4 p-4">
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <Text label="Name for one" value={wanted.one} onValue={(one) => put({ one })} />
          <Text label="Name for many" value={wanted.many} onValue={(many) => put({ many })} />
          <Text label="Chat command, after the !" value={wanted.word} onValue={(word) => put({ word })} />
          <Text
            label="Aliases"
            value={draft.aliases}
            most={200}
            onValue={(aliases) => put({ aliases })}
            placeholder="none"
          />
        </div>
        <Pictures chosen={wanted.icon ?? 'rivet'} choose={(icon) => put({ icon })} />
        <Text
          label="Reply when somebody asks for their balance"
          value={wanted.reply ?? REPLY}
          most={300}
          onValue={(reply) => put({ reply })}
          hint={<Example currency={wanted} />}
        />
        <ApplyFoot
          changed={changed}
          wrong={wrong}
          pending={save.isPending}
          error={save.error}
          discard={discard}
          conflict={conflict}
        />
      </Panel>
    </form>
  )
}

interface TextProps {
  readonly label: string
  readonly value: string
  readonly onValue: (value: string) => void
  readonly most?: number
  readonly placeholder?: string
  readonly hint?: ReactNode
}

function Text({ label, value, onValue, most = 30, placeholder, hint }: TextProps) {
  return (
    <label className="flex flex-col gap-1">
      {label}
      <input
        value={value}
        maxLength={most}
        onChange={(event) => onValue(event.target.value)}
        placeholder={placeholder}
        className="rounded-md border border-line bg-surface px-2.5 py-1.5 placeholder:text-muted"
      />
      {hint}
    </label>
  )
}

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
  const balance = inWords(1204, currency)
  return (
    <span className="text-note text-muted" aria-live="polite">
      Reads: {fillIn(currency.reply ?? REPLY, { viewer: { name: 'valve_vera', rank: 'Fitter' }, balance })} · Fields:{' '}
      {'{{ viewer.name }}'}, {'{{ viewer.rank }}'}, {'{{ balance }}'}
    </span>
  )
}
