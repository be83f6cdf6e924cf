import { answerOf, api } from '../../parts/api.ts'
import { LedgerHistory } from '../../parts/LedgerHistory.tsx'
import { usePageTitle } from '../../parts/page/PageTitle.tsx'
import { signInAddress } from '../../parts/SignIn.tsx'
import { useChannel } from '../channel.ts'
import { HowToEarn } from '../earning/HowToEarn.tsx'
import { OwnStanding } from '../ranks/OwnStanding.tsx'
import { OwnOrders } from '../store/OwnOrders.tsx'
import { AccountsPart } from './Accounts.tsx'
import { EverythingPart } from './EverythingPart.tsx'
import { Messages } from './Messages.tsx'

/** Where my balance comes from: orders, and every single transfer behind the number. */
export function MinePage() {
  const { currency, signedIn } = useChannel()
  usePageTitle(`My ${currency.many}`)
  if (signedIn === null) {
    return (
      <>
        <p className="mb-7">
          <a href={signInAddress('viewer')} className="font-semibold underline">
            Sign in
          </a>{' '}
          to see your {currency.many} and where they came from.
        </p>
        <HowToEarn />
      </>
    )
  }
  return (
    <>
      <OwnStanding />
      <Messages />
      <OwnOrders />
      <AccountsPart />
      <EverythingPart />
      <HowToEarn />
      <section aria-labelledby="trail">
        <h2 id="trail" className="mb-1 text-xl">
          Every change
        </h2>
        <LedgerHistory
          of={['me']}
          page={(before, signal) => answerOf(api.GET('/me/trail', { params: { query: { before } }, signal }))}
        />
      </section>
    </>
  )
}
