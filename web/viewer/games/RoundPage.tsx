import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { digits, inWords } from '#core/currency'
import { GAME_NAMES } from '#core/games'
import { channelAddress } from '../../parts/api.ts'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Bracket } from '../../parts/games/Bracket.tsx'
import { usePageTitle } from '../../parts/page/PageTitle.tsx'
import { type ColumnHead, ColumnHeads } from '../../parts/table/ColumnHeads.tsx'
import { dayText } from '../../parts/time.ts'
import { useChannel } from '../channel.ts'
import { CheckPart } from './CheckPart.tsx'
import { roundQuery, type Seat, type WholeRound } from './games.ts'
import { endInWords, seatInWords } from './roundInWords.ts'

const MOST_SHOWN = 100

/** One round: what was put in, how it ended, and all that it can be checked by. */
export function RoundPage() {
  const { round: id = '' } = useParams()
  const round = useQuery({ ...roundQuery(Number(id)), enabled: /^\d+$/.test(id) })
  if (round.error) return <Problem error={round.error} retry={() => void round.refetch()} />
  if (round.data === undefined) return <Loading what="the round" />
  return <RoundShown round={round.data} />
}

const STATUS = {
  opened: 'waits for an answer',
  gathering: 'open',
  running: 'under way',
  settled: 'ended',
  off: 'called off',
} as const

function RoundShown({ round }: { round: WholeRound }) {
  usePageTitle(`${GAME_NAMES[round.game]} no. ${round.id}`)
  const { currency } = useChannel()
  const { state, seats } = round
  return (
    <>
      <p>
        <Link to="/games" className="text-muted underline">
          All games
        </Link>
      </p>
      <h2 className="mt-2 text-2xl">
        {GAME_NAMES[round.game]} no. {round.id}
      </h2>
      <p className="mt-1">
        {STATUS[round.status]}
        {round.status === 'settled' && `: ${endInWords({ ...round, seats: seats.length })}`}
        {round.why !== null && `: ${round.why}`}
        <span className="text-muted"> · {dayText(round.openedAt)}</span>
      </p>
      <p className="tabular mt-1 text-muted">
        {inWords(round.staked, currency)} put in, {digits(round.paid)} paid.
      </p>
      {state.of === 'cup' && state.matches.length > 0 && <Bracket state={state} />}
      {seats.length > 0 && <Seats seats={seats} of={state.of} />}
      <CheckPart round={round} />
      <p className="mt-5">
        <a
          href={channelAddress(`/rounds/${round.id}/file`)}
          download
          className="inline-flex min-h-touch items-center rounded-md border border-line px-4 font-medium hover:bg-raised"
        >
          Download this round (JSON)
        </a>
      </p>
    </>
  )
}

const SEAT_HEADS: readonly ColumnHead[] = [
  { name: 'Who' },
  { name: 'stake', end: true },
  { name: 'outcome', className: 'pl-4' },
  { name: 'paid', end: true },
]

function Seats({ seats, of }: { readonly seats: readonly Seat[]; readonly of: WholeRound['state']['of'] }) {
  return (
    <section aria-labelledby="seats" className="mt-5">
      <h3 id="seats" className="text-lg">
        Who put in what
      </h3>
      <table className="tabular mt-1 w-full">
        <ColumnHeads heads={SEAT_HEADS} />
        <tbody>
          {seats.slice(0, MOST_SHOWN).map((seat, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the place is what tells two bets of one person apart
            <tr key={i} className="border-t border-line">
              <td className="max-w-36 truncate py-1.5">{seat.name}</td>
              <td className="text-right">{digits(seat.stake)}</td>
              <td className="pl-4 text-muted">{seatInWords(of, seat)}</td>
              <td className="text-right">{digits(seat.paid)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {seats.length > MOST_SHOWN && (
        <p className="mt-1 text-muted">and {digits(seats.length - MOST_SHOWN)} more, all of them in the file below.</p>
      )}
    </section>
  )
}
