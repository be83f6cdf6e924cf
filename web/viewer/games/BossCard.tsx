import { useState } from 'react'
import { digits, inWords } from '#core/currency'
import { bossReturn, returnsInWords, returnsOf, type SettingsOf, sizesOf, winChance } from '#core/games'
import { mediaAddress, mediaBase } from '../../parts/media.ts'
import { type ColumnHead, ColumnHeads } from '../../parts/table/ColumnHeads.tsx'
import { useNow } from '../../parts/time.ts'
import { useChannel } from '../channel.ts'
import { CrowdNames, CrowdOn } from './CrowdOn.tsx'
import { GameCard, PlayForm } from './GameCard.tsx'
import type { GamesView, OpenRound, OwnSeat } from './games.ts'
import type { GameCardProps, GameView } from './gameView.ts'
import { StakeField } from './StakeField.tsx'

/** The boss: everybody strikes at one, and all win or nobody does. */
export function BossCard({ view, settings, own, signedIn }: GameCardProps<'boss'>) {
  const round = view.rounds.find(({ game }) => game === 'boss')
  const mine = own.find((seat) => seat.round === round?.id)
  const returns = returnsOf('boss', settings)
  return (
    <GameCard
      name={`Boss fight: ${settings.name}`}
      how={howItGoes(settings)}
      returns={returns && returnsInWords(returns)}
      chat={`!${settings.word.word} 50`}
    >
      {round && <BossOn round={round} view={view} mine={mine} />}
      {signedIn && mine === undefined && round?.status !== 'running' && (
        <Join settings={settings} joins={round !== undefined} />
      )}
      <Chances settings={settings} crew={round?.seats ?? 0} />
    </GameCard>
  )
}

const howItGoes = ({ blows, needPpm, multiplier, lastBlowBonus }: SettingsOf['boss']): string =>
  `Everybody strikes ${blows === 1 ? 'once' : `${blows} times`}. If ${digits(needPpm / 10_000)} % of all blows hit, it falls and each gets ${(multiplier / 100).toFixed(2)} times the stake; otherwise nobody gets anything.${lastBlowBonus === 0 ? '' : ` Whoever strikes the last blow gets ${digits(lastBlowBonus)} more.`}`

function Join({ settings, joins }: { settings: SettingsOf['boss']; joins: boolean }) {
  const [stake, setStake] = useState(String(settings.stakes.smallest))
  return (
    <PlayForm act={{ do: 'boss', stake }} does={joins ? 'Fight with them' : 'Call to the fight'}>
      <StakeField stakes={settings.stakes} stake={stake} setStake={setStake} />
    </PlayForm>
  )
}

interface BossOnProps {
  readonly round: OpenRound
  readonly view: GamesView
  readonly mine: OwnSeat | undefined
}

function BossOn({ round, view, mine }: BossOnProps) {
  const left = Math.max(0, Math.ceil((round.nextAt ?? 0) - useNow(view.ahead)))
  const { slug } = useChannel()
  const { state, seats, staked, status } = round
  if (state.of !== 'boss') return null
  return (
    <CrowdOn round={round}>
      <div className="flex items-center gap-4">
        <img src={mediaAddress(state.picture, mediaBase(slug))} alt="" className="size-16 shrink-0 object-contain" />
        {status === 'gathering' ? (
          <p>
            <strong>{seats === 1 ? 'One is' : `${digits(seats)} are`} in</strong> with {inWords(staked, view.currency)}.{' '}
            {seats > 0 && `You would win ${(winChance(state.strength, seats) * 100).toFixed(1)} % of the time. `}
            It starts in <span className="tabular">{left} s</span>.
          </p>
        ) : (
          <p>
            <strong>
              {digits(state.hits)} of {digits(state.needed)} hits
            </strong>{' '}
            after {state.step} of {state.strength.blows} blows. The next comes in{' '}
            <span className="tabular">{left} s</span>.
          </p>
        )}
      </div>
      <CrowdNames round={round} />
      {mine && (
        <p className="font-medium">
          You are in with {inWords(mine.stake, view.currency)}
          {mine.plan.hits !== undefined && `, ${digits(mine.plan.hits)} of your blows hit`}.
        </p>
      )}
    </CrowdOn>
  )
}

const HEADS: readonly ColumnHead[] = [
  { name: 'People' },
  { name: 'you win', end: true },
  { name: 'pays back', end: true },
]

const ROWS = 12
const percent = (part: number): string => `${(part * 100).toFixed(1)} %`

/** The chance to win and what comes back, for some sizes of the crew. */
function Chances({ settings, crew }: { settings: SettingsOf['boss']; crew: number }) {
  const all = sizesOf(settings)
  const step = Math.max(1, Math.ceil(all.length / ROWS))
  const sizes = all.filter((size, i) => i % step === 0 || size === crew || i === all.length - 1)
  return (
    <details className="mt-4">
      <summary className="cursor-pointer text-muted">Chances by how many come</summary>
      <table className="tabular mt-2 w-full text-note">
        <ColumnHeads heads={HEADS} />
        <tbody>
          {sizes.map((size) => (
            <tr key={size} className="border-t border-line">
              <th scope="row" className="py-1.5 text-left font-normal">
                {digits(size)}
              </th>
              <td className="text-right">{percent(winChance(settings, size))}</td>
              <td className="text-right">{percent(bossReturn(settings, size, settings.stakes.smallest))}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  )
}

export const bossView: GameView<'boss'> = {
  Card: BossCard,
  ends: ({ name, hits, needed }, { status }) =>
    status === 'settled'
      ? `${name} ${hits >= needed ? 'fell' : 'stood'}, ${digits(hits)} hits of the ${digits(needed)} it took`
      : name,
  seat: ({ plan: { hits } }) => (hits === undefined ? undefined : `${digits(hits)} ${hits === 1 ? 'hit' : 'hits'}`),
}
