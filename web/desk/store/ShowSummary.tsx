import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { digits, durationInWords, inWords } from '#core/currency'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'
import { useStatus } from '../status.ts'

type Summary = NonNullable<Answer<'/desk/show/summary'>['show']>
type Charged = Summary['charges'][number]

/** So many of what was sold are named. */
const NAMED = 6

/** What the last show came to, and which prices it showed to be wrong; nothing before the first one is over. */
export function ShowSummary() {
  const found = useQuery({
    queryKey: keyOf('evening', 'summary'),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/show/summary', { signal })),
  })
  const show = found.data?.show
  if (!show) return null
  return (
    <section aria-label="What the last show came to" className="rounded-md border border-line bg-panel px-4 py-3">
      <Came show={show} />
      {show.rewards > 0 && show.people > 0 && <Reach show={show} />}
    </section>
  )
}

function Came({ show }: { readonly show: Summary }) {
  const { currency } = useStatus()
  const { title, people, newcomers, paid, spent, sold, startedAt, endedAt } = show
  return (
    <>
      <p>
        <span className="font-semibold">{title}</span>,{' '}
        {durationInWords(endedAt - startedAt - ((endedAt - startedAt) % 60))}: {digits(people)}{' '}
        {people === 1 ? 'person' : 'people'} came
        {newcomers > 0 && `, ${digits(newcomers)} of them for the first time`}; {inWords(paid, currency)} paid,{' '}
        {digits(spent)} spent.
      </p>
      <p className="text-muted">
        {sold.length === 0
          ? 'Nothing was bought.'
          : `Bought: ${sold
              .slice(0, NAMED)
              .map(({ name, count }) => `${name} ${count} ×`)
              .join(', ')}${sold.length > NAMED ? ` and ${sold.length - NAMED} more` : ''}.`}
      </p>
    </>
  )
}

function Reach({ show: { half, inReach, rewards, people, charges } }: { readonly show: Summary }) {
  const { currency } = useStatus()
  return (
    <>
      <p className="text-muted">
        Half of those who came hold {inWords(half, currency)} or less. {inReach} of your {rewards} rewards cost no more
        than that.
      </p>
      <Charges
        charged={charges.filter(({ charge }) => charge === 'dear')}
        says="Out of reach: fewer than 1 in 20 can pay for"
        more={({ could }) => (could === 0 ? 'nobody' : `${digits(could)} of ${digits(people)}`)}
      />
      <Charges
        charged={charges.filter(({ charge }) => charge === 'cheap')}
        says="Next to nothing: under 5 minutes of watching for"
      />
    </>
  )
}

interface ChargesProps {
  readonly charged: readonly Charged[]
  readonly says: string
  readonly more?: (one: Charged) => string
}

/** Each leads to its price. */
const Charges = ({ charged, says, more }: ChargesProps) =>
  charged.length > 0 && (
    <p>
      {says}{' '}
      {charged.map((one, i) => (
        <span key={one.reward}>
          {i > 0 && ', '}
          <Link to={`/store?open=${one.reward}`} className="underline underline-offset-2">
            {one.name}
          </Link>{' '}
          ({digits(one.price)}
          {more && `: ${more(one)}`})
        </span>
      ))}
      .
    </p>
  )
