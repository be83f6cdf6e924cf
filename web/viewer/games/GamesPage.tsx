import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { digits, inWords } from '#core/currency'
import { GAME_NAMES, type Game, type SettingsOf } from '#core/games'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { usePageTitle } from '../../parts/page/PageTitle.tsx'
import { signInAddress } from '../../parts/SignIn.tsx'
import { dayText } from '../../parts/time.ts'
import { useChannel } from '../channel.ts'
import { CalledMatch, isCalled } from './CupCard.tsx'
import { DuelOn } from './DuelCard.tsx'
import { type GamesView, gamesQuery, type OwnGames as Own, ownGamesQuery, roundsQuery } from './games.ts'
import type { GameView } from './gameView.ts'
import { OwnGames } from './OwnGames.tsx'
import { endInWords } from './roundInWords.ts'
import { VIEWS } from './views.ts'

const NOBODY: Own = { viewer: null, sitsOutUntil: 0, rounds: 0, staked: 0, paid: 0, seats: [] }

/** The games: what is on, how each is played, what I won and lost, and the rounds that ended last. */
export function GamesPage() {
  usePageTitle('Games')
  const { signedIn, currency } = useChannel()
  const games = useQuery(gamesQuery)
  const own = useQuery({ ...ownGamesQuery, enabled: signedIn !== null })
  if (games.error) return <Problem error={games.error} retry={() => void games.refetch()} />
  if (games.data === undefined) return <Loading what="the games" />
  const none = Object.keys(games.data.games).length === 0
  return (
    <>
      <h2 className="text-xl">Games</h2>
      {none ? (
        <p className="mt-2 text-muted">No game is open right now.</p>
      ) : (
        <p className="mt-1 text-muted">
          {currency.many.charAt(0).toUpperCase() + currency.many.slice(1)} have no money value: they cannot be bought,
          paid out or swapped for anything outside this channel.
          {games.data.wagering.mostLost > 0 &&
            ` Nobody can lose more than ${inWords(games.data.wagering.mostLost, currency)} in a show.`}
        </p>
      )}
      {signedIn === null && !none && (
        <p className="mt-3">
          <a href={signInAddress('viewer')} className="font-semibold underline">
            Sign in
          </a>{' '}
          to play here, or type the words in chat.
        </p>
      )}
      <ForYou view={games.data} me={own.data?.viewer ?? null} />
      <Cards view={games.data} own={own.data ?? NOBODY} signedIn={signedIn !== null} />
      {own.data && <OwnGames own={own.data} />}
      <LastRounds />
    </>
  )
}

/** What waits for an answer of mine, before all else. */
function ForYou({ view, me }: { view: GamesView; me: number | null }) {
  if (me === null) return null
  const asked = view.rounds.filter(
    ({ state, status }) => status === 'opened' && state.of === 'duel' && state.challenged?.id === me,
  )
  const called = view.rounds.filter((round) => isCalled(round, me))
  if (asked.length + called.length === 0) return null
  return (
    <ul aria-label="For you now" className="mt-4">
      {called.map((round) => (
        <CalledMatch key={round.id} round={round} view={view} />
      ))}
      {asked.map((round) => (
        <DuelOn key={round.id} round={round} view={view} me={me} />
      ))}
    </ul>
  )
}

function Cards({ view, own, signedIn }: { view: GamesView; own: Own; signedIn: boolean }) {
  return (Object.keys(VIEWS) as Game[]).map((game) => (
    <Card key={game} game={game} view={view} own={own} signedIn={signedIn} />
  ))
}

function Card<G extends Game>({ game, view, own, signedIn }: Parameters<typeof Cards>[0] & { game: G }) {
  const { Card: Own }: GameView<G> = VIEWS[game]
  const games: { readonly [K in Game]?: SettingsOf[K] } = view.games
  const settings = games[game]
  return settings && <Own view={view} settings={settings} own={own.seats} me={own.viewer} signedIn={signedIn} />
}

/** The rounds of everybody, to look at and check. */
function LastRounds() {
  const rounds = useQuery(roundsQuery).data?.rounds ?? []
  if (rounds.length === 0) return null
  return (
    <section aria-labelledby="last-rounds" className="mt-8">
      <h2 id="last-rounds" className="text-xl">
        The last rounds
      </h2>
      <ul className="mt-1">
        {rounds.slice(0, 12).map((round) => (
          <li key={round.id} className="border-b border-line">
            <Link to={`/games/${round.id}`} className="flex items-baseline gap-3 py-2.5 hover:bg-raised">
              <span className="min-w-0 flex-1">
                <span className="font-medium">{GAME_NAMES[round.game]}</span> <span>{endInWords(round)}</span>
                <span className="block text-note text-muted">
                  {dayText(round.endedAt ?? round.openedAt)} · {digits(round.staked)} put in, {digits(round.paid)} paid
                </span>
              </span>
              <span className="shrink-0 text-brass-text">check it</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}
