import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { digits, durationInWords, inWords } from '#core/currency'
import { watchingFor } from '#core/earning'
import { MAX_TEXT } from '#core/store'
import { change } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/Notice.tsx'
import { signInAddress } from '../../parts/SignIn.tsx'
import { useToast } from '../../parts/toasts.tsx'
import { meQuery, type Reward, useChannel, useMe } from '../channel.ts'

/** One reward: what it is, what it costs, what is left after it, and the button that buys it. */
export function BuyDialog({ reward, close }: { reward: Reward; close: () => void }) {
  return (
    <Dialog open onClose={close} className="fixed inset-0 z-40">
      <div className="fixed inset-0 bg-black/50" aria-hidden="true" />
      <div className="fixed inset-0 flex items-end justify-center sm:items-center sm:p-4">
        <DialogPanel className="flex max-h-dvh w-full max-w-md flex-col gap-4 overflow-y-auto rounded-t-md border border-line bg-panel p-5 sm:rounded-md">
          <div className="flex items-start gap-4">
            <img src={`/pictures/${reward.picture}.svg`} alt="" width={64} height={64} className="size-16" />
            <div>
              <DialogTitle className="text-xl">{reward.name}</DialogTitle>
              <p className="text-muted">{reward.description}</p>
            </div>
          </div>
          <BuyForm reward={reward} close={close} />
        </DialogPanel>
      </div>
    </Dialog>
  )
}

interface Bought {
  readonly balance: number
  readonly status: 'waiting' | 'done'
}

function useBuy(reward: Reward, close: () => void) {
  const { currency } = useChannel()
  const client = useQueryClient()
  const toast = useToast()
  return useMutation({
    mutationFn: (text: string) => change<Bought>('POST', '/orders', { word: reward.word, text }),
    onSuccess: ({ balance, status }) => {
      client.setQueryData(meQuery.queryKey, (me) => me && { ...me, balance })
      void client.invalidateQueries(meQuery)
      const next = status === 'waiting' ? 'It waits on the bench now.' : 'It is on the stream.'
      toast({ text: `Bought: ${reward.name}. ${next} ${inWords(balance, currency)} left.` })
      close()
    },
  })
}

function BuyForm({ reward, close }: { reward: Reward; close: () => void }) {
  const { currency, plan, signedIn } = useChannel()
  const me = useMe()
  const [text, setText] = useState('')
  const buy = useBuy(reward, close)
  const left = (me?.balance ?? 0) - reward.price
  if (signedIn === null) return <SignInFirst price={inWords(reward.price, currency)} close={close} />
  const watching = watchingFor(plan, -left)
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        buy.mutate(text)
      }}
    >
      {reward.ask !== null && (
        <label className="flex flex-col gap-1">
          <span className="font-medium">{reward.ask}</span>
          <input
            required
            maxLength={MAX_TEXT}
            value={text}
            onChange={(event) => setText(event.target.value)}
            className="rounded-md border border-line bg-surface px-3 py-2.5"
          />
        </label>
      )}
      {me !== undefined && (
        <p className="tabular">
          {left >= 0
            ? `You have ${digits(me.balance)}; ${digits(left)} will be left.`
            : `You have ${digits(me.balance)}: ${inWords(-left, currency)} short${watching === null ? '' : `, about ${durationInWords(watching)} of watching`}.`}
        </p>
      )}
      {buy.error && <Problem error={buy.error} />}
      <div className="flex gap-2">
        <Button onClick={close} className="min-h-11 flex-1">
          Not now
        </Button>
        <Button
          look="main"
          type="submit"
          disabled={buy.isPending || me === undefined || left < 0}
          className="min-h-11 flex-2"
        >
          Buy for {inWords(reward.price, currency)}
        </Button>
      </div>
    </form>
  )
}

function SignInFirst({ price, close }: { price: string; close: () => void }) {
  return (
    <>
      <p>It costs {price}. Sign in to see what you have.</p>
      <div className="flex gap-2">
        <Button onClick={close} className="min-h-11 flex-1">
          Not now
        </Button>
        <a
          href={signInAddress('viewer')}
          className="flex min-h-11 flex-2 items-center justify-center rounded-md bg-brass font-semibold text-on-brass hover:bg-brass-hover"
        >
          Sign in
        </a>
      </div>
    </>
  )
}
