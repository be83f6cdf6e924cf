import { useQuery } from '@tanstack/react-query'
import type { FormEvent } from 'react'
import type { Currency } from '#core/currency'
import { type ChatWords, checkWords, type WordKind } from '#core/words'
import type { Body } from '../../parts/api/called.ts'
import { api } from '../../parts/api.ts'
import { ApplyFoot } from '../../parts/form/ApplyFoot.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { useDraft } from '../../parts/form/drafts.tsx'
import { NumberInput, TextInput } from '../../parts/form/inputs.tsx'
import { useSave } from '../../parts/form/useSave.ts'
import { Panel } from '../../parts/page/Panel.tsx'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { Allowed } from './Allowed.tsx'
import { commandsQuery, wordsIn } from './view.ts'
import { wordFault } from './wordFault.ts'

const NAMES: readonly { readonly kind: WordKind; readonly does: string }[] = [
  { kind: 'get', does: 'Buys a reward' },
  { kind: 'here', does: 'Checks in to the show' },
  { kind: 'rank', does: 'Shows a viewer’s rank and progress to the next' },
  { kind: 'hours', does: 'Shows how long a viewer has watched' },
  { kind: 'top', does: 'Who has most' },
  { kind: 'longest', does: 'Who watched longest (add "show" or "30")' },
  { kind: 'earners', does: 'Who earned most (add "show" or "30")' },
  { kind: 'fair', does: 'Says where every draw can be checked' },
  { kind: 'help', does: 'Links to the list of commands, or explains one' },
  { kind: 'hand', does: 'Gives currency to another viewer: a name, an amount' },
  { kind: 'give', does: 'Team: gives to a name, or "everyone"' },
  { kind: 'take', does: 'Team: takes from a viewer' },
  { kind: 'set', does: 'Team: sets a viewer’s balance' },
]

function problemOf(draft: ChatWords, currency: Currency, view: Parameters<typeof wordsIn>[0]): string | undefined {
  const empty = NAMES.find(({ kind }) => wordFault(draft[kind].word) !== undefined)
  if (empty !== undefined) return `The command for "${empty.does}" can have letters, digits, - and _.`
  const checked = checkWords(currency, draft, wordsIn(view))
  return checked.ok ? undefined : checked.refusal.sentence
}

/** Every word that chat understands: what it is called, whether it is on, and how soon it may be used again. */
export function WordsForm({ words, currency }: { words: ChatWords; currency: Currency }) {
  const { draft, put: setDraft, discard, settle, changed, conflict } = useDraft('words', words)
  const save = useSave(
    (body: Body<'/desk/words'>) => api.PUT('/desk/words', { body, ...changedFrom(words) }),
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
        <DataTable
          label="Built-in commands"
          rows={NAMES}
          columns={columnsOf(draft, (kind, patch) => setDraft({ ...draft, [kind]: { ...draft[kind], ...patch } }))}
          keyOf={({ kind }) => kind}
          inPanel
        />
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
type Named = (typeof NAMES)[number]

interface CellProps extends Named {
  readonly word: Command
  readonly put: (patch: Partial<Command>) => void
}

const OnCell = ({ does, word, put }: CellProps) => (
  <input
    type="checkbox"
    aria-label={`${does}: on`}
    checked={word.on}
    onChange={(event) => put({ on: event.target.checked })}
    className="size-4 accent-brass pointer-coarse:size-6"
  />
)

const WordCell = ({ does, word, put }: CellProps) => (
  <>
    <span aria-hidden="true" className="text-muted">
      !
    </span>
    <TextInput
      aria-label={`Command: ${does}`}
      aria-invalid={wordFault(word.word) !== undefined}
      value={word.word}
      most={30}
      onValue={(typed) => put({ word: typed.replace(/^!+/, '') })}
      className="ml-1 w-36"
    />
  </>
)

const columnsOf = (
  draft: ChatWords,
  put: (kind: WordKind, patch: Partial<Command>) => void,
): readonly Column<Named>[] => {
  const own = (row: Named): CellProps => ({
    ...row,
    word: draft[row.kind],
    put: (patch) => put(row.kind, patch),
  })
  return [
    { id: 'on', head: 'On', width: 'w-12', card: 'aside', cell: (row) => <OnCell {...own(row)} /> },
    { id: 'command', head: 'Command', width: 'w-48', card: 'title', cell: (row) => <WordCell {...own(row)} /> },
    { id: 'does', head: 'What it does', cell: ({ does }) => does },
    ...RESTS.map(
      ({ of, head, per }): Column<Named> => ({
        id: of,
        head,
        width: 'w-36',
        end: true,
        card: 'figure',
        cell: ({ kind, does }) => (
          <NumberInput
            label={`${does}: cooldown ${per}, in seconds`}
            value={draft[kind][of]}
            most={86_400}
            onValue={(seconds) => put(kind, { [of]: seconds })}
            className="w-20"
          />
        ),
      }),
    ),
  ]
}

const RESTS = [
  { of: 'everyoneSeconds', head: 'Cooldown for everyone, s', per: 'for everyone' },
  { of: 'eachSeconds', head: 'per viewer, s', per: 'per viewer' },
] as const
