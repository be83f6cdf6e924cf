import { useQuery } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { type ChatWords, checkWords } from '#core/commands'
import { type Currency, ICONS, inWords, REPLY } from '#core/currency'
import { fillIn } from '#core/texts'
import { CurrencyIcon } from '../../parts/CurrencyIcon.tsx'
import { Panel } from '../../parts/Panel.tsx'
import { same } from '../../parts/same.ts'
import { useUnsaved } from '../../parts/unsaved.tsx'
import { Applies } from './Applies.tsx'
import { useSave } from './useSave.ts'
import { commandsQuery, wordsIn } from './view.ts'

const INPUT = 'rounded-md border border-line bg-surface px-2.5 py-1.5'
const WORD = /^[\p{L}\p{N}_-]{1,30}$/u

const splitWords = (text: string): string[] => text.split(/[\s,!]+/).filter((word) => word !== '')

function problemOf({ one, many, word, aliases = [] }: Currency): string | undefined {
  if (one.trim() === '' || many.trim() === '') return 'Give the currency a name for one and for many.'
  const bad = [word, ...aliases].find((each) => !WORD.test(each))
  return bad === undefined ? undefined : `"${bad}" cannot be typed as one word in chat. Use letters, digits, - and _.`
}

/** The currency: names, picture, what is typed to ask for a balance, and what is answered. */
export function CurrencyForm({ currency, words }: { currency: Currency; words: ChatWords }) {
  const [draft, setDraft] = useState(currency)
  const [aliases, setAliases] = useState((currency.aliases ?? []).join(' '))
  const save = useSave('/desk/currency', 'The currency is called so everywhere from now on.')
  const wanted: Currency = { ...draft, aliases: splitWords(aliases) }
  const changed = !same(
    { aliases: [], ...currency, reply: currency.reply ?? REPLY },
    { ...wanted, reply: wanted.reply ?? REPLY },
  )
  useUnsaved(changed)
  const view = useQuery(commandsQuery).data
  const checked = checkWords(wanted, words, wordsIn(view))
  const wrong = problemOf(wanted) ?? (checked.ok ? undefined : checked.refusal.sentence)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (changed && wrong === undefined) save.mutate(wanted)
  }
  const field = (name: 'one' | 'many' | 'word', label: string) => (
    <label className="flex flex-col gap-1">
      {label}
      <input
        value={draft[name]}
        maxLength={30}
        onChange={(event) => setDraft({ ...draft, [name]: event.target.value })}
        className={INPUT}
      />
    </label>
  )
  const balance = inWords(1204, draft)
  return (
    <form onSubmit={submit}>
      <Panel title="The currency" aside={changed ? undefined : 'live'} bodyClassName="flex flex-col gap-4 p-4">
        <div className="grid grid-cols-4 gap-3">
          {field('one', 'One of it')}
          {field('many', 'Many of it')}
          {field('word', 'Word in chat, after the !')}
          <label className="flex flex-col gap-1">
            Other words for it
            <input
              value={aliases}
              maxLength={200}
              onChange={(event) => setAliases(event.target.value)}
              placeholder="none"
              className={`${INPUT} placeholder:text-muted`}
            />
          </label>
        </div>
        <fieldset>
          <legend className="mb-1">Its picture</legend>
          <div className="flex gap-2">
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
                  checked={(draft.icon ?? 'rivet') === icon}
                  onChange={() => setDraft({ ...draft, icon })}
                  aria-label={icon}
                />
                <CurrencyIcon icon={icon} className="size-5" />
              </label>
            ))}
          </div>
        </fieldset>
        <label className="flex flex-col gap-1">
          Answer to who asks for a balance
          <input
            value={draft.reply ?? REPLY}
            maxLength={300}
            onChange={(event) => setDraft({ ...draft, reply: event.target.value })}
            className={INPUT}
          />
          <span className="text-[0.93rem] text-muted" aria-live="polite">
            Reads: {fillIn(draft.reply ?? REPLY, { viewer: { name: 'valve_vera', rank: 'Fitter' }, balance })} · Can be
            used: {'{{ viewer.name }}'}, {'{{ viewer.rank }}'}, {'{{ balance }}'}
          </span>
        </label>
        <Applies
          changed={changed}
          wrong={wrong}
          pending={save.isPending}
          error={save.error}
          back={() => {
            setDraft(currency)
            setAliases((currency.aliases ?? []).join(' '))
          }}
        />
      </Panel>
    </form>
  )
}
