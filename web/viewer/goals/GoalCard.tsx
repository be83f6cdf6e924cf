import { useState } from 'react'
import { type Currency, digits, inWords } from '#core/currency'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { GoalBar } from '../../parts/goals/GoalBar.tsx'
import { mediaAddress, mediaBase } from '../../parts/media.ts'
import { signInAddress } from '../../parts/SignIn.tsx'
import { dayText } from '../../parts/time.ts'
import { useChannel } from '../channel.ts'
import { type GoalsView, type OpenGoal, useChip } from './goals.ts'

/** A goal that is open: what is promised, how far it has come, who gave, and the way to chip in. */
export function GoalCard({ goal, view }: { goal: OpenGoal; view: GoalsView }) {
  const { slug, signedIn } = useChannel()
  const { title, description, picture, unreached, endsAt } = goal
  const money = unreached === 'refund' ? 'everybody gets their part back' : 'what was chipped in stays in'
  return (
    <li className="flex flex-col gap-3 rounded-md border border-line bg-panel p-4">
      <div className="flex flex-wrap items-start gap-4">
        <img src={mediaAddress(picture, mediaBase(slug))} alt="" className="size-20 shrink-0 object-contain" />
        <div className="min-w-0 flex-1">
          <h3 className="text-lg break-words">{title}</h3>
          {description !== '' && <p className="break-words">{description}</p>}
          <p className="text-note text-muted">
            {endsAt === null ? 'No end.' : `Until ${dayText(endsAt)}.`} If it is not reached, {money}.
          </p>
        </div>
      </div>
      <GoalBar paid={goal.paid} target={goal.target} milestones={goal.milestones} />
      {goal.status === 'open' && signedIn === null && <SignInToChip example={`!${view.word} 100 ${goal.word}`} />}
      {goal.status === 'open' && signedIn !== null && <ChipPart goal={goal} view={view} />}
      {goal.status === 'returning' && <p className="text-brass-text">It is being refunded.</p>}
      {goal.givers.length > 0 && <Givers goal={goal} />}
    </li>
  )
}

const SignInToChip = ({ example }: { example: string }) => (
  <p className="flex flex-wrap items-center gap-3">
    <span>
      Type <code className="font-semibold">{example}</code> in chat, or sign in to chip in here.
    </span>
    <a
      href={signInAddress('viewer')}
      className="inline-flex min-h-touch items-center rounded-md bg-brass px-4 font-semibold text-on-brass hover:bg-brass-hover"
    >
      Sign in
    </a>
  </p>
)

const Givers = ({ goal: { givers, people, lastName, lastAmount } }: { goal: OpenGoal }) => (
  <p className="tabular text-note text-muted">
    {lastName !== '' && `Last: ${lastName}, ${digits(lastAmount)}. `}
    Most from {givers.map(({ name, paid }) => `${name} ${digits(paid)}`).join(', ')}
    {people > givers.length && `, and ${digits(people - givers.length)} more`}.
  </p>
)

/** The most that can be given now. */
function mostNow({ target, paid, largest, own }: OpenGoal, balance: number): number {
  const room = largest === 0 ? balance : Math.max(0, largest - (own?.paid ?? 0))
  return Math.min(balance, target - paid, room)
}

function ChipPart({ goal, view }: { goal: OpenGoal; view: GoalsView }) {
  const chip = useChip(goal.id)
  const { own } = goal
  if (own?.why) return <p>{own.why}</p>
  const most = mostNow(goal, view.balance ?? 0)
  const least = Math.min(goal.smallest, goal.target - goal.paid)
  const has = own?.paid ?? 0
  return (
    <div className="flex flex-col gap-2">
      {chip.error && <Problem error={chip.error} />}
      {has > 0 && <p className="tabular text-brass-text">{inWords(has, view.currency)} of it are yours.</p>}
      {most < least ? (
        <p className="text-muted">
          You have too little to chip in now: the smallest part is {inWords(least, view.currency)}.
        </p>
      ) : (
        <Amount chip={chip} least={least} most={most} currency={view.currency} />
      )}
      {goal.withdraw && has > 0 && (
        <Button look="quiet" className="min-h-touch self-start" onClick={() => chip.mutate(null)}>
          Take my part back
        </Button>
      )}
    </div>
  )
}

interface AmountProps {
  readonly chip: ReturnType<typeof useChip>
  readonly least: number
  readonly most: number
  readonly currency: Currency
}

/** How much, typed or by steps, and the button that gives it. */
function Amount({ chip, least, most, currency }: AmountProps) {
  const [typed, setTyped] = useState<number>()
  const amount = Math.min(typed ?? Math.max(least, 50), most)
  return (
    <div className="flex flex-wrap items-center gap-2">
      <input
        aria-label="How much"
        value={amount}
        inputMode="numeric"
        maxLength={12}
        onChange={(event) => setTyped(Number(event.target.value.replace(/\D/g, '')) || 0)}
        className="tabular min-h-touch w-28 rounded-md border border-line bg-surface px-3 text-right"
      />
      {[100, 500].map((more) => (
        <Button key={more} className="min-h-touch" onClick={() => setTyped(Math.min(most, amount + more))}>
          +{more}
        </Button>
      ))}
      <Button
        look="main"
        className="min-h-touch"
        disabled={amount < least || chip.isPending}
        onClick={() => chip.mutate(amount)}
      >
        Chip in {inWords(amount, currency)}
      </Button>
    </div>
  )
}
