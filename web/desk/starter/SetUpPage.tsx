import { useQuery } from '@tanstack/react-query'
import { clsx } from 'clsx'
import { Circle, CircleCheck } from 'lucide-react'
import type { ReactNode } from 'react'
import { Link } from 'react-router'
import type { StepKey } from '#core/starter'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { useChange } from '../../parts/useChange.ts'
import { useStatus } from '../status.ts'
import { Bring } from './Bring.tsx'
import { Starter } from './Starter.tsx'
import { Tell } from './Tell.tsx'
import { type StarterState, starterQuery } from './view.ts'

interface Told {
  readonly name: string
  /** What it is for, or what is true once it is done. */
  readonly says: string
  readonly done: string
  /** Where it is done, where that is another page. */
  readonly to?: readonly [page: string, label: string]
}

const TOLD: Readonly<Record<StepKey, Told>> = {
  chat: {
    name: 'Room and bot',
    says: 'The bot joins your chat room. In a room of your own network, make it a moderator there, so that it may speak quickly.',
    done: 'The bot is in your room.',
    to: ['/connections', 'Connect the room'],
  },
  events: {
    name: 'Follows, subscriptions, raids and tips',
    says: 'Your platform tells Ricompensa about them, so that they are thanked and paid for.',
    done: 'Events come in.',
    to: ['/connections', 'Connect events'],
  },
  starter: {
    name: 'A starter made for your audience',
    says: 'Earning, ranks, rewards, commands, games and an overlay, priced for the people you have. You see everything before you take it.',
    done: 'There is something to buy.',
  },
  overlay: {
    name: 'The overlay in your streaming program',
    says: 'Copy the overlay’s address into your program as a browser source. This step is done once it plays.',
    done: 'An overlay has been connected.',
    to: ['/screen', 'Copy the address'],
  },
  people: {
    name: 'Bring your people',
    says: 'A file with names, balances, hours and since when they follow, so that nobody who has been here for years counts as a stranger.',
    done: 'Followers are known.',
    to: ['/people?open=import', 'Import a file'],
  },
  tell: {
    name: 'Tell your viewers',
    says: 'Where they see their balance, buy and play.',
    done: 'Somebody has signed in on your viewer page.',
  },
  show: {
    name: 'Your first show',
    says: 'Press “Go on air” at the top when you begin. From then on watching pays.',
    done: 'You have been on air.',
    to: ['/', 'Go to On air'],
  },
  order: {
    name: 'Your first order done',
    says: 'Orders wait at the right of every page. Do what was bought, then press Done.',
    done: 'An order is done.',
    to: ['/store/orders', 'See the orders'],
  },
}

/** The way to the first evening: what there is to do, in the order in which it is done. It checks itself by what is true. */
export function SetUpPage() {
  const { owner } = useStatus()
  const found = useQuery({ ...starterQuery, enabled: owner })
  if (!owner) return <p className="text-muted">Only an owner of the channel sees this page. Ask one.</p>
  if (found.error) return <Problem error={found.error} retry={() => void found.refetch()} />
  if (found.data === undefined) return <Loading what="the steps" />
  return <Steps state={found.data} />
}

function Steps({ state }: { readonly state: StarterState }) {
  const left = state.steps.filter(({ done, skipped }) => !done && !skipped)
  const done = state.steps.filter((one) => one.done).length
  const [next] = left
  return (
    <div className="flex max-w-4xl flex-col gap-4">
      <p aria-live="polite" className="tabular text-muted">
        {left.length === 0
          ? 'All is set up. This page stays here, under “Behind it”.'
          : `${done} of ${state.steps.length} done. Take them in any order; what is done shows by itself.`}
      </p>
      <ol className="flex flex-col gap-3">
        {state.steps.map(({ step, ...stands }) => (
          <Step key={step} step={step} {...stands} open={step === next?.step}>
            {step === 'starter' && <Starter usual={state.usual} begun={stands.done} />}
            {step === 'people' && <Bring />}
            {step === 'tell' && <Tell page={state.page} usual={state.usual} />}
          </Step>
        ))}
      </ol>
    </div>
  )
}

interface StepProps {
  readonly step: StepKey
  readonly done: boolean
  readonly skipped: boolean
  /** Whether it is the next one: then it stands out. */
  readonly open: boolean
  readonly children: ReactNode
}

function Step({ step, done, skipped, open, children }: StepProps) {
  const told = TOLD[step]
  const skip = useChange({
    ask: (value: boolean) => answerOf(api.PUT('/desk/starter/skipped', { body: { step, skip: value } })),
    invalidates: ['starter'],
  })
  return (
    <li className={clsx('rounded-md border bg-panel px-4 py-3', open ? 'border-brass' : 'border-line')}>
      <div className="flex flex-wrap items-start gap-x-3 gap-y-2">
        <Mark done={done} />
        <div className="min-w-0 flex-1 basis-64">
          <h2 className="font-sans text-base font-semibold">{told.name}</h2>
          <p className="text-muted">{done ? told.done : skipped ? 'Left out.' : told.says}</p>
        </div>
        {told.to && !skipped && (
          <Link
            to={told.to[0]}
            className={clsx(
              'inline-flex min-h-8 items-center rounded-md px-3 py-1',
              open ? 'bg-brass font-semibold text-on-brass hover:bg-brass-hover' : 'border border-line hover:bg-raised',
            )}
          >
            {done ? 'Open' : told.to[1]}
          </Link>
        )}
        {!done && (
          <Button look="quiet" disabled={skip.isPending} onClick={() => skip.mutate(!skipped)}>
            {skipped ? 'Take it up again' : 'Skip'}
          </Button>
        )}
      </div>
      {!skipped && children}
    </li>
  )
}

const Mark = ({ done }: { readonly done: boolean }) =>
  done ? (
    <CircleCheck role="img" aria-label="done" className="mt-0.5 size-5 text-moss-text" />
  ) : (
    <Circle role="img" aria-label="to do" className="mt-0.5 size-5 text-muted" />
  )
