import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react'
import { useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { type Currency, digits, durationInWords, inWords } from '#core/currency'
import { watchingFor } from '#core/earning'
import { costInWords } from '#core/store'
import { tallyInWords } from '#core/tallies'
import { ApiProblem, answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { Field, INPUT } from '../../parts/form/inputs.tsx'
import { mediaAddress, mediaBase } from '../../parts/media.ts'
import { signInAddress } from '../../parts/SignIn.tsx'
import { useChange } from '../../parts/useChange.ts'
import { meQuery, type Reward, useChannel, useMe } from '../channel.ts'
import { useOwnPlan } from '../standing.ts'
import { AskField } from './AskField.tsx'
import { Code } from './OwnOrders.tsx'
import { shortOfTally } from './told.ts'
import { WhyNot } from './WhyNot.tsx'

/** One reward: what it is, its limits, what it costs, what is left after it, and the button that buys it. */
export function BuyDialog({ reward, close }: { reward: Reward; close: () => void }) {
  const { slug, words } = useChannel()
  return (
    <Dialog open onClose={close} className="fixed inset-0 z-40">
      <div className="fixed inset-0 bg-black/50" aria-hidden="true" />
      <div className="fixed inset-0 flex items-end justify-center sm:items-center sm:p-4">
        <DialogPanel className="flex max-h-dvh w-full max-w-md flex-col gap-4 overflow-y-auto rounded-t-md border border-line bg-panel p-5 sm:rounded-md">
          <div className="flex items-start gap-4">
            <img
              src={mediaAddress(reward.picture, mediaBase(slug))}
              alt=""
              width={64}
              height={64}
              className="size-16 rounded object-contain"
            />
            <div className="min-w-0">
              <DialogTitle className="text-xl">{reward.name}</DialogTitle>
              <p className="text-muted">{reward.description}</p>
              <p className="text-sm text-muted">
                In chat: {reward.command ? `!${reward.word}` : `!${words.get} ${reward.word}`}
              </p>
            </div>
          </div>
          {(reward.limits.length > 0 || reward.left !== null) && (
            <ul className="list-disc pl-5 text-note text-muted">
              {reward.left !== null && reward.left > 0 && <li>{digits(reward.left)} left.</li>}
              {reward.limits.map((limit) => (
                <li key={limit}>{limit}</li>
              ))}
            </ul>
          )}
          <BuyForm reward={reward} close={close} />
        </DialogPanel>
      </div>
    </Dialog>
  )
}

interface Said {
  readonly text: string
  readonly address: string
  readonly confirmed: boolean
  readonly again: boolean
}

const NEXT = { waiting: 'It is in the queue now.', running: 'It is active.' } as const

function useBuy(reward: Reward, close: () => void) {
  const { currency } = useChannel()
  const client = useQueryClient()
  return useChange({
    ask: ({ address, ...said }: Said) =>
      answerOf(
        api.POST('/orders', {
          body: {
            word: reward.word,
            ...said,
            address: reward.post === null ? null : address,
          },
        }),
      ),
    invalidates: reward.tally === null ? ['me'] : ['me', 'channel'],
    said: ({ balance, status, code }) =>
      code === null
        ? `Bought: ${reward.name}. ${status === 'waiting' || status === 'running' ? NEXT[status] : 'It happens now.'} ${inWords(balance, currency)} left.`
        : undefined,
    onDone: ({ balance, code }) => {
      client.setQueryData(meQuery.queryKey, (me) => me && { ...me, balance })
      if (code === null) close()
    },
    inPlace: true,
  })
}

function BuyForm({ reward, close }: { reward: Reward; close: () => void }) {
  const { currency, signedIn } = useChannel()
  const me = useMe()
  const [said, setSaid] = useState<Said>({ text: '', address: '', confirmed: false, again: false })
  const buy = useBuy(reward, close)
  const left = (me?.balance ?? 0) - reward.price
  if (signedIn === null) return <SignInFirst price={costInWords(reward.price, reward.tally, currency)} close={close} />
  if (buy.data?.code != null) return <HandedOut code={buy.data.code} balance={buy.data.balance} close={close} />
  const twice = buy.error instanceof ApiProblem && buy.error.code === 'order_twice'
  const submit = (event: FormEvent) => {
    event.preventDefault()
    buy.mutate({ ...said, again: twice })
  }
  return (
    <form className="flex flex-col gap-4" onSubmit={submit}>
      <AskedFields reward={reward} said={said} put={(patch) => setSaid({ ...said, ...patch })} />
      <WhatIsLeft reward={reward} left={left} />
      {buy.error && !twice && <Problem error={buy.error} />}
      {twice && (
        <p role="alert" className="rounded-md bg-brass-wash px-3 py-2 text-brass-text">
          {buy.error?.message}
        </p>
      )}
      <BuyFoot
        close={close}
        blocked={buy.isPending || me === undefined || left < 0 || shortOfTally(reward) > 0 || reward.why !== null}
        words={twice ? 'Yes, once more' : buyInWords(reward, currency)}
      />
    </form>
  )
}

const buyInWords = ({ price, tally }: Reward, currency: Currency): string =>
  price === 0 && tally === null ? 'Get it' : `Buy for ${costInWords(price, tally, currency)}`

interface BuyFootProps {
  readonly close: () => void
  readonly blocked: boolean
  readonly words: string
}

const BuyFoot = ({ close, blocked, words }: BuyFootProps) => (
  <div className="flex gap-2">
    <Button onClick={close} className="min-h-touch flex-1">
      Not now
    </Button>
    <Button look="main" type="submit" disabled={blocked} className="min-h-touch min-w-0 flex-2 whitespace-normal!">
      {words}
    </Button>
  </div>
)

interface AskedProps {
  readonly reward: Reward
  readonly said: Said
  readonly put: (patch: Partial<Said>) => void
}

/** What the streamer asks of whoever buys it. */
function AskedFields({ reward, said, put }: AskedProps) {
  return (
    <>
      {reward.asks.of !== 'nothing' && (
        <AskField asks={reward.asks} text={said.text} setText={(text) => put({ text })} />
      )}
      {reward.post !== null && (
        <Field
          label="Where should it be sent?"
          hint={`Seen by the streamer only, and erased ${reward.post === 1 ? 'a day' : `${reward.post} days`} after it was sent.`}
        >
          <textarea
            required
            rows={4}
            maxLength={500}
            autoComplete="street-address"
            value={said.address}
            onChange={(event) => put({ address: event.target.value })}
            className={INPUT}
          />
        </Field>
      )}
      {reward.confirm !== '' && (
        <label className="flex items-start gap-2">
          <input
            type="checkbox"
            required
            checked={said.confirmed}
            onChange={(event) => put({ confirmed: event.target.checked })}
            className="mt-1 size-4 shrink-0 accent-brass"
          />
          <span>{reward.confirm}</span>
        </label>
      )}
    </>
  )
}

/** Why it cannot be bought, or what is left after it. */
function WhatIsLeft({ reward, left }: { reward: Reward; left: number }) {
  const { currency } = useChannel()
  const me = useMe()
  const plan = useOwnPlan()
  if (reward.why !== null)
    return (
      <p className="font-medium">
        <WhyNot name={reward.name} why={reward.why} />
      </p>
    )
  if (me === undefined) return null
  const watching = watchingFor(plan, -left)
  const missing = shortOfTally(reward)
  return (
    <p className="tabular">
      {missing > 0 && reward.tally && `You need ${tallyInWords(reward.tally, missing)} more. `}
      {left >= 0
        ? `You have ${digits(me.balance)}; ${digits(left)} will be left.`
        : `You have ${digits(me.balance)}: ${inWords(-left, currency)} short${watching === null ? '' : `, about ${durationInWords(watching)} of watching for you`}.`}
    </p>
  )
}

function HandedOut({ code, balance, close }: { code: string; balance: number; close: () => void }) {
  const { currency } = useChannel()
  return (
    <div className="flex flex-col gap-3">
      <p role="status">It is yours. The code is shown to you alone, here and under “My {currency.many}”.</p>
      <Code code={code} />
      <p className="tabular text-muted">{inWords(balance, currency)} left.</p>
      <Button look="main" onClick={close} className="min-h-touch">
        Good
      </Button>
    </div>
  )
}

function SignInFirst({ price, close }: { price: string; close: () => void }) {
  return (
    <>
      <p>It costs {price}. Sign in to see what you have.</p>
      <div className="flex gap-2">
        <Button onClick={close} className="min-h-touch flex-1">
          Not now
        </Button>
        <a
          href={signInAddress('viewer')}
          className="flex min-h-touch flex-2 items-center justify-center rounded-md bg-brass font-semibold text-on-brass hover:bg-brass-hover"
        >
          Sign in
        </a>
      </div>
    </>
  )
}
