import { recompute, type ToldRound } from '#core/games'
import { BrowserCheck } from '../check/BrowserCheck.tsx'
import { AllSteps, CheckedSteps } from '../check/CheckedSteps.tsx'
import { SeedOriginLine } from '../check/SeedOriginLine.tsx'
import type { WholeRound } from './games.ts'

/** The commitment of a round, and once it has ended its outcome computed anew here, step by step. */
export function CheckPart({ round }: { round: WholeRound }) {
  const { seed } = round
  return (
    <section aria-labelledby="check" className="mt-6">
      <h3 id="check" className="text-lg">
        Check it
      </h3>
      <p className="mt-1 text-muted">
        The outcome depends on a secret seed. Its fingerprint, the commitment, was shown when the round opened; the seed
        is published when it ends. So nobody can choose the seed once bets are in.
      </p>
      <dl className="mt-3 flex flex-col gap-2">
        <div>
          <dt className="text-note text-muted">Commitment</dt>
          <dd className="font-mono text-sm break-all">{round.commitment}</dd>
        </div>
        <div>
          <dt className="text-note text-muted">Seed</dt>
          <dd className="font-mono text-sm break-all">{seed ?? 'published when the round ends'}</dd>
        </div>
      </dl>
      {seed !== null && <Recomputed round={{ ...round, seed }} openedAt={round.openedAt} />}
    </section>
  )
}

function Recomputed({ round, openedAt }: { round: ToldRound; openedAt: number }) {
  const steps = recompute(round)
  const { id, seed, commitment } = round
  const label = steps.map((one) => one.label).find((one) => !one.includes('…'))
  return (
    <>
      <ul className="mt-3 flex flex-col gap-1.5">
        <BrowserCheck seed={seed} commitment={commitment} label={label} />
        <SeedOriginLine id={id} seed={seed} openedAt={openedAt} origin={round.seedOrigin} />
        <AllSteps steps={steps} nothing="Nothing was drawn: the round was called off." />
      </ul>
      <CheckedSteps steps={steps} />
    </>
  )
}
