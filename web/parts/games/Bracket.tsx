import { clsx } from 'clsx'
import { type StateOf, stageName } from '#core/games'

const HOW = { played: '', walkover: 'walkover', bye: 'bye', lot: 'by lot' } as const

interface MatchProps {
  readonly match: StateOf<'cup'>['matches'][number]
  readonly called: boolean
  readonly names: ReadonlyMap<number, string>
}

const Match = ({ match, called, names }: MatchProps) => (
  <li className={clsx('rounded-md border', called ? 'border-brass bg-brass-wash' : 'border-line bg-panel')}>
    {[match.a, match.b].map((side, i) => (
      <Side
        key={i === 0 ? 'a' : 'b'}
        name={side === null ? undefined : names.get(side)}
        match={match}
        side={side}
        first={i === 0}
      />
    ))}
    {match.how !== null && match.how !== 'played' && (
      <p className="border-t border-line px-2.5 py-0.5 text-sm text-muted">{HOW[match.how]}</p>
    )}
  </li>
)

/** A cup's matches, level by level from the left to the final. */
export function Bracket({ state }: { state: StateOf<'cup'> }) {
  const { matches, entrants, current } = state
  const names = new Map(entrants.map(({ id, name }) => [id, name]))
  const levels = [...new Set(matches.map(({ level }) => level))]
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
    <section aria-label="Bracket" tabIndex={0} className="overflow-x-auto">
      <div className="flex gap-5 py-2">
        {levels.map((level) => (
          <section key={level} aria-label={stageName(matches, level)} className="flex w-44 shrink-0 flex-col">
            <p className="pb-1 text-note text-muted">{stageName(matches, level)}</p>
            <ol className="flex flex-1 flex-col justify-around gap-2">
              {matches
                .filter((match) => match.level === level)
                .map((match) => (
                  <Match key={match.id} match={match} called={match.id === current} names={names} />
                ))}
            </ol>
          </section>
        ))}
      </div>
    </section>
  )
}

interface SideProps {
  readonly name: string | undefined
  readonly match: StateOf<'cup'>['matches'][number]
  readonly side: number | null
  readonly first: boolean
}

function Side({ name, match, side, first }: SideProps) {
  const won = match.winner !== null && match.winner === side
  const wins = match.games.filter((one) => one === side).length
  const empty = match.how === 'bye' ? '–' : 'open'
  return (
    <p
      className={clsx(
        'flex justify-between gap-2 px-2.5 py-1',
        !first && 'border-t border-line',
        won && 'font-semibold text-moss-text',
        match.winner !== null && !won && 'text-muted',
      )}
    >
      <span className="truncate">
        {name ?? <span className="text-muted">{empty}</span>}
        {won && <span className="sr-only"> (goes on)</span>}
        {side !== null && match.winner === null && match.ready.includes(side) && (
          <span className="text-moss-text"> is there</span>
        )}
      </span>
      {match.games.length > 0 && <span className="tabular">{wins}</span>}
    </p>
  )
}
