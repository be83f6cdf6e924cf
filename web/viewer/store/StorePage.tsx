import { clsx } from 'clsx'
import { type FormEvent, useState } from 'react'
import { digits, durationInWords } from '#core/currency'
import { watchingFor } from '#core/earning'
import { costInWords } from '#core/store'
import { tallyInWords } from '#core/tallies'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { mediaBase, smallAddress } from '../../parts/media.ts'
import { usePageTitle } from '../../parts/page/PageTitle.tsx'
import { useChange } from '../../parts/useChange.ts'
import { type Reward, useChannel, useMe } from '../channel.ts'
import { BuyDialog } from '../later.tsx'
import { useOwnPlan } from '../standing.ts'
import { OpenNow } from './OpenNow.tsx'
import { OwnOrders } from './OwnOrders.tsx'
import { shortOfTally } from './told.ts'
import { WhyNot } from './WhyNot.tsx'

/** What can be bought, by group, with what is missing said in hours of watching. */
export function StorePage() {
  usePageTitle('Store')
  const { rewards, secrets, signedIn } = useChannel()
  const looking = useLooking()
  const [chosen, setChosen] = useState<number>()
  const groups = [...new Set(rewards.map(({ group }) => group))]
  const open = rewards.find(({ id }) => id === chosen)
  return (
    <>
      <OpenNow />
      <OwnOrders only="waiting" />
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl">Store</h2>
        <p className="text-sm text-muted">
          {rewards.length} {rewards.length === 1 ? 'reward' : 'rewards'}
        </p>
      </div>
      {rewards.length === 0 && (
        <p className="mt-3 text-muted">Nothing is for sale right now. Check back during the show.</p>
      )}
      {groups.map((group) => (
        <section key={group} aria-label={group === '' ? 'Rewards' : group} className="mt-1 mb-4">
          {group !== '' && <h3 className="mt-3 font-sans text-sm font-medium text-muted">{group}</h3>}
          <ul>
            {rewards
              .filter((reward) => reward.group === group)
              .map((reward) => (
                <RewardRow key={reward.id} reward={reward} looking={looking} onChoose={() => setChosen(reward.id)} />
              ))}
          </ul>
        </section>
      ))}
      {secrets && signedIn !== null && <SecretWord />}
      {open && <BuyDialog reward={open} close={() => setChosen(undefined)} />}
    </>
  )
}

/** Who looks at the store, and what they go by: asked for once, for there may be hundreds of rewards. */
function useLooking() {
  const { currency, slug } = useChannel()
  return { currency, slug, balance: useMe()?.balance, plan: useOwnPlan() }
}

type Looking = ReturnType<typeof useLooking>

/** What stands below the name of a reward that can be bought: how much is missing, or what it is. */
function tellingOf(reward: Reward, short: number, plan: Looking['plan']): string {
  const watching = watchingFor(plan, short)
  if (short > 0)
    return `${digits(short)} short${watching === null ? '' : `: ${durationInWords(watching)} of watching for you`}`
  return reward.description
}

interface RewardRowProps {
  readonly reward: Reward
  readonly looking: Looking
  readonly onChoose: () => void
}

function RewardRow({ reward, looking: { currency, slug, balance, plan }, onChoose }: RewardRowProps) {
  const Heading = reward.group === '' ? 'h3' : 'h4'
  const short = balance === undefined ? 0 : Math.max(0, reward.price - balance)
  const tallyShort = shortOfTally(reward)
  const telling = tellingOf(reward, short, plan)
  const now = reward.why === null && short === 0 && tallyShort === 0
  return (
    <li className={clsx('flex items-center gap-3 border-b border-line py-3', reward.why !== null && 'text-muted')}>
      <img
        src={smallAddress(reward.picture, mediaBase(slug))}
        alt=""
        width={44}
        height={44}
        className={clsx('size-11 shrink-0 rounded object-contain', reward.why !== null && 'opacity-60')}
      />
      <div className="min-w-0 flex-1">
        <Heading className="font-sans text-base font-semibold">
          {reward.name}
          {reward.left !== null && reward.left > 0 && (
            <span className="tabular ml-2 font-normal text-brass-text">{digits(reward.left)} left</span>
          )}
        </Heading>
        <p className="text-note text-muted">
          {reward.why === null ? telling : <WhyNot name={reward.name} why={reward.why} />}
        </p>
      </div>
      <button
        type="button"
        onClick={onChoose}
        aria-label={`${reward.name} for ${costInWords(reward.price, reward.tally, currency)}${short > 0 ? `, ${digits(short)} short` : ''}${tallyShort > 0 ? ', too few of them' : ''}${reward.why === null ? '' : ', not now'}`}
        className={clsx(
          'tabular min-h-touch w-21 shrink-0 rounded-md border font-semibold',
          now ? 'border-brass-text bg-panel text-brass-text hover:bg-brass-wash' : 'border-line text-muted',
        )}
      >
        <Cost reward={reward} />
      </button>
    </li>
  )
}

/** The price, and below it what it costs of a tally, with what one has of that. */
function Cost({ reward: { price, tally } }: Pick<RewardRowProps, 'reward'>) {
  if (tally === null) return price === 0 ? 'free' : digits(price)
  const has = tally.has !== null && tally.has < tally.count ? `${digits(tally.has)} of ` : ''
  return (
    <>
      {price > 0 && <span className="block">{digits(price)}</span>}
      <span className={clsx('block', price > 0 && 'text-tiny font-normal')}>
        {has}
        {tallyInWords(tally, tally.count)}
      </span>
    </>
  )
}

/** Where a secret word is said. */
function SecretWord() {
  const [word, setWord] = useState('')
  const say = useChange({
    ask: () => answerOf(api.POST('/unlock', { body: { word: word.trim() } })),
    invalidates: ['channel'],
    said: ({ unlocked }) => `Open for you now: ${unlocked.join(', ')}.`,
    onDone: () => {
      setWord('')
    },
    inPlace: true,
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    say.mutate()
  }
  return (
    <form onSubmit={submit} className="mt-4 flex flex-col gap-2">
      <label className="flex flex-col gap-1">
        <span className="font-medium">I know a secret word</span>
        <span className="flex gap-2">
          <input
            required
            maxLength={30}
            value={word}
            autoCapitalize="none"
            onChange={(event) => setWord(event.target.value)}
            className="min-w-0 flex-1 rounded-md border border-line bg-panel px-3 py-2"
          />
          <Button type="submit" disabled={say.isPending || word.trim() === ''} className="min-h-touch">
            Say it
          </Button>
        </span>
      </label>
      {say.error && <Problem error={say.error} />}
    </form>
  )
}
