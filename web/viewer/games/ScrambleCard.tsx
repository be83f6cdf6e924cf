import { digits, inWords } from '#core/currency'
import { placesPaid, returnsInWords, returnsOf, type SettingsOf, scramblePrize } from '#core/games'
import { useNow } from '../../parts/time.ts'
import { CrowdNames, CrowdOn } from './CrowdOn.tsx'
import { GameCard, PlayForm } from './GameCard.tsx'
import type { GamesView, OpenRound, OwnSeat } from './games.ts'
import type { GameCardProps, GameView } from './gameView.ts'

/** The scramble: everybody puts in the same, and everybody has the same chance to be left. */
export function ScrambleCard({ view, settings, own, signedIn }: GameCardProps<'scramble'>) {
  const { currency } = view
  const round = view.rounds.find(({ game }) => game === 'scramble')
  const mine = own.find((seat) => seat.round === round?.id)
  const returns = returnsOf('scramble', settings)
  const stake = round?.state.of === 'scramble' ? round.state.stake : settings.stake
  const puts = stake === 0 ? 'It is free' : `Everybody puts in ${inWords(stake, currency)}`
  const adds = settings.adds === 0 ? '' : `, and the house adds ${inWords(settings.adds, currency)}`
  return (
    <GameCard
      name="Scramble"
      how={`${puts}${adds}. People go out in waves, everybody with the same chance; ${placesInWords(settings)}`}
      returns={returns && returnsInWords(returns)}
      chat={`!${settings.word.word}`}
    >
      {round && <ScrambleOn round={round} view={view} mine={mine} />}
      {signedIn && mine === undefined && round?.status !== 'running' && (
        <PlayForm act={{ do: 'scramble' }} does={joinInWords(round !== undefined, stake)}>
          {null}
        </PlayForm>
      )}
    </GameCard>
  )
}

const joinInWords = (on: boolean, stake: number): string =>
  `${on ? 'Join in' : 'Start a scramble'}${stake === 0 ? '' : ` for ${digits(stake)}`}`

const share = (ppm: number): string => `${digits(ppm / 10_000)} %`

/** "the last one gets 60 % of the prize, the next 30 %, 10 %." */
function placesInWords({ sharesPpm, rakeBp }: SettingsOf['scramble']): string {
  const [first = 0, ...others] = sharesPpm
  const over = 1_000_000 - sharesPpm.reduce((sum, one) => sum + one, 0)
  const next = others.length === 0 ? '' : `, the next ${others.map(share).join(', ')}`
  const kept = rakeBp === 0 ? '' : ` (the house keeps ${digits(rakeBp / 100)} % of the stakes)`
  return `the last one gets ${share(first + over)} of the prize${next}${kept}.`
}

interface ScrambleOnProps {
  readonly round: OpenRound
  readonly view: GamesView
  readonly mine: OwnSeat | undefined
}

function ScrambleOn({ round, view, mine }: ScrambleOnProps) {
  const left = Math.max(0, Math.ceil((round.nextAt ?? 0) - useNow(view.ahead)))
  const { state, seats, staked, status } = round
  if (state.of !== 'scramble') return null
  const { prize } = scramblePrize(staked, state.rakeBp, state.adds)
  const [first = 0] = placesPaid(prize, state.sharesPpm, Math.max(1, seats))
  return (
    <CrowdOn round={round}>
      {status === 'gathering' ? (
        <p>
          <strong>{seats === 1 ? 'One is' : `${digits(seats)} are`} in</strong>; the first place gets{' '}
          {inWords(first, view.currency)} so far. It starts in <span className="tabular">{left} s</span>.
        </p>
      ) : (
        <p>
          <strong>{digits(state.left)}</strong> of {digits(seats)} are left. The next wave goes in{' '}
          <span className="tabular">{left} s</span>.
        </p>
      )}
      <CrowdNames round={round} />
      {mine && <p className="font-medium">{mineInWords(mine, status)}</p>}
    </CrowdOn>
  )
}

function mineInWords({ state, paid }: OwnSeat, status: OpenRound['status']): string {
  if (state === 'in') return status === 'gathering' ? 'You are in.' : 'You are still in.'
  return paid > 0 ? `You are out with ${digits(paid)}.` : 'You are out.'
}

export const scrambleView: GameView<'scramble'> = {
  Card: ScrambleCard,
  ends: (_, { status, seats }) => (status === 'settled' ? `${digits(seats)} people` : `${digits(seats)} in`),
  seat: ({ room }) => (room === null ? undefined : `place ${digits(room)}`),
}
