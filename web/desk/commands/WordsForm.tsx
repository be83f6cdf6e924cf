import { useQuery } from '@tanstack/react-query'
import type { FormEvent } from 'react'
import type { Currency } from '#core/currency'
import { type ChatWords, checkWords, type WordKind } from '#core/words'
import type { Body } from '../../parts/api/called.ts'
import { api } from '../../parts/api.ts'
import { ApplyFoot } from '../../parts/form/ApplyFoot.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { useSave } from '../../parts/form/useSave.ts'
import { Panel } from '../../parts/page/Panel.tsx'
import { ranksQuery } from '../ranks/ranks.ts'
import { commandsQuery, wordsIn } from './view.ts'

const INPUT = 'rounded-md border border-line bg-surface px-2.5 py-1 aria-invalid:border-brick'

const NAMES: readonly { readonly kind: WordKind; readonly does: string }[] = [
  { kind: 'get', does: 'Buys a reward' },
  { kind: 'here', does: 'Checks in to the show' },
  { kind: 'rank', does: 'Shows a viewer’s rank and progress to the next' },
  { kind: 'hours', does: 'Shows how long a viewer has watched' },
  { kind: 'top', does: 'Who has most' },
  { kind: 'longest', does: 'Who watched longest (add "show" or "30")' },
  { kind: 'earners', does: 'Who earned most (add "show" or "30")' },
  { kind: 'help', does: 'Links to the list of commands, or explains one' },
  { kind: 'hand', does: 'Gives currency to another viewer: a name, an amount' },
  { kind: 'give', does: 'Team: gives to a name, or "everyone"' },
  { kind: 'take', does: 'Team: takes from a viewer' },
  { kind: 'set', does: 'Team: sets a viewer’s balance' },
]

function problemOf(draft: ChatWords, currency: Currency, view: Parameters<typeof wordsIn>[0]): string | undefined {
  const empty = NAMES.find(({ kind }) => !/^[\p{L}\p{N}_-]{1,30}$/u.test(draft[kind].word))
  if (empty !== undefined) return `The command for "${empty.does}" can have letters, digits, - and _.`
  const checked = checkWords(currency, draft, wordsIn(view))
  return checked.ok ? undefined : checked.refusal.sentence
}

/** Every word that chat understands: what it is called, whether it is on, and how soon it may be used again. */
export function WordsForm({ words, currency }: { words: ChatWords; currency: Currency }) {
  const { draft, put: setDraft, discard, settle, changed, conflict } = useDraft('words', words)
  const save = useSave(
    (body: Body<'/desk/words'>) => api.PUT('/desk/words', { body }),
    'The built-in commands are saved.',
  )
  const wrong = problemOf(draft, currency, useQuery(commandsQuery).data)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (changed && wrong === undefined) save.mutate(draft, { onSuccess: () => settle(draft) })
  }
  return (
    <form onSubmit={submit}>
      <Panel title="Built-in commands" aside={changed ? undefined : 'live'} bodyClassName="flex flex-col gap-4 p-4">
        <table className="w-full">
          <thead className="text-left text-sm text-muted">
            <tr>
              <th scope="col" className="w-10 pb-1 font-medium">
                On
              </th>
              <th scope="col" className="w-44 pb-1 font-medium">
                Command
              </th>
              <th scope="col" className="pb-1 font-medium">
                What it does
              </th>
              <th scope="col" className="w-36 pb-1 text-right font-medium">
                Cooldown for everyone, s
              </th>
              <th scope="col" className="w-36 pb-1 text-right font-medium">
                per viewer, s
              </th>
            </tr>
          </thead>
          <tbody>
            {NAMES.map(({ kind, does }) => (
              <WordRow
                key={kind}
                does={does}
                word={draft[kind]}
                put={(patch) => setDraft({ ...draft, [kind]: { ...draft[kind], ...patch } })}
              />
            ))}
          </tbody>
        </table>
        <Allowed draft={draft} setDraft={setDraft} />
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

type Command = ChatWords[WordKind]

function WordRow({ does, word, put }: { does: string; word: Command; put: (patch: Partial<Command>) => void }) {
  return (
    <tr className="border-t border-line">
      <td className="py-1.5">
        <input
          type="checkbox"
          aria-label={`${does}: on`}
          checked={word.on}
          onChange={(event) => put({ on: event.target.checked })}
          className="size-4 accent-brass"
        />
      </td>
      <td className="py-1.5">
        <span aria-hidden="true" className="text-muted">
          !
        </span>
        <input
          aria-label={`Command: ${does}`}
          value={word.word}
          maxLength={30}
          onChange={(event) => put({ word: event.target.value.replace(/^!+/, '') })}
          className={`ml-1 w-36 ${INPUT}`}
        />
      </td>
      <td className="py-1.5">{does}</td>
      <Rest
        label={`${does}: cooldown for everyone, in seconds`}
        value={word.everyoneSeconds}
        onValue={(everyoneSeconds) => put({ everyoneSeconds })}
      />
      <Rest
        label={`${does}: cooldown per viewer, in seconds`}
        value={word.eachSeconds}
        onValue={(eachSeconds) => put({ eachSeconds })}
      />
    </tr>
  )
}

function Rest({ label, value, onValue }: { label: string; value: number; onValue: (value: number) => void }) {
  return (
    <td className="py-1.5 text-right">
      <input
        aria-label={label}
        value={value}
        inputMode="numeric"
        onChange={(event) => onValue(Math.min(86_400, Number(event.target.value.replace(/\D/g, '').slice(0, 5)) || 0))}
        className={`tabular w-20 text-right ${INPUT}`}
      />
    </td>
  )
}

interface AllowedProps {
  readonly draft: ChatWords
  readonly setDraft: (draft: ChatWords) => void
}

/** Who may give, take and set in chat, and whether balances of others may be asked. */
function Allowed({ draft, setDraft }: AllowedProps) {
  const ranks = useQuery(ranksQuery)
  const all = [
    { standing: 'moderator', name: 'moderators' },
    ...(ranks.data?.circles ?? []).map(({ id, name }) => ({ standing: `circle:${id}`, name: `circle "${name}"` })),
  ]
  const toggle = (standing: string, on: boolean) =>
    setDraft({ ...draft, allowed: on ? [...draft.allowed, standing] : draft.allowed.filter((one) => one !== standing) })
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-1.5 border-t border-line pt-3">
      <span className="text-muted">Team commands can be used by</span>
      {all.map(({ standing, name }) => (
        <label key={standing} className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={draft.allowed.includes(standing)}
            onChange={(event) => toggle(standing, event.target.checked)}
            className="size-4 accent-brass"
          />
          {name}
        </label>
      ))}
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          checked={draft.askOthers}
          onChange={(event) => setDraft({ ...draft, askOthers: event.target.checked })}
          className="size-4 accent-brass"
        />
        anyone can ask for somebody else’s balance
      </label>
    </div>
  )
}
