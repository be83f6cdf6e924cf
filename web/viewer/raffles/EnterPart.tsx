import { type FormEvent, type ReactNode, useState } from 'react'
import { digits, durationInWords, inWords } from '#core/currency'
import { ticketsInWords, weightInWords } from '#core/raffles'
import { Button, type ButtonProps } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { signInAddress } from '../../parts/SignIn.tsx'
import { useChannel } from '../channel.ts'
import { type OwnPart, type RaffleView, useClaim, useEnter } from './raffles.ts'

const BOX = 'mt-4 flex flex-col gap-2 rounded-md border border-line bg-panel p-4'

/** One's own part: whether one is in, with what chance, and what can be done; a prize to claim comes first. */
export function EnterPart({ view, now }: { view: RaffleView; now: number }) {
  const { signedIn } = useChannel()
  const { raffle, own } = view
  if (own?.won && own.won.state !== 'passed' && own.won.state !== 'missed')
    return <OwnPrize view={view} own={own} now={now} />
  const over = raffle.status !== 'open' && raffle.status !== 'planned'
  if (over && (own === null || own.tickets === 0)) return null
  if (signedIn === null) return <SignInFirst raffle={raffle} />
  return (
    <div className={BOX}>
      <Stands view={view} own={own} />
      {raffle.status === 'open' &&
        raffle.byPage &&
        (raffle.guess === null ? <EnterButtons view={view} own={own} /> : <GuessForm view={view} own={own} />)}
      {raffle.status === 'open' && !raffle.byPage && own?.tickets === 0 && (
        <p>
          This raffle is entered in chat: type <code className="font-semibold">!{raffle.word}</code>.
        </p>
      )}
    </div>
  )
}

const SignInFirst = ({ raffle }: Pick<RaffleView, 'raffle'>) => (
  <div className={BOX}>
    <p>
      {raffle.byWord && raffle.status === 'open' ? (
        <>
          Type <code className="font-semibold">!{raffle.word}</code> in chat, or sign in to enter here.
        </>
      ) : (
        'Sign in to enter here and to see your chance.'
      )}
    </p>
    <a
      href={signInAddress('viewer')}
      className="inline-flex min-h-touch items-center justify-center self-start rounded-md bg-brass px-4 font-semibold text-on-brass hover:bg-brass-hover"
    >
      Sign in
    </a>
  </div>
)

function Stands({ view: { raffle, currency }, own }: { view: RaffleView; own: OwnPart | null }) {
  if (own === null || own.tickets === 0)
    return own?.why ? (
      <p>{own.why}</p>
    ) : (
      <p>{raffle.status === 'planned' ? 'You can enter once it opens.' : 'You are not in yet.'}</p>
    )
  if (raffle.guess !== null)
    return (
      <p className="tabular">
        <strong>Your guess: {digits(own.guess ?? 0)}</strong>
        {own.paid > 0 && `, for ${inWords(own.paid, currency)}`}. The nearest wins.
      </p>
    )
  const counts = own.counts !== null && own.counts > 100 ? `, each with weight ${weightInWords(own.counts)}` : ''
  return (
    <p className="tabular">
      <strong>You are in</strong> with {ticketsInWords(own.tickets)}
      {counts}
      {own.paid > 0 && `, for ${inWords(own.paid, currency)}`}. Your chance now:{' '}
      <strong className="text-brass-text">{own.chance}</strong>
    </p>
  )
}

interface EnterProps {
  readonly view: RaffleView
  readonly own: OwnPart | null
}

function EnterButtons({ view, own }: EnterProps) {
  const { raffle, currency } = view
  const enter = useEnter(raffle.id)
  const held = own?.tickets ?? 0
  if (own?.why && held === 0) return null
  const free = (own?.freeLeft ?? 0) > 0
  const room = raffle.mostTickets - held
  const button = (wanted: 'some' | 'max' | 'leave', does: ReactNode, look?: ButtonProps['look']) => (
    <Button look={look} className="min-h-touch" disabled={enter.isPending} onClick={() => enter.mutate(wanted)}>
      {does}
    </Button>
  )
  return (
    <>
      {enter.error && <Problem error={enter.error} />}
      <div className="flex flex-wrap items-center gap-2">
        {(held === 0 || free) &&
          button('some', firstLabel(raffle.price, own?.freeLeft ?? 0, held, inWords(raffle.price, currency)), 'main')}
        {raffle.price > 0 && room > 0 && !free && <SomeTickets view={view} room={room} enter={enter} />}
        {raffle.price > 0 &&
          (own?.couldAdd ?? 0) > 1 &&
          button(
            'max',
            `As many as I can: ${digits(own?.couldAdd ?? 0)} for ${inWords(own?.couldCost ?? 0, currency)}`,
          )}
        {held > 0 &&
          button(
            'leave',
            `Leave${own !== null && own.paid > 0 ? `, ${inWords(own.paid, currency)} back` : ''}`,
            'quiet',
          )}
      </div>
    </>
  )
}

/** One guess each; another one takes its place. */
function GuessForm({ view: { raffle, currency }, own }: EnterProps) {
  const enter = useEnter(raffle.id)
  const [typed, setTyped] = useState('')
  if (raffle.guess === null || (own?.why && own.tickets === 0)) return null
  const { least, most } = raffle.guess
  const submit = (event: FormEvent) => {
    event.preventDefault()
    enter.mutate(Number(typed), { onSuccess: () => setTyped('') })
  }
  const isIn = (own?.tickets ?? 0) > 0
  const costs = !isIn && raffle.price > 0 ? ` for ${inWords(raffle.price, currency)}` : ''
  return (
    <>
      {enter.error && <Problem error={enter.error} />}
      <form className="flex flex-wrap items-center gap-2" onSubmit={submit}>
        <input
          aria-label={`Your guess, from ${digits(least)} to ${digits(most)}`}
          placeholder={`${digits(least)} to ${digits(most)}`}
          value={typed}
          inputMode="numeric"
          maxLength={10}
          onChange={(event) => setTyped(event.target.value.replace(/\D/g, ''))}
          className="tabular min-h-touch w-36 rounded-md border border-line bg-surface px-3 text-right"
        />
        <Button type="submit" look="main" className="min-h-touch" disabled={enter.isPending || typed === ''}>
          {isIn ? 'Change my guess' : `Guess${costs}`}
        </Button>
        {isIn && (
          <Button look="quiet" className="min-h-touch" disabled={enter.isPending} onClick={() => enter.mutate('leave')}>
            Leave{own !== null && own.paid > 0 ? `, ${inWords(own.paid, currency)} back` : ''}
          </Button>
        )}
      </form>
    </>
  )
}

interface SomeProps extends Pick<EnterProps, 'view'> {
  /** How many more one may have. */
  readonly room: number
  readonly enter: ReturnType<typeof useEnter>
}

function SomeTickets({ view: { raffle, currency }, room, enter }: SomeProps) {
  const [many, setMany] = useState('1')
  const wanted = Math.max(1, Math.min(room, Number(many) || 1))
  const submit = (event: FormEvent) => {
    event.preventDefault()
    enter.mutate(wanted)
  }
  return (
    <form className="flex flex-wrap items-center gap-2" onSubmit={submit}>
      <input
        aria-label="How many tickets"
        value={many}
        inputMode="numeric"
        maxLength={6}
        onChange={(event) => setMany(event.target.value.replace(/\D/g, ''))}
        className="tabular min-h-touch w-20 rounded-md border border-line bg-surface px-3 text-right"
      />
      <Button type="submit" className="min-h-touch" disabled={enter.isPending}>
        {wanted === 1 ? 'ticket' : 'tickets'} for {inWords(wanted * raffle.price, currency)}
      </Button>
    </form>
  )
}

function firstLabel(price: number, free: number, held: number, costs: string): string {
  if (held > 0) return `Take ${ticketsInWords(free)}, free`
  if (price === 0) return 'Enter'
  return free > 0 ? `Enter with ${ticketsInWords(free)}, free` : `Enter for ${costs}`
}

/** What one was drawn for: to claim, or already one's own. */
function OwnPrize({ view: { prize, currency }, own, now }: { view: RaffleView; own: OwnPart; now: number }) {
  const claim = useClaim()
  const { won } = own
  if (won?.state === 'waiting')
    return (
      <div role="alert" className={`${BOX} border-brass bg-brass-wash`}>
        <p className="text-lg font-semibold">You are drawn: {prize}</p>
        <p className="tabular">
          Say anything in chat or press here within{' '}
          {durationInWords(Math.max(1, Math.ceil((won.claimUntil ?? now) - now)))}.
        </p>
        {claim.error && <Problem error={claim.error} />}
        <Button
          look="main"
          className="min-h-touch self-start"
          disabled={claim.isPending}
          onClick={() => claim.mutate()}
        >
          I am here
        </Button>
      </div>
    )
  if (won?.state !== 'won') return null
  return (
    <div className={`${BOX} border-moss`}>
      <p className="text-lg font-semibold">You won: {prize}</p>
      {won.amount > 0 && <p className="tabular">{inWords(won.amount, currency)} are in your wallet.</p>}
      {won.code !== null && (
        <p>
          Your code: <code className="font-semibold select-all">{won.code}</code>
        </p>
      )}
    </div>
  )
}
