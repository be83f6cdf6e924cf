import { useQuery } from '@tanstack/react-query'
import { type ChatWords, TEAM_WORDS, type TeamWord } from '#core/words'
import { Checkbox, Select } from '../../parts/form/inputs.tsx'
import { ranksQuery } from '../ranks/ranks.ts'
import { RoomLacks } from '../rooms/RoomLacks.tsx'

interface AllowedProps {
  readonly draft: ChatWords
  readonly setDraft: (draft: ChatWords) => void
}

type OwnRule = NonNullable<NonNullable<ChatWords['allowedFor']>[TeamWord]>

/** Who may give, take and set in chat, in all and by each word, and whether balances of others may be asked. */
export function Allowed({ draft, setDraft }: AllowedProps) {
  return (
    <div className="flex flex-col gap-2 border-t border-line pt-3">
      <Standings
        said="Team commands can be used by the streamer and by"
        of="Team commands"
        chosen={draft.allowed}
        choose={(allowed) => setDraft({ ...draft, allowed })}
      />
      <p className="text-note text-muted">
        Members of the team who may adjust balances at the desk may do so in chat, too, by as much.
      </p>
      {draft.allowed.includes('moderator') && (
        <RoomLacks lack="moderators">So this allows nobody: choose a circle, or invite helpers to the team.</RoomLacks>
      )}
      {TEAM_WORDS.map((word) => (
        <OneWord key={word} word={word} draft={draft} setDraft={setDraft} />
      ))}
      <Checkbox on={draft.askOthers} onTick={(askOthers) => setDraft({ ...draft, askOthers })}>
        anyone can ask for somebody else’s balance
      </Checkbox>
    </div>
  )
}

const CHOICES = [
  { value: 'all', name: 'like all team commands' },
  { value: 'own', name: 'has its own rule' },
] as const

function OneWord({ word, draft, setDraft }: AllowedProps & { readonly word: TeamWord }) {
  const own = draft.allowedFor?.[word]
  const name = `!${draft[word].word}`
  const put = (rule: OwnRule | undefined) => {
    const { [word]: _, ...others } = draft.allowedFor ?? {}
    setDraft({ ...draft, allowedFor: rule === undefined ? others : { ...others, [word]: rule } })
  }
  const choose = (value: string) => put(value === 'own' ? { standings: draft.allowed, team: true } : undefined)
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1.5">
      <span className="flex items-center gap-2">
        <span className="w-24 font-medium">{name}</span>
        <Select label={`Who may use ${name}`} value={own ? 'own' : 'all'} choices={CHOICES} onChoose={choose} />
      </span>
      {own && (
        <>
          <Standings of={name} chosen={own.standings} choose={(standings) => put({ ...own, standings })} />
          <Checkbox on={own.team} onTick={(team) => put({ ...own, team })}>
            members of the team, within their rights
          </Checkbox>
        </>
      )}
    </div>
  )
}

interface StandingsProps {
  /** What stands before them. */
  readonly said?: string
  /** What they may use. */
  readonly of: string
  readonly chosen: readonly string[]
  readonly choose: (standings: string[]) => void
}

function Standings({ said, of, chosen, choose }: StandingsProps) {
  const ranks = useQuery(ranksQuery)
  const all = [
    { standing: 'moderator', name: 'moderators' },
    ...(ranks.data?.circles ?? []).map(({ id, name }) => ({ standing: `circle:${id}`, name: `circle "${name}"` })),
  ]
  const toggle = (standing: string, on: boolean) =>
    choose(on ? [...chosen, standing] : chosen.filter((one) => one !== standing))
  return (
    <fieldset className="flex flex-wrap gap-x-5 gap-y-1.5">
      <legend className="sr-only">{of}</legend>
      {said && <span className="text-muted">{said}</span>}
      {all.map(({ standing, name }) => (
        <Checkbox key={standing} on={chosen.includes(standing)} onTick={(on) => toggle(standing, on)}>
          {name}
        </Checkbox>
      ))}
    </fieldset>
  )
}
