import { useState } from 'react'
import { inPercent, machineOdds, returnsInWords, returnsOf, type SettingsOf } from '#core/games'
import { Radios } from '../../parts/form/Radios.tsx'
import { SymbolShown } from '../../parts/games/SymbolShown.tsx'
import { GameCard, PlayForm } from './GameCard.tsx'
import type { GameCardProps, GameView } from './gameView.ts'
import { StakeField } from './StakeField.tsx'

/** The reels: three symbols, and a table of what they pay. */
function ReelsCard({ settings, signedIn }: GameCardProps<'reels'>) {
  const [stake, setStake] = useState(String(settings.stakes.smallest))
  const { hits } = machineOdds(settings)
  const returns = returnsOf('reels', settings)
  return (
    <GameCard
      name="Reels"
      how={`Three reels stop one after the other. ${inPercent(hits)} of the spins pay something.`}
      returns={returns && returnsInWords(returns)}
      chat={`!${settings.word.word} 50`}
    >
      {signedIn && (
        <PlayForm act={{ do: 'reels', stake }} does="Pull">
          <StakeField stakes={settings.stakes} stake={stake} setStake={setStake} />
        </PlayForm>
      )}
      <details className="mt-4">
        <summary className="cursor-pointer text-muted">What pays</summary>
        <PayTable settings={settings} />
      </details>
    </GameCard>
  )
}

function PayTable({ settings }: { settings: SettingsOf['reels'] }) {
  const odds = machineOdds(settings)
  return (
    <table className="tabular mt-2 w-full text-note">
      <thead>
        <tr className="text-muted">
          {['Shown', 'pays', 'how often'].map((name) => (
            <th key={name} scope="col" className="py-1 text-right font-normal first:text-left">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {settings.table.map((line, i) => (
          <tr key={`${line.match}/${line.symbol}`} className="border-t border-line">
            <th scope="row" className="flex items-center gap-1.5 py-1.5 text-left font-normal">
              {line.match === 'three' ? 'three' : 'two'} <SymbolShown symbol={line.symbol} className="size-6" />
              <span>{line.symbol}</span>
            </th>
            <td className="text-right">× {(line.multiplier / 100).toFixed(1)}</td>
            <td className="text-right">{odds.lines[i] && inPercent(odds.lines[i])}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

const SIDES = [
  { value: 'heads', name: 'heads' },
  { value: 'tails', name: 'tails' },
] as const

/** The coin: one half or the other. */
function CoinCard({ settings, signedIn }: GameCardProps<'coin'>) {
  const [stake, setStake] = useState(String(settings.stakes.smallest))
  const [side, setSide] = useState<'heads' | 'tails'>('heads')
  const returns = returnsOf('coin', settings)
  return (
    <GameCard
      name="Coin"
      how={`Heads or tails, one half each. The right side pays × ${(settings.multiplier / 100).toFixed(2)}.`}
      returns={returns && returnsInWords(returns)}
      chat={`!${settings.word.word} 50 tails`}
    >
      {signedIn && (
        <PlayForm act={{ do: 'coin', stake, side }} does={`Toss for ${side}`}>
          <StakeField stakes={settings.stakes} stake={stake} setStake={setStake} />
          <Radios legend="Side" value={side} choices={SIDES} onChoose={setSide} />
        </PlayForm>
      )}
    </GameCard>
  )
}

export const reelsView: GameView<'reels'> = {
  Card: ReelsCard,
  ends: ({ shown }) => shown.join(' · '),
}

export const coinView: GameView<'coin'> = {
  Card: CoinCard,
  ends: ({ side, called }) => `${side}, called ${called}`,
}
