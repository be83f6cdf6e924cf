import { waysToEarn } from '#core/earning'
import { standingName } from '#core/people'
import { useChannel } from '../channel.ts'
import { useStanding } from '../standing.ts'

/** How to earn here, made from the plan, with one's own standings applied. */
export function HowToEarn() {
  const { plan, currency, circles, words } = useChannel()
  const standing = useStanding()
  const ways = waysToEarn(plan, currency, {
    standings: standing?.standings ?? [],
    nameOf: (one) => standingName(one, circles),
    here: words.here,
  })
  return (
    <section aria-labelledby="how" className="mb-7">
      <h2 id="how" className="mb-1 text-xl">
        How to earn {currency.many} here
      </h2>
      {ways.length === 0 && <p className="text-muted">Nothing is paid automatically at the moment.</p>}
      <ul>
        {ways.map(({ way, yours }) => (
          <li key={way} className="border-t border-line py-2 first:border-t-0">
            {way}
            {yours && <span className="block font-semibold text-brass-text">{yours}</span>}
          </li>
        ))}
      </ul>
    </section>
  )
}
