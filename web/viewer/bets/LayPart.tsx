import { useState } from 'react'
import { wouldBring } from '#core/bets'
import { type Currency, digits, inWords } from '#core/currency'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { Radios } from '../../parts/form/Radios.tsx'
import { mostNow, type OwnBet, useLay } from './bets.ts'

interface LayProps {
  readonly bet: OwnBet
  readonly balance: number
  readonly currency: Currency
}

/** The way to bet: an outcome, an amount with + and - and parts of what one has, and what it would bring now. */
export function LayPart({ bet, balance, currency }: LayProps) {
  const { own, lanes, stakes } = bet
  const held = own?.staked.findIndex((staked) => staked > 0) ?? -1
  const only = !bet.several && held >= 0
  const [chosen, setChosen] = useState<number>()
  const lay = useLay(bet.id)
  if (own?.why) return <p>{own.why}</p>
  const most = mostNow(bet, balance)
  const outcome = only ? held : (chosen ?? -1)
  return (
    <div className="flex flex-col gap-3">
      {lay.error && <Problem error={lay.error} />}
      {!only && (
        <Radios
          legend="Bet on"
          inRow
          value={outcome}
          choices={lanes.map(({ name }, value) => ({ value, name }))}
          onChoose={setChosen}
        />
      )}
      {most < stakes.smallest ? (
        <p className="text-muted">
          {most <= 0 ? 'You cannot add to it now' : `You could stake ${inWords(most, currency)} now`}: the smallest
          stake is {inWords(stakes.smallest, currency)}.
        </p>
      ) : (
        <Stake bet={bet} outcome={outcome} most={most} adds={only} lay={lay} currency={currency} />
      )}
      {bet.takeBack && held >= 0 && <TakeBack lay={lay} />}
    </div>
  )
}

const TakeBack = ({ lay }: { lay: ReturnType<typeof useLay> }) => (
  <Button
    look="quiet"
    className="min-h-touch self-start"
    disabled={lay.isPending}
    onClick={() => lay.mutate({ outcome: null, stake: 0 })}
  >
    Take my bet back
  </Button>
)

interface OneStakeProps extends Pick<LayProps, 'bet' | 'currency'> {
  readonly outcome: number
  readonly most: number
  /** Whether it is added to what is there. */
  readonly adds: boolean
  readonly lay: ReturnType<typeof useLay>
}

function Stake({ bet, outcome, most, adds, lay, currency }: OneStakeProps) {
  const { lanes, stakes } = bet
  const [typed, setTyped] = useState<number>()
  const stake = Math.min(typed ?? stakes.smallest, most)
  const staked = lanes.map((lane) => lane.staked)
  return (
    <>
      <StakeChoice stake={stake} most={most} smallest={stakes.smallest} set={setTyped} />
      <div className="flex flex-wrap items-center gap-3">
        <Button
          look="main"
          className="min-h-touch"
          disabled={outcome < 0 || lay.isPending}
          onClick={() => lay.mutate({ outcome, stake })}
        >
          {outcome < 0 ? 'Choose an outcome' : `${adds ? 'Add' : 'Bet'} ${inWords(stake, currency)}`}
        </Button>
        {outcome >= 0 && (
          <span className="tabular text-muted">
            {adds ? 'These' : 'It'} would bring {digits(wouldBring(staked, outcome, stake, bet.rakeBp))} now
          </span>
        )}
      </div>
    </>
  )
}

interface StakeProps {
  readonly stake: number
  readonly most: number
  readonly smallest: number
  readonly set: (stake: number) => void
}

/** A step that suits the size: 10 below 100, 100 below 1,000, and so on. */
const stepOf = (stake: number): number => 10 ** Math.max(1, Math.floor(Math.log10(Math.max(1, stake))))

/** An amount: with + and -, typed, or a part of the most that one may stake. */
function StakeChoice({ stake, most, smallest, set }: StakeProps) {
  const within = (wanted: number) => set(Math.max(smallest, Math.min(most, wanted)))
  const step = stepOf(stake)
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Button className="min-h-touch w-11" aria-label="− less" onClick={() => within(stake - step)}>
        −
      </Button>
      <input
        aria-label="Stake"
        value={stake}
        inputMode="numeric"
        maxLength={16}
        onChange={(event) => set(Number(event.target.value.replace(/\D/g, '')) || 0)}
        onBlur={() => within(stake)}
        className="tabular min-h-touch w-28 rounded-md border border-line bg-surface px-3 text-right"
      />
      <Button className="min-h-touch w-11" aria-label="+ more" onClick={() => within(stake + step)}>
        +
      </Button>
      {([4, 2, 1] as const).map((part) => (
        <Button key={part} className="min-h-touch" onClick={() => within(Math.floor(most / part))}>
          {part === 1 ? 'Most' : `1/${part}`}
        </Button>
      ))}
    </div>
  )
}
