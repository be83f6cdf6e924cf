import { Link } from 'react-router'
import { digits, inWords } from '#core/currency'
import { planInWords } from '#core/earning'
import { signOut } from '../parts/api.ts'
import { CurrencyIcon } from '../parts/CurrencyIcon.tsx'
import { signInAddress } from '../parts/SignIn.tsx'
import { useChannel, useMe } from './channel.ts'
import { useOwnPlan } from './standing.ts'

/** Above every viewer page: is the show on, what do I have, how does it grow. */
export function BalanceHead() {
  const { name, show, signedIn } = useChannel()
  const leave = () => void signOut('viewer').then(() => window.location.reload())
  return (
    <header data-theme="dark" className="bg-surface text-text">
      <div className="mx-auto max-w-3xl px-4 pt-4 pb-5">
        <div className="flex items-center justify-between gap-4 text-note">
          <p className="min-w-0 truncate">
            {show ? (
              <>
                <span className="font-semibold text-brass-text">on air</span> · {show.title}
              </>
            ) : (
              <>
                <span className="font-semibold">{name}</span> · <span className="text-muted">off air</span>
              </>
            )}
          </p>
          {signedIn !== null && (
            <button
              type="button"
              onClick={leave}
              className="shrink-0 text-muted underline-offset-2 hover:text-text hover:underline"
            >
              {signedIn} · sign out
            </button>
          )}
        </div>
        {signedIn === null ? <SignedOut /> : <Balance />}
      </div>
    </header>
  )
}

function SignedOut() {
  const { currency, plan } = useChannel()
  return (
    <div className="mt-3 flex items-end justify-between gap-4">
      <div>
        <h1 className="text-2xl">Watch, earn {currency.many}, spend them</h1>
        <p className="mt-1 text-muted">{planInWords(plan, currency)}, while the show is on.</p>
      </div>
      <a
        href={signInAddress('viewer')}
        className="shrink-0 rounded-md bg-brass px-4 py-2.5 font-semibold text-on-brass hover:bg-brass-hover"
      >
        Sign in
      </a>
    </div>
  )
}

function Balance() {
  const { currency, show } = useChannel()
  const me = useMe()
  const growing = show !== null && me?.present === true
  const own = useOwnPlan()
  return (
    <>
      <h1 className="mt-2 flex items-baseline gap-2.5">
        <span className="tabular font-display text-figure leading-tight font-bold">
          {me === undefined ? '–' : digits(me.balance)}
        </span>
        <CurrencyIcon icon={currency.icon} className="size-5 translate-y-0.5 text-brass-text" />
        <span className="text-lg text-brass-text">{me?.balance === 1 ? currency.one : currency.many}</span>
      </h1>
      <div className="flex items-center justify-between gap-4 text-note">
        <p className="text-muted">
          {me === undefined && 'Counting …'}
          {me !== undefined && growing && `+${planInWords(own, currency)}; you are in the chat`}
          {me !== undefined &&
            !growing &&
            show !== null &&
            `Join the chat to earn ${inWords(own.base, currency)} at a time`}
          {me !== undefined && show === null && 'Earning starts when the show does'}
        </p>
        <Link to="/mine" className="shrink-0 underline underline-offset-2">
          history
        </Link>
      </div>
    </>
  )
}
