import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import {
  GAME_NAMES,
  GAME_TEXTS,
  GAMES,
  type Game,
  type GameTextKey,
  gameOfText,
  sampleText,
  textFault,
} from '#core/games'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Wrong } from '../../parts/feedback/Wrong.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { INPUT, Select } from '../../parts/form/inputs.tsx'
import { SaveLine } from '../../parts/form/SaveLine.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { useStatus } from '../status.ts'
import { useGameAction } from './useGameAction.ts'
import { gamesQuery } from './view.ts'

const MOST_TEXTS = 20
const KEYS = Object.keys(GAME_TEXTS) as GameTextKey[]

/** Every text that the games say: alternatives of one's own, one of which is picked each time, with how they read. */
export function TextsPage() {
  const games = useQuery(gamesQuery)
  const [game, setGame] = useState<Game>('heist')
  if (games.error) return <Problem error={games.error} retry={() => void games.refetch()} />
  if (games.data === undefined) return <Loading what="the texts" />
  const { texts } = games.data
  return (
    <div className="flex flex-col gap-4">
      <PageActions>
        <Select
          label="Of which game"
          value={game}
          choices={GAMES.map((one) => ({ value: one, name: GAME_NAMES[one] }))}
          onChoose={setGame}
        />
      </PageActions>
      <p className="text-muted">
        If there are several texts, one is picked at random each time. To silence all game messages at once, see
        Commands, Bot.
      </p>
      {KEYS.filter((key) => gameOfText(key) === game).map((key) => (
        <OneText key={`${key}/${JSON.stringify(texts[key] ?? [])}`} text={key} own={texts[key]} />
      ))}
    </div>
  )
}

const TextHead = ({ when, own }: { readonly when: string; readonly own: boolean }) => (
  <div className="flex items-baseline gap-3">
    <h2 className="font-sans text-base font-semibold">{when}</h2>
    <span className="text-note text-muted">{own ? 'your text' : 'the default text'}</span>
  </div>
)

function OneText({ text, own }: { text: GameTextKey; own: readonly string[] | undefined }) {
  const { when, fields, ours } = GAME_TEXTS[text]
  const live: readonly string[] = own ?? ours
  const { draft, put: setDraft, discard, settle, changed } = useDraft<readonly string[]>(`game-text/${text}`, live)
  const action = useGameAction({ inPlace: true })
  const fault = textFault(text, draft)
  const save = (all: readonly string[], said: string) =>
    action.mutate(
      { send: () => api.PUT('/desk/game-texts', { body: { text, own: all } }), said },
      { onSuccess: () => settle(draft) },
    )
  return (
    <section aria-label={when} className="flex flex-col gap-2 border-t border-line pt-3">
      <TextHead when={when} own={own !== undefined} />
      <Alternatives text={text} draft={draft} setDraft={setDraft} />
      <p className="text-note text-muted">
        Fields: {fields.map(({ path, tells }) => `{{ ${path} }} ${tells}`).join(' · ')}
      </p>
      <Wrong>{fault}</Wrong>
      {action.error && <Problem error={action.error} />}
      <div className="flex flex-wrap items-center gap-2">
        {draft.length < MOST_TEXTS && (
          <Button onClick={() => setDraft([...draft, draft.at(-1) ?? ''])}>Add another</Button>
        )}
        {changed && (
          <SaveLine
            {...{ changed, discard, typed: true, saving: action.isPending, off: fault !== undefined }}
            save={() => save(draft, 'The messages are saved.')}
          />
        )}
        {own !== undefined && (
          <Button look="quiet" onClick={() => save([], 'The default texts are back.')}>
            Restore the default texts
          </Button>
        )}
      </div>
    </section>
  )
}

interface AlternativesProps {
  readonly text: GameTextKey
  readonly draft: readonly string[]
  readonly setDraft: (draft: readonly string[]) => void
}

function Alternatives({ text, draft, setDraft }: AlternativesProps) {
  const { when } = GAME_TEXTS[text]
  const { currency } = useStatus()
  const set = (i: number, value: string) => setDraft(draft.map((one, k) => (k === i ? value : one)))
  return draft.map((one, i) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: texts are told apart by their place
    <div key={i} className="flex flex-col gap-1">
      <div className="flex items-start gap-2">
        <textarea
          aria-label={`${when}, text ${i + 1}`}
          value={one}
          rows={2}
          maxLength={400}
          onChange={(event) => set(i, event.target.value)}
          className={`min-w-0 flex-1 ${INPUT}`}
        />
        {draft.length > 1 && (
          <Button
            look="quiet"
            aria-label={`Remove text ${i + 1}`}
            onClick={() => setDraft(draft.filter((_, k) => k !== i))}
          >
            ×
          </Button>
        )}
      </div>
      <p className="text-note text-muted">Reads like: {sampleText(text, one, currency.many)}</p>
    </div>
  ))
}
