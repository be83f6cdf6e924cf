import { useState } from 'react'
import { digits } from '#core/currency'
import { averageOf, type Game, inPercent, outcomesOf, PLAIN_WAY, type SettingsOf, type Way } from '#core/games'
import { Loading } from '../../../parts/feedback/Notice.tsx'
import { NumberInput } from '../../../parts/form/inputs.tsx'
import type { GameForm } from '../form.ts'
import { FORMS } from '../forms.ts'
import type { DeskGames } from '../view.ts'
import { Fan } from './Fan.tsx'
import { useEvening } from './useEvening.ts'

interface EveningPartProps<G extends Game> {
  readonly game: G
  readonly draft: SettingsOf[G]
  readonly view: DeskGames
}

const EVENINGS = 4000
/** How one player's evening may go: thousands of evenings tried, as a fan of what is left after each play. */
export function EveningPart<G extends Game>({ game, draft, view }: EveningPartProps<G>) {
  const Ways: GameForm<G>['Way'] = FORMS[game].Way
  const [balance, setBalance] = useState(1000)
  const [stake, setStake] = useState(50)
  const [plays, setPlays] = useState(40)
  const [way, setWay] = useState<Way>({ ...PLAIN_WAY, leaveAfter: 2 })
  const outcomes = outcomesOf(game, draft, way)
  const spread = useEvening({ outcomes, balance, stake, plays: Math.max(1, plays), evenings: EVENINGS })
  return (
    <div className="flex flex-col gap-4">
      <p className="flex flex-wrap items-center gap-x-2 gap-y-2">
        Somebody comes with <NumberInput label="They come with" value={balance} className="w-20" onValue={setBalance} />{' '}
        {view.currency.many} and plays{' '}
        <NumberInput label="Plays" value={plays} most={300} className="w-16" onValue={setPlays} /> times for{' '}
        <NumberInput label="Stake" value={stake} className="w-20" onValue={(n) => setStake(Math.max(1, n))} />
        {Ways && <Ways draft={draft} way={way} setWay={setWay} />}.
      </p>
      {spread === undefined ? (
        <Loading what="the evenings" />
      ) : (
        <>
          <Fan spread={spread} balance={balance} unit={view.currency.many} />
          <EndsWith spread={spread} />
        </>
      )}
      <p className="text-muted">
        {digits(EVENINGS)} evenings tried on this computer with what is in the form; played like this{' '}
        {inPercent(averageOf(outcomes))} of stakes is paid back on average.
      </p>
    </div>
  )
}

/** What most evenings end with. */
function EndsWith({ spread }: { spread: NonNullable<ReturnType<typeof useEvening>> }) {
  const last = (band: number) => <strong className="tabular">{digits(spread.bands[band]?.at(-1) ?? 0)}</strong>
  return (
    <p aria-live="polite">
      Half of the evenings end with {last(2)} or less; nine of ten between {last(0)} and {last(4)}.{' '}
      {spread.broke === 0
        ? 'Nobody ends with too little for another stake.'
        : `${((100 * spread.broke) / spread.evenings).toFixed(1)} % end with too little for another stake, half of those within ${spread.brokeAfter} plays.`}
    </p>
  )
}
