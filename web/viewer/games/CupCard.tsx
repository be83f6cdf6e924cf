import { digits, inWords } from '#core/currency'
import { Bracket } from '../../parts/games/Bracket.tsx'
import { useNow } from '../../parts/time.ts'
import { GameCard, PlayButton } from './GameCard.tsx'
import type { GamesView, OpenRound } from './games.ts'
import type { GameCardProps, GameView } from './gameView.ts'

/** The cup: signing up, the match one is called to, and the bracket. */
function CupCard({ view, settings, me, signedIn }: GameCardProps<'cup'>) {
  const round = view.rounds.find(({ game }) => game === 'cup')
  return (
    <GameCard
      name="Cup"
      how="An elimination of duels: the bracket is drawn, match after match is called, and the last one standing has the prize."
      returns={undefined}
      chat={`!${settings.word.word}, then !${view.words.take.word} when your match is called`}
    >
      {round === undefined ? (
        <p className="text-muted">No cup is on. The streamer opens one.</p>
      ) : (
        <CupOn round={round} view={view} me={me} signedIn={signedIn} />
      )}
    </GameCard>
  )
}

interface CupOnProps {
  readonly round: OpenRound
  readonly view: GamesView
  readonly me: number | null
  readonly signedIn: boolean
}

function CupOn({ round, view, me, signedIn }: CupOnProps) {
  const left = Math.max(0, Math.ceil((round.nextAt ?? 0) - useNow(view.ahead)))
  const { state } = round
  if (state.of !== 'cup') return null
  const { rules, entrants, matches } = state
  const gathering = round.status === 'gathering'
  return (
    <div className="flex flex-col gap-3">
      <p>{cupInWords(rules, entrants.length, round.staked, view)}</p>
      {gathering && (
        <p className="tabular text-muted">
          The sign-up ends in {left >= 120 ? `${Math.ceil(left / 60)} min` : `${left} s`}.
        </p>
      )}
      {signedIn && gathering && (
        <div className="flex gap-2">
          {entrants.some(({ id }) => id === me) ? (
            <PlayButton act={{ do: 'withdraw' }} does="Give my place back" />
          ) : (
            <PlayButton
              act={{ do: 'cup' }}
              does={rules.stake === 0 ? 'Sign up' : `Sign up for ${digits(rules.stake)}`}
              main
            />
          )}
        </div>
      )}
      {matches.length > 0 ? (
        <Bracket state={state} />
      ) : (
        <p className="text-muted">{entrants.map(({ name }) => name).join(', ')}</p>
      )}
    </div>
  )
}

type CupRules = Extract<OpenRound['state'], { of: 'cup' }>['rules']

/** "The bench cup: 5 of 8 places taken, to win: 500 rivets. Entry: free." */
function cupInWords(rules: CupRules, taken: number, staked: number, view: GamesView) {
  const prize = rules.prize + staked
  return (
    <>
      <strong>{rules.name}</strong>: {taken} of {rules.places} places taken, to win:{' '}
      {prize > 0 ? inWords(prize, view.currency) : 'the honour'}
      {rules.second > 0 && ` (${rules.second} % of it for the other finalist)`}. Entry:{' '}
      {rules.stake === 0 ? 'free' : digits(rules.stake)}.{rules.bestOf === 3 && ' Best of three.'}
      {rules.kept.places > 0 &&
        ` ${rules.kept.places} places are kept${rules.kept.before ? ' for followers from before tonight' : ''}.`}
    </>
  )
}

/** The match that somebody is called to now, and has not shown up for. */
export const isCalled = ({ state }: OpenRound, me: number | null): boolean => {
  if (state.of !== 'cup' || me === null) return false
  const match = state.matches.find(({ id }) => id === state.current)
  return match !== undefined && (match.a === me || match.b === me) && !match.ready.includes(me)
}

/** "I am there", for as long as it counts. */
export function CalledMatch({ round, view }: { round: OpenRound; view: GamesView }) {
  const left = Math.max(0, Math.ceil((round.nextAt ?? 0) - useNow(view.ahead)))
  return (
    <li className="mb-3 flex flex-wrap items-center gap-3 rounded-md border border-brass-text bg-brass-wash px-4 py-3">
      <p>
        <strong>Your match is called.</strong> <span className="tabular">{left} s</span>
      </p>
      <PlayButton act={{ do: 'take' }} does="I am there" main />
    </li>
  )
}

export const cupView: GameView<'cup'> = {
  Card: CupCard,
  ends: ({ entrants, matches, rules }) => {
    const winner = entrants.find(({ id }) => id === matches.at(-1)?.winner)
    return winner === undefined ? rules.name : `${winner.name} won ${rules.name}`
  },
}
