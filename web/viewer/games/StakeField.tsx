import { digits } from '#core/currency'
import type { Stakes } from '#core/games'
import { useMe } from '../channel.ts'

interface StakeFieldProps {
  readonly stakes: Stakes
  readonly stake: string
  readonly setStake: (stake: string) => void
  readonly label?: string
}

/** How much is staked, as in chat: 50, 1k, half or all. Says what one may stake now. */
export function StakeField({ stakes, stake, setStake, label = 'Stake' }: StakeFieldProps) {
  const balance = useMe()?.balance ?? 0
  const share = Math.floor((balance * stakes.share) / 100)
  const most = stakes.largest === 0 ? share : Math.min(share, stakes.largest)
  const bounds =
    most < stakes.smallest
      ? `The smallest stake is ${digits(stakes.smallest)}; you can stake ${digits(most)} now.`
      : `${digits(stakes.smallest)} to ${digits(most)} for you now.`
  return (
    <div className="flex flex-col gap-1">
      <label className="flex flex-col gap-1">
        <span className="font-medium">{label}</span>
        <input
          required
          value={stake}
          inputMode="text"
          autoCapitalize="none"
          maxLength={20}
          onChange={(event) => setStake(event.target.value)}
          className="tabular min-h-touch w-32 rounded-md border border-line bg-panel px-3 text-right"
        />
      </label>
      <p className="text-note text-muted">{bounds}</p>
    </div>
  )
}
