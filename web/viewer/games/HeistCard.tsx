import { useState } from 'react'
import { digits, inWords } from '#core/currency'
import {
  heistOdds,
  inPercent,
  paidAfter,
  returnsInWords,
  returnsOf,
  roomChance,
  type SettingsOf,
  type StateOf,
  siteFor,
} from '#core/games'
import { type ColumnHead, ColumnHeads } from '../../parts/table/ColumnHeads.tsx'
import { useNow } from '../../parts/time.ts'
import { GameCard, PlayButton, PlayForm } from './GameCard.tsx'
import type { GamesView, OpenRound, OwnSeat } from './games.ts'
import type { GameCardProps, GameView } from './gameView.ts'
import { StakeField } from './StakeField.tsx'

/** The heist: plan one, come along, or leave between two rooms. */
function HeistCard({ view, settings, own, signedIn }: GameCardProps<'heist'>) {
  const round = view.rounds.find(({ game }) => game === 'heist')
  const mine = own.find((seat) => seat.round === round?.id)
  const returns = returnsOf('heist', settings)
  return (
    <GameCard
      name="Heist"
      how={`A crew gathers for ${settings.gatherSeconds} s, then goes from room to room. Whoever leaves in time is paid; whoever is caught has nothing.`}
      returns={returns && returnsInWords(returns)}
      chat={`!${settings.word.word} 50, or !${settings.word.word} 50 2 to leave after the second room`}
    >
      {round && <HeistOn round={round} view={view} mine={mine} settings={settings} />}
      {signedIn && mine === undefined && round?.status !== 'running' && (
        <Join settings={settings} joins={round !== undefined} />
      )}
      <Rooms settings={settings} crew={Math.max(settings.leastCrew, round?.seats ?? 0)} />
    </GameCard>
  )
}

function Join({ settings, joins }: { settings: SettingsOf['heist']; joins: boolean }) {
  const [stake, setStake] = useState(String(settings.stakes.smallest))
  const [leave, setLeave] = useState('')
  const most = Math.max(...settings.sites.map(({ rooms }) => rooms.length))
  return (
    <PlayForm
      act={{ do: 'heist', stake, leaveAfter: leave === '' ? null : Number(leave) }}
      does={joins ? 'Come along' : 'Plan a heist'}
    >
      <StakeField stakes={settings.stakes} stake={stake} setStake={setStake} />
      <label className="flex flex-col gap-1">
        <span className="font-medium">My plan</span>
        <select
          value={leave}
          onChange={(event) => setLeave(event.target.value)}
          className="min-h-touch rounded-md border border-line bg-panel px-3"
        >
          <option value="">to the end</option>
          {Array.from({ length: most - 1 }, (_, i) => i + 1).map((room) => (
            <option key={room} value={room}>
              leave after room {room}
            </option>
          ))}
        </select>
      </label>
    </PlayForm>
  )
}

interface HeistOnProps {
  readonly round: OpenRound
  readonly view: GamesView
  readonly mine: OwnSeat | undefined
  readonly settings: SettingsOf['heist']
}

const paidNow = (stake: number, { site, step }: StateOf<'heist'>): number => {
  const room = site?.rooms[step - 1]
  return room === undefined ? 0 : paidAfter(stake, room)
}

/** How it stands for who looks. */
function Mine({ mine: { state, stake, plan, paid }, currency }: { mine: OwnSeat; currency: GamesView['currency'] }) {
  const leaves = plan.leaveAfter === undefined ? 'to the end' : `to leave after room ${plan.leaveAfter}`
  return (
    <p className="font-medium">
      {state === 'in'
        ? `You are in with ${inWords(stake, currency)}, ${leaves}`
        : state === 'caught'
          ? 'You were caught.'
          : `You are out with ${inWords(paid, currency)}.`}
    </p>
  )
}

const Crew = ({ round: { crew, seats } }: Pick<HeistOnProps, 'round'>) => {
  const names = crew.slice(0, 12).map(({ name }) => name)
  return (
    <p className="text-note text-muted">
      {names.join(', ')}
      {seats > 12 && ` and ${digits(seats - 12)} more`}
    </p>
  )
}

function HeistOn({ round, view, mine, settings }: HeistOnProps) {
  const left = Math.max(0, Math.ceil((round.nextAt ?? 0) - useNow(view.ahead)))
  const { state } = round
  if (state.of !== 'heist') return null
  const next = state.site?.rooms[state.step]
  const inside = mine?.state === 'in'
  return (
    <div className="mb-4 flex flex-col items-start gap-2 rounded-md border border-brass-text bg-brass-wash px-4 py-3">
      {state.site === null ? (
        <p>
          <strong>{round.seats === 1 ? 'One is' : `${digits(round.seats)} are`} in</strong> with{' '}
          {inWords(round.staked, view.currency)}. It sets off in <span className="tabular">{left} s</span>.
        </p>
      ) : (
        <p>
          <strong>{state.site.name}</strong>: {state.inside} of {round.seats} inside.
          {next && (
            <>
              {' '}
              Next, in <span className="tabular">{left} s</span>: {next.name}.
            </>
          )}
        </p>
      )}
      <Crew round={round} />
      {mine && <Mine mine={mine} currency={view.currency} />}
      {inside && state.step > 0 && (
        <PlayButton act={{ do: 'out' }} does={`Leave now with ${digits(paidNow(mine.stake, state))}`} main />
      )}
      {inside && state.step === 0 && settings.sites.length > 0 && (
        <p className="text-note text-muted">Between two rooms you can leave or stay.</p>
      )}
    </div>
  )
}

const ROOM_HEADS: readonly ColumnHead[] = [
  { name: 'Leave after' },
  { name: 'through', end: true },
  { name: 'so far', end: true },
  { name: 'pays', end: true },
  { name: 'returns', end: true },
]

/** What each room pays, how likely one gets so far, and what that returns. */
function Rooms({ settings, crew }: { settings: SettingsOf['heist']; crew: number }) {
  const site = siteFor(settings.sites, crew)
  const odds = heistOdds(site, crew)
  return (
    <details className="mt-4">
      <summary className="cursor-pointer text-muted">
        Chances with a crew of {crew}: {site.name}
      </summary>
      <table className="tabular mt-2 w-full text-note">
        <ColumnHeads heads={ROOM_HEADS} />
        <tbody>
          {site.rooms.map((room, i) => (
            <tr key={room.name} className="border-t border-line">
              <th scope="row" className="py-1.5 text-left font-normal">
                {i + 1}. {room.name}
              </th>
              <td className="text-right">{(roomChance(room, site, crew) / 10_000).toFixed(1)} %</td>
              <td className="text-right">{odds[i] && inPercent(odds[i].reaches)}</td>
              <td className="text-right">× {(room.multiplier / 100).toFixed(2)}</td>
              <td className="text-right">{odds[i] && inPercent(odds[i].returns)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  )
}

export const heistView: GameView<'heist'> = {
  Card: HeistCard,
  ends: ({ site, step }) => (site === null ? 'being planned' : `${site.name}: ${step} of ${site.rooms.length} rooms`),
}
