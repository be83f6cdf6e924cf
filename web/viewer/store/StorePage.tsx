import { useState } from 'react'
import { digits, durationInWords, inWords } from '#core/currency'
import { watchingFor } from '#core/earning'
import { type Reward, useChannel, useMe } from '../channel.ts'
import { BuyDialog } from '../later.tsx'
import { OwnOrders } from './OwnOrders.tsx'

/** What can be bought, with what is missing said in hours of watching. */
export function StorePage() {
  const { rewards } = useChannel()
  const [chosen, setChosen] = useState<Reward>()
  return (
    <>
      <OwnOrders only="waiting" />
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl">Store</h2>
        <p className="text-sm text-muted">
          {rewards.length} {rewards.length === 1 ? 'reward' : 'rewards'}
        </p>
      </div>
      {rewards.length === 0 && (
        <p className="mt-3 text-muted">Nothing is for sale right now. Look in again during the show.</p>
      )}
      <ul className="mt-1">
        {rewards.map((reward) => (
          <RewardRow key={reward.id} reward={reward} onChoose={() => setChosen(reward)} />
        ))}
      </ul>
      {chosen && <BuyDialog reward={chosen} close={() => setChosen(undefined)} />}
    </>
  )
}

function RewardRow({ reward, onChoose }: { reward: Reward; onChoose: () => void }) {
  const { currency, plan } = useChannel()
  const me = useMe()
  const short = me === undefined ? 0 : Math.max(0, reward.price - me.balance)
  const watching = watchingFor(plan, short)
  return (
    <li className="flex items-center gap-3 border-b border-line py-3">
      <img src={`/pictures/${reward.picture}.svg`} alt="" width={44} height={44} className="size-11 shrink-0" />
      <div className="min-w-0 flex-1">
        <h3 className="font-sans font-semibold">{reward.name}</h3>
        <p className="text-[0.93rem] text-muted">
          {short > 0
            ? `${digits(short)} short${watching === null ? '' : `: ${durationInWords(watching)} of watching`}`
            : reward.description}
        </p>
      </div>
      <button
        type="button"
        onClick={onChoose}
        aria-label={`${reward.name} for ${inWords(reward.price, currency)}${short > 0 ? `, ${digits(short)} short` : ''}`}
        className={`tabular min-h-11 w-[5.2rem] shrink-0 rounded-md border font-semibold ${
          short > 0 ? 'border-line text-muted' : 'border-brass-text bg-panel text-brass-text hover:bg-brass-wash'
        }`}
      >
        {digits(reward.price)}
      </button>
    </li>
  )
}
