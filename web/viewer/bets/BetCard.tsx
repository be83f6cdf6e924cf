import { digits, durationInWords } from '#core/currency'
import { Lanes } from '../../parts/bets/Lanes.tsx'
import { signInAddress } from '../../parts/SignIn.tsx'
import { useNow } from '../../parts/time.ts'
import { useChannel } from '../channel.ts'
import { type BetsView, type OwnBet, termsInWords } from './bets.ts'
import { LayPart } from './LayPart.tsx'

/** A bet that is on: its lanes, the clock, what is one's own, and the way to bet. */
export function BetCard({ bet, view }: { bet: OwnBet; view: BetsView }) {
  const { ahead, signedIn } = useChannel()
  const now = useNow(ahead)
  const { own, lanes } = bet
  const pot = lanes.reduce((sum, { staked }) => sum + staked, 0)
  const mine = (at: number) => own?.staked[at] ?? 0
  return (
    <li className="flex flex-col gap-3 rounded-md border border-line bg-panel p-4">
      <div>
        <h3 className="text-lg break-words">{bet.question}</h3>
        <p className="tabular text-muted">
          {standsInWords(bet, now)} · {digits(bet.backers)} {bet.backers === 1 ? 'has' : 'have'} bet · pot {digits(pot)}{' '}
          {view.currency.many}
        </p>
      </div>
      <Lanes
        lanes={lanes}
        rakeBp={bet.rakeBp}
        winner={bet.winner}
        open={bet.status === 'open'}
        below={(at) =>
          mine(at) > 0 && <p className="tabular mt-0.5 px-3 text-brass-text">You have {digits(mine(at))} on it.</p>
        }
      />
      {bet.status === 'open' && signedIn === null && <SignInToBet example={`!${view.word} ${lanes[0]?.word} 100`} />}
      {bet.status === 'open' && signedIn !== null && (
        <LayPart bet={bet} balance={view.balance ?? 0} currency={view.currency} />
      )}
      <HowPaid bet={bet} />
    </li>
  )
}

const SignInToBet = ({ example }: { example: string }) => (
  <p className="flex flex-wrap items-center gap-3">
    <span>
      Type <code className="font-semibold">{example}</code> in chat, or sign in to bet here.
    </span>
    <a
      href={signInAddress('viewer')}
      className="inline-flex min-h-touch items-center rounded-md bg-brass px-4 font-semibold text-on-brass hover:bg-brass-hover"
    >
      Sign in
    </a>
  </p>
)

const HowPaid = ({ bet }: { bet: OwnBet }) => (
  <details>
    <summary className="cursor-pointer text-muted">How it is paid</summary>
    <ul className="mt-1 list-disc pl-5">
      {termsInWords(bet).map((sentence) => (
        <li key={sentence}>{sentence}</li>
      ))}
    </ul>
  </details>
)

function standsInWords({ status, locksAt, paysAt }: OwnBet, now: number): string {
  const left = (at: number) => durationInWords(Math.max(1, Math.ceil(at - now)))
  switch (status) {
    case 'open':
      return locksAt === null ? 'open' : `locks in ${left(locksAt)}`
    case 'locked':
      return 'locked, waiting for what happens'
    case 'announced':
      return paysAt === null ? 'decided' : `decided, paid in ${left(paysAt)}`
    case 'paying':
      return 'being paid'
    default:
      return 'being refunded'
  }
}
