import { useQuery } from '@tanstack/react-query'
import { CircleAlert, CircleCheck } from 'lucide-react'
import { useState } from 'react'
import { Chance, roundSeedOf } from '#core/fairness'
import { agrees, type CheckedStep, recompute, type ToldRound } from '#core/games'
import { Button } from '../../parts/Button.tsx'
import { seedsQuery, type WholeRound } from './games.ts'
import { canCheck, commitmentByBrowser, firstByBrowser } from './webChance.ts'

const FIRST = 20

/** The commitment of a round, and once it has ended its outcome computed anew here, step by step. */
export function CheckPart({ round }: { round: WholeRound }) {
  const { seed } = round
  return (
    <section aria-labelledby="check" className="mt-6">
      <h3 id="check" className="text-lg">
        Check it
      </h3>
      <p className="mt-1 text-muted">
        The outcome hangs on a secret seed. Its fingerprint, the commitment, was shown when the round opened; the seed
        is told when it ends. So nobody can choose the seed once bets are in.
      </p>
      <dl className="mt-3 flex flex-col gap-2">
        <div>
          <dt className="text-[0.93rem] text-muted">Commitment</dt>
          <dd className="font-mono text-sm break-all">{round.commitment}</dd>
        </div>
        <div>
          <dt className="text-[0.93rem] text-muted">Seed</dt>
          <dd className="font-mono text-sm break-all">{seed ?? 'told when the round has ended'}</dd>
        </div>
      </dl>
      {seed !== null && <Recomputed round={{ ...round, seed }} openedAt={round.openedAt} />}
    </section>
  )
}

type Ended = ToldRound

/** Whether the round's own seed follows from the channel's, which is told after the show; and that one's commitment until then. */
function FromChannel({ round, openedAt }: { round: Ended; openedAt: number }) {
  const seeds = useQuery(seedsQuery).data
  if (seeds === undefined) return null
  const from = seeds.closed.find((one) => one.openedAt <= openedAt && openedAt <= one.closedAt)
  if (from !== undefined) {
    const follows = roundSeedOf(from.seed, round.id) === round.seed
    return (
      <Verdict good={follows}>
        {follows ? 'It follows' : 'It does not follow'} from the channel’s own seed of that show, which is told by now.
      </Verdict>
    )
  }
  if (seeds.open === null || seeds.open.openedAt > openedAt) return null
  return (
    <li className="text-muted">
      It is made from the channel’s seed, whose commitment was public before (
      <span className="font-mono text-sm">{seeds.open.commitment.slice(0, 12)} …</span>); that seed is told after the
      show.
    </li>
  )
}

function useBrowserCheck({ id, seed, commitment }: Ended, steps: readonly CheckedStep[]) {
  const label = steps.map((one) => one.label).find((one) => !one.includes('…'))
  return useQuery({
    queryKey: ['checked', id],
    queryFn: async () => {
      const fits = (await commitmentByBrowser(seed)) === commitment
      const bound = 1_000_000n
      const same =
        label === undefined || (await firstByBrowser(seed, label, bound)) === new Chance(seed, label).big(bound)
      return { fits, same }
    },
    enabled: canCheck(),
    staleTime: Number.POSITIVE_INFINITY,
  })
}

function Recomputed({ round, openedAt }: { round: Ended; openedAt: number }) {
  const [all, setAll] = useState(false)
  const steps = recompute(round)
  const checked = useBrowserCheck(round, steps).data
  const wrong = steps.filter((step) => !agrees(step)).length
  const shown = all ? steps : steps.slice(0, FIRST)
  return (
    <>
      <ul className="mt-3 flex flex-col gap-1.5">
        {checked && (
          <Verdict good={checked.fits}>
            {checked.fits ? 'The seed fits the commitment' : 'The seed does not fit the commitment'} (SHA-256, by your
            browser).
          </Verdict>
        )}
        {checked && (
          <Verdict good={checked.same}>
            {checked.same
              ? 'The stream of numbers is the one your browser computes'
              : 'The stream of numbers differs from your browser’s'}{' '}
            (HMAC-SHA-256).
          </Verdict>
        )}
        <FromChannel round={round} openedAt={openedAt} />
        {!canCheck() && (
          <li className="text-muted">
            Your browser lends its cryptography to secure pages only; what follows is computed by ours.
          </li>
        )}
        <Verdict good={wrong === 0}>
          {steps.length === 0
            ? 'Nothing was drawn: the round was called off.'
            : wrong === 0
              ? `All ${steps.length} ${steps.length === 1 ? 'step comes' : 'steps come'} out as told.`
              : `${wrong} of ${steps.length} steps come out otherwise than told.`}
        </Verdict>
      </ul>
      {steps.length > 0 && (
        <table className="mt-3 w-full text-[0.93rem]">
          <thead className="text-left text-muted">
            <tr>
              <th className="py-1 font-normal">Step</th>
              <th className="font-normal">computed here</th>
              <th className="font-normal">told then</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((step, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: steps never change their place
              <tr key={i} className="border-t border-line align-top">
                <td className="py-1.5 pr-3">
                  {step.what}
                  <span className="block font-mono text-[0.8rem] break-all text-muted">{step.label}</span>
                </td>
                <td className="pr-3">{step.drawn}</td>
                <td className={agrees(step) ? '' : 'text-brick-text'}>{step.told}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {shown.length < steps.length && (
        <Button className="mt-3" onClick={() => setAll(true)}>
          Show all {steps.length}
        </Button>
      )}
    </>
  )
}

function Verdict({ good, children }: { good: boolean; children: React.ReactNode }) {
  const Icon = good ? CircleCheck : CircleAlert
  return (
    <li className="flex items-start gap-2">
      <Icon aria-hidden="true" className={`mt-0.5 size-5 shrink-0 ${good ? 'text-moss-text' : 'text-brick-text'}`} />
      <span>{children}</span>
    </li>
  )
}
