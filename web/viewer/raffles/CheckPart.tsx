import { useQuery } from '@tanstack/react-query'
import type { SeedOrigin } from '#core/fairness'
import { pickLabel, type RaffleFile, recheck } from '#core/raffles'
import { channelAddress } from '../../parts/api.ts'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { BrowserCheck } from '../check/BrowserCheck.tsx'
import { AllSteps, CheckedSteps } from '../check/CheckedSteps.tsx'
import { SeedOriginLine } from '../check/SeedOriginLine.tsx'
import { checkQuery, type RaffleShown } from './raffles.ts'

const Told = ({ name, children }: { readonly name: string; readonly children: string }) => (
  <div>
    <dt className="text-note text-muted">{name}</dt>
    <dd className="font-mono text-sm break-all">{children}</dd>
  </div>
)

function Fingerprints({ raffle }: { raffle: RaffleShown }) {
  const { seed, commitment, answer, answerCommitment } = raffle
  return (
    <dl className="mt-3 flex flex-col gap-2">
      <Told name="Commitment">{commitment}</Told>
      <Told name="Seed">{seed ?? 'published when the raffle ends'}</Told>
      {answerCommitment !== '' && (
        <>
          <Told name="Fingerprint of the number (SHA-256 of number:salt)">{answerCommitment}</Told>
          <Told name="Number and salt">{answer === '' ? 'published when the raffle ends' : answer}</Told>
        </>
      )}
    </dl>
  )
}

/** The commitment of a raffle, and once it has ended every pick computed anew here. */
export function CheckPart({ raffle }: { raffle: RaffleShown }) {
  const { seed, id, openedAt, seedOrigin } = raffle
  return (
    <section aria-labelledby="check" className="mt-6">
      <h3 id="check" className="text-lg">
        Check it
      </h3>
      <p className="mt-1 text-muted">
        Winners depend on a secret seed and on the list of who is in. The seed’s fingerprint, the commitment, is shown
        from the opening on; the seed itself is published when the raffle ends. So nobody can choose it once the list is
        final.
      </p>
      <Fingerprints raffle={raffle} />
      {seed === null && seedOrigin === 'channel' && (
        <p className="mt-3">
          This raffle was opened before every draw had a seed of its own. Its seed is derived from the channel’s, which
          stays secret until this raffle has ended.
        </p>
      )}
      {seed !== null && <Checked id={id} openedAt={openedAt ?? 0} origin={seedOrigin} />}
      {seed !== null && (
        <p className="mt-5">
          <a
            href={channelAddress(`/raffles/${id}/file`)}
            download
            className="inline-flex min-h-touch items-center rounded-md border border-line px-4 font-medium hover:bg-raised"
          >
            Download this raffle (JSON)
          </a>
        </p>
      )}
    </section>
  )
}

function Checked({ id, openedAt, origin }: { id: number; openedAt: number; origin: SeedOrigin }) {
  const file = useQuery(checkQuery(id))
  if (file.error) return <Problem error={file.error} retry={() => void file.refetch()} />
  if (file.data === undefined) return <Loading what="the list" />
  return (
    <CheckedFile file={file.data}>
      <SeedOriginLine id={id} seed={file.data.seed} openedAt={openedAt} origin={origin} />
    </CheckedFile>
  )
}

/** A raffle's file, every step of it computed anew in this browser. */
export function CheckedFile({ file, children }: { file: RaffleFile; children?: React.ReactNode }) {
  const [first] = file.winners
  const steps = first === undefined ? [] : recheck(file)
  const label = first === undefined ? undefined : pickLabel(file.id, first.draw, first.digest)
  return (
    <>
      <ul className="mt-3 flex flex-col gap-1.5">
        <BrowserCheck seed={file.seed} commitment={file.commitment} label={label} />
        {children}
        <AllSteps steps={steps} nothing="Nothing was drawn." />
      </ul>
      <CheckedSteps steps={steps} />
    </>
  )
}
