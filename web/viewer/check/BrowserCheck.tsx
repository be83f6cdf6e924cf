import { useQuery } from '@tanstack/react-query'
import { Chance } from '#core/fairness'
import { keyOf } from '../../parts/queryKey.ts'
import { Verdict } from './CheckedSteps.tsx'
import { canCheck, commitmentByBrowser, firstByBrowser } from './webChance.ts'

interface BrowserCheckProps {
  readonly seed: string
  readonly commitment: string
  /** A label that something was drawn by; undefined: nothing was. */
  readonly label: string | undefined
}

/** The seed against its commitment, and our stream of numbers, by the browser's own cryptography. */
export function BrowserCheck({ seed, commitment, label }: BrowserCheckProps) {
  const checked = useQuery({
    queryKey: keyOf('checked', seed, commitment, label),
    queryFn: async () => {
      const fits = (await commitmentByBrowser(seed)) === commitment
      const bound = 1_000_000n
      const same =
        label === undefined || (await firstByBrowser(seed, label, bound)) === new Chance(seed, label).big(bound)
      return { fits, same }
    },
    enabled: canCheck(),
    staleTime: Number.POSITIVE_INFINITY,
    // What is computed here needs no connection.
    networkMode: 'always',
  }).data
  if (!canCheck())
    return (
      <li className="text-muted">
        Your browser lends its cryptography to secure pages only; what follows is computed by ours.
      </li>
    )
  if (checked === undefined) return null
  return (
    <>
      <Verdict good={checked.fits}>
        {checked.fits ? 'The seed fits the commitment' : 'The seed does not fit the commitment'} (SHA-256, by your
        browser).
      </Verdict>
      <Verdict good={checked.same}>
        {checked.same
          ? 'The stream of numbers is the one your browser computes'
          : 'The stream of numbers differs from your browser’s'}{' '}
        (HMAC-SHA-256).
      </Verdict>
    </>
  )
}
