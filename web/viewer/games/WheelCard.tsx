import { useState } from 'react'
import { digits, inWords } from '#core/currency'
import { betInWords, colourOf, returnsInWords, returnsOf, type SettingsOf } from '#core/games'
import { LastNumbers } from '../../parts/games/LastNumbers.tsx'
import { Wheel } from '../../parts/games/Wheel.tsx'
import { useNow } from '../../parts/time.ts'
import { GameCard, PlayForm } from './GameCard.tsx'
import type { GamesView, OpenRound, OwnSeat } from './games.ts'
import type { GameCardProps, GameView } from './gameView.ts'
import { StakeField } from './StakeField.tsx'

const ON = [
  'red',
  'black',
  'odd',
  'even',
  'low',
  'high',
  'first dozen',
  'second dozen',
  'third dozen',
  'first column',
  'second column',
  'third column',
] as const
const SAID: Readonly<Record<string, string>> = { low: 'low (1 to 18)', high: 'high (19 to 36)' }

/** The wheel: bets of several kinds, one spin for all, and the last numbers. */
function WheelCard({ view, settings, own, signedIn }: GameCardProps<'roulette'>) {
  const round = view.rounds.find(({ game }) => game === 'roulette')
  const bets = own.filter((seat) => seat.round === round?.id)
  const returns = returnsOf('roulette', settings)
  const running = round?.status === 'running' && round.state.of === 'roulette' ? round.state.number : null
  return (
    <GameCard
      name="Roulette"
      how={`One spin for all. A number pays 36 times the bet, a dozen or column 3 times, the rest twice; 0 is on its own. The house pays ${digits(settings.houseLimit)} a spin at most.`}
      returns={returns && returnsInWords(returns)}
      chat={`!${settings.word.word} 50 red, or !${settings.word.word} 20 17, 10 second dozen`}
    >
      <div className="flex flex-wrap items-start gap-5">
        <Wheel
          number={running ?? (round === undefined ? (view.last[0] ?? null) : null)}
          turns={running !== null}
          className="size-36 shrink-0"
        />
        <div className="min-w-0 flex-1 basis-60">
          {round && <OnWheel round={round} view={view} bets={bets} />}
          {signedIn && round?.status !== 'running' && <Bet settings={settings} />}
        </div>
      </div>
      <LastNumbers last={view.last} />
    </GameCard>
  )
}

/** "20 on red, 10 on 17": bets on the same lie together. */
function summedUp(bets: readonly OwnSeat[]): string {
  const sums = new Map<string, number>()
  for (const { stake, plan } of bets) {
    const on = plan.on === undefined ? '?' : betInWords(plan.on)
    sums.set(on, (sums.get(on) ?? 0) + stake)
  }
  return [...sums].map(([on, sum]) => `${digits(sum)} on ${on}`).join(', ')
}

function OnWheel({ round, view, bets }: { round: OpenRound; view: GamesView; bets: readonly OwnSeat[] }) {
  const left = Math.max(0, Math.ceil((round.nextAt ?? 0) - useNow(view.ahead)))
  const { state } = round
  const told =
    state.of === 'roulette' && state.number !== null ? `${state.number} ${colourOf(state.number)}` : undefined
  return (
    <div className="mb-3">
      <p>
        {round.status === 'running' ? (
          <strong>No more bets. {told}</strong>
        ) : (
          <>
            <strong>Bets are open</strong> for <span className="tabular">{left} s</span>:{' '}
            {inWords(round.staked, view.currency)} lie on it.
          </>
        )}
      </p>
      {bets.length > 0 && <p className="text-muted">Yours: {summedUp(bets)}</p>}
    </div>
  )
}

function Bet({ settings }: { settings: SettingsOf['roulette'] }) {
  const [stake, setStake] = useState(String(settings.stakes.smallest))
  const [on, setOn] = useState<string>('red')
  return (
    <PlayForm act={{ do: 'roulette', bets: `${stake} ${on}` }} does="Bet">
      <StakeField stakes={settings.stakes} stake={stake} setStake={setStake} label="Bet" />
      <label className="flex flex-col gap-1">
        <span className="font-medium">On</span>
        <select
          value={on}
          onChange={(event) => setOn(event.target.value)}
          className="min-h-touch rounded-md border border-line bg-panel px-3"
        >
          {ON.map((one) => (
            <option key={one} value={one}>
              {SAID[one] ?? one}
            </option>
          ))}
          {Array.from({ length: 37 }, (_, i) => i).map((n) => (
            <option key={n} value={n}>
              {n}
            </option>
          ))}
        </select>
      </label>
    </PlayForm>
  )
}

export const rouletteView: GameView<'roulette'> = {
  Card: WheelCard,
  ends: ({ number }) => (number === null ? 'bets are open' : `${number} ${colourOf(number)}`),
}
