import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { digits, durationInWords, inWords } from '#core/currency'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { mediaAddress, mediaBase } from '../../parts/media.ts'
import { usePageTitle } from '../../parts/page/PageTitle.tsx'
import { Strip, showsStrip } from '../../parts/raffles/Strip.tsx'
import { type ColumnHead, ColumnHeads } from '../../parts/table/ColumnHeads.tsx'
import { leftText, timeText, useNow } from '../../parts/time.ts'
import { useChannel } from '../channel.ts'
import { CheckPart } from './CheckPart.tsx'
import { EnterPart } from './EnterPart.tsx'
import { type RaffleView, raffleQuery, type Winner } from './raffles.ts'

/** One raffle, for everybody: what there is to win, the rules, who is in, one's own chance, and the draw. */
export function RafflePage() {
  const { raffle: id = '' } = useParams()
  // What is no number is asked for as number 0, which no raffle has.
  const view = useQuery(raffleQuery(/^\d{1,15}$/.test(id) ? Number(id) : 0))
  if (view.error)
    return (
      <>
        <Problem error={view.error} retry={() => void view.refetch()} />
        <p className="mt-4">
          <Link to="/raffles" className="underline underline-offset-2">
            All raffles
          </Link>
        </p>
      </>
    )
  if (view.data === undefined) return <Loading what="the raffle" />
  return <OneRaffle view={view.data} />
}

function OneRaffle({ view }: { view: RaffleView }) {
  usePageTitle(view.raffle.title)
  const now = useNow(view.ahead)
  const { raffle, winners } = view
  const told = winners.filter(({ state }) => state !== 'drawn')
  return (
    <article>
      <p>
        <Link to="/raffles" className="text-muted underline">
          All raffles
        </Link>
      </p>
      <Head view={view} now={now} />
      {showsStrip({ ...raffle, now }) && (
        <section aria-label="The draw" className="mt-4">
          <Strip drawing={raffle.drawing} revealed={raffle.revealed} now={now} />
        </section>
      )}
      {told.length > 0 && <Winners winners={told} now={now} />}
      <EnterPart view={view} now={now} />
      <Rules view={view} />
      {raffle.people > 0 && <Entrants view={view} />}
      {raffle.commitment !== '' && <CheckPart raffle={raffle} />}
    </article>
  )
}

const STATUS = {
  planned: 'not open yet',
  open: 'open',
  closed: 'closed',
  returning: 'called off; refunds are on their way',
  finished: 'over',
  off: 'called off',
} as const

function Head({ view: { raffle, prize, currency }, now }: { view: RaffleView; now: number }) {
  const { slug } = useChannel()
  const until = raffle.status === 'planned' ? raffle.opensAt : raffle.closesAt
  return (
    <div className="mt-2 flex flex-wrap items-start gap-x-5 gap-y-2">
      <img
        src={mediaAddress(raffle.picture, mediaBase(slug))}
        alt=""
        className="max-h-36 w-28 shrink-0 object-contain sm:w-36"
      />
      <div className="min-w-0 flex-1 basis-52">
        <h2 className="text-2xl leading-tight">{raffle.title}</h2>
        <p className="mt-1 text-lg">
          {prize}
          {raffle.winners > 1 && ` · ${raffle.winners} winners`}
        </p>
        <p className="tabular mt-1 text-muted">
          {STATUS[raffle.status]}
          {until !== null &&
            ` · ${raffle.status === 'planned' ? 'opens in ' : ''}${leftText(until - now)}${raffle.status === 'open' ? ' left' : ''}`}
          {raffle.why !== null && raffle.status !== 'planned' && `: ${raffle.why}`}
        </p>
        <p className="tabular">
          <strong>{digits(raffle.people)}</strong> {raffle.people === 1 ? 'person' : 'people'} in
          {raffle.mostTickets > 1 && `, ${digits(raffle.tickets)} tickets`}
          {raffle.paid > 0 && `, ${inWords(raffle.paid, currency)} in the pot`}
        </p>
      </div>
      {raffle.description !== '' && <p className="w-full">{raffle.description}</p>}
    </div>
  )
}

function Winners({ winners, now }: { winners: readonly Winner[]; now: number }) {
  return (
    <section aria-labelledby="drawn" className="mt-4">
      <h3 id="drawn" className="text-lg">
        Drawn
      </h3>
      <ol>
        {winners.map((winner) => (
          <li key={winner.draw} className="border-b border-line py-2">
            <p className="flex items-baseline justify-between gap-3">
              <strong
                className={winner.state === 'won' || winner.state === 'waiting' ? '' : 'font-normal line-through'}
              >
                {winner.name}
              </strong>
              <span className="tabular text-muted">
                {winner.guess === null ? `chance ${winner.chance}` : `guessed ${digits(winner.guess)}`}
              </span>
            </p>
            <p className="tabular text-note">{saidOf(winner, now)}</p>
          </li>
        ))}
      </ol>
    </section>
  )
}

function saidOf({ state, claimUntil, line, claimedAt, why }: Winner, now: number): string {
  if (state === 'waiting') return `has ${durationInWords(Math.max(1, Math.ceil((claimUntil ?? now) - now)))} to reply`
  if (state === 'missed') return 'did not reply in time'
  if (state === 'passed') return `skipped: ${why ?? ''}`
  if (claimedAt === null) return 'won'
  return line === '' || line === null ? `replied at ${timeText(claimedAt)}` : `“${line}”, at ${timeText(claimedAt)}`
}

function Rules({ view: { rules, shares } }: { view: RaffleView }) {
  return (
    <section aria-labelledby="rules" className="mt-5">
      <h3 id="rules" className="text-lg">
        Rules
      </h3>
      <ul className="mt-1 flex list-disc flex-col gap-1 pl-5">
        {[...rules, ...shares].map((rule) => (
          <li key={rule}>{rule}</li>
        ))}
      </ul>
    </section>
  )
}

const ENTRANT_HEADS: readonly ColumnHead[] = [
  { name: 'The latest first' },
  { name: 'tickets', end: true },
  { name: 'chance', end: true },
]
const GUESS_HEADS: readonly ColumnHead[] = [{ name: 'The latest first' }, { name: 'guess', end: true }]

function Entrants({ view: { raffle, entrants, removed } }: { view: RaffleView }) {
  return (
    <section aria-labelledby="entrants" className="mt-5">
      <h3 id="entrants" className="text-lg">
        Who is in
      </h3>
      <table className="tabular mt-1 w-full">
        <ColumnHeads heads={raffle.guess === null ? ENTRANT_HEADS : GUESS_HEADS} />
        <tbody>
          {entrants.map(({ name, tickets, chance, guess }) => (
            <tr key={name} className="border-t border-line">
              <td className="max-w-40 truncate py-1.5">{name}</td>
              {raffle.guess === null ? (
                <>
                  <td className="text-right">{digits(tickets)}</td>
                  <td className="text-right">{chance}</td>
                </>
              ) : (
                <td className="text-right">{guess === null ? 'hidden until it closes' : digits(guess)}</td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
      {raffle.people > entrants.length && (
        <p className="mt-1 text-muted">and {digits(raffle.people - entrants.length)} more, all of them in the file.</p>
      )}
      {removed.length > 0 && (
        <p className="mt-2 text-muted">
          Taken out: {removed.map(({ name, why }) => `${name}, ${why ?? ''}`).join('; ')}.
        </p>
      )}
    </section>
  )
}
