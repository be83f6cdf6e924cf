import { clsx } from 'clsx'
import { Link } from 'react-router'
import { digits, inWords, signed } from '#core/currency'
import { GAME_NAMES } from '#core/games'
import { dayText } from '../../parts/time.ts'
import { useChannel } from '../channel.ts'
import type { OwnGames as Own, OwnSeat } from './games.ts'
import { SEAT_SAID } from './roundInWords.ts'
import { SitOut } from './SitOut.tsx'

const netOf = ({ state, paid, stake }: OwnSeat): number => (state === 'in' || state === 'back' ? 0 : paid - stake)

const Lately = ({ seats }: { readonly seats: Own['seats'] }) => (
  <ul className="mt-2">
    {seats.map((seat, i) => (
      // biome-ignore lint/suspicious/noArrayIndexKey: one may have several bets on a round, which differ by place alone
      <li key={`${seat.round}/${i}`} className="flex items-baseline gap-3 border-b border-line py-2">
        <Link to={`/games/${seat.round}`} className="min-w-0 flex-1 underline-offset-2 hover:underline">
          <span className="font-medium">{GAME_NAMES[seat.game]}</span>{' '}
          <span className="text-muted">
            {digits(seat.stake)} · {SEAT_SAID[seat.state]} · {dayText(seat.at)}
          </span>
        </Link>
        <span
          className={clsx(
            'tabular shrink-0 font-medium',
            netOf(seat) < 0 ? 'text-brick-text' : netOf(seat) > 0 ? 'text-moss-text' : 'text-muted',
          )}
        >
          {signed(netOf(seat))}
        </span>
      </li>
    ))}
  </ul>
)

/** What I staked and won, the net of it all, and sitting out. */
export function OwnGames({ own }: { own: Own }) {
  const { currency } = useChannel()
  const open = own.seats.filter(({ state }) => state === 'in').reduce((sum, { stake }) => sum + stake, 0)
  const net = own.paid - (own.staked - open)
  return (
    <section aria-labelledby="own-games" className="mt-8">
      <h2 id="own-games" className="text-xl">
        My games
      </h2>
      {own.rounds === 0 ? (
        <p className="mt-1 text-muted">You have not played yet.</p>
      ) : (
        <>
          <p className="mt-1">
            {digits(own.rounds)} played, {inWords(own.staked, currency)} staked, {digits(own.paid)} paid back:{' '}
            <strong className={clsx('tabular', net < 0 ? 'text-brick-text' : 'text-moss-text')}>
              {signed(net)} net
            </strong>
            {open > 0 && <span className="text-muted"> ({digits(open)} still open)</span>}
          </p>
          <Lately seats={own.seats.slice(0, 12)} />
        </>
      )}
      <SitOut until={own.sitsOutUntil} />
    </section>
  )
}
