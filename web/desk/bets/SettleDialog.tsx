import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { digits } from '#core/currency'
import { answerOf, api } from '../../parts/api.ts'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Field, NumberInput, TextInput } from '../../parts/form/inputs.tsx'
import { Radios } from '../../parts/form/Radios.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { useStatus } from '../status.ts'
import { type DeskBet, useBetAction } from './view.ts'

interface Picking {
  readonly outcome: number
  readonly late: 'none' | 'some'
  /** Before the lock. */
  readonly seconds: number
  readonly note: string
  readonly link: string
}

/** Stakes laid from then on go back; null: all count. */
const knownFrom = ({ lockedAt }: DeskBet, { late, seconds }: Picking): number | null =>
  late === 'none' || seconds === 0 || lockedAt === null ? null : lockedAt - seconds

const isWrong = ({ link }: Picking): boolean => link !== '' && !/^https:\/\/\S+$/.test(link)

const beginOf = (bet: DeskBet): Picking => ({
  outcome: bet.winner ?? -1,
  late: bet.lateSeconds > 0 ? 'some' : 'none',
  seconds: bet.lateSeconds,
  note: bet.note,
  link: bet.link,
})

/** Picks what came true: it shows who gets what before anything is told or paid. */
export function SettleDialog({ bet, close }: { bet: DeskBet; close: () => void }) {
  const [picking, setPicking] = useState(() => beginOf(bet))
  const action = useBetAction({ inPlace: true })
  const { outcome, note, link } = picking
  const body = { outcome, note, link, knownFrom: knownFrom(bet, picking), instead: bet.winner !== null }
  const go = () =>
    action.mutate(
      {
        send: () => api.POST('/desk/bets/{bet}/settle', { params: { path: { bet: bet.id } }, body }),
        said: bet.pauseSeconds === 0 ? 'It is being paid.' : `Told. It is paid in ${bet.pauseSeconds} s.`,
      },
      { onSuccess: close },
    )
  const chosen = bet.lanes[outcome]
  const choices = bet.lanes.map((lane, value) => ({ value, name: <LaneChoice {...lane} /> }))
  return (
    <DialogForm
      title={bet.question}
      wide
      does={chosen === undefined ? 'Pick one' : `“${chosen.name}” came true`}
      close={close}
      go={go}
      change={action}
      off={chosen === undefined || isWrong(picking)}
    >
      <Radios
        legend="What came true"
        value={outcome}
        choices={choices}
        onChoose={(picked) => setPicking({ ...picking, outcome: picked })}
      />
      <LateChoice picking={picking} set={setPicking} />
      {chosen !== undefined && <PaymentPreview bet={bet} picking={picking} />}
      <Evidence picking={picking} set={setPicking} />
    </DialogForm>
  )
}

const LaneChoice = ({ name, staked }: { name: string; staked: number }) => (
  <span className="flex min-w-0 flex-1 items-baseline gap-2">
    <span className="font-semibold break-words">{name}</span>
    <span className="tabular text-muted">{digits(staked)} on it</span>
  </span>
)

interface PartProps {
  readonly picking: Picking
  readonly set: (picking: Picking) => void
}

/** From when on it could be known: what was laid since then goes back. */
function LateChoice({ picking, set }: PartProps) {
  return (
    <fieldset className="flex flex-col gap-1.5">
      <Radios
        legend="Which bets count"
        value={picking.late}
        choices={[
          { value: 'none', name: 'All until the lock' },
          { value: 'some', name: 'Not the latest: it could be known by then' },
        ]}
        onChoose={(late) => set({ ...picking, late, seconds: picking.seconds || 10 })}
      />
      {picking.late === 'some' && (
        <p className="ml-6 flex flex-wrap items-center gap-2">
          <NumberInput
            label="Seconds before the lock"
            value={picking.seconds}
            most={86_400}
            className="w-20"
            onValue={(seconds) => set({ ...picking, seconds })}
          />
          <span className="text-muted">seconds before the lock, and later: those go back</span>
        </p>
      )}
    </fieldset>
  )
}

const usePayment = (bet: DeskBet, picking: Picking) => {
  const known = knownFrom(bet, picking) ?? 0
  return useQuery({
    queryKey: keyOf('bets', 'payment', bet.id, picking.outcome, known),
    queryFn: ({ signal }) =>
      answerOf(
        api.GET('/desk/bets/{bet}/payment', {
          params: { path: { bet: bet.id }, query: { outcome: picking.outcome, knownFrom: known } },
          signal,
        }),
      ),
    placeholderData: (before) => before,
  })
}

/** Who would get what, in sums and for those who get most. */
function PaymentPreview({ bet, picking }: { bet: DeskBet; picking: Picking }) {
  const payment = usePayment(bet, picking).data
  if (payment === undefined) return <p className="text-muted">Adding up …</p>
  const { winners, refunded } = payment
  const nobody = winners === 0 ? 'Nobody had bet on it' : 'Everybody had bet on it'
  return (
    <section
      aria-label="What it pays"
      aria-live="polite"
      className="flex flex-col gap-2 rounded-md bg-surface px-3 py-2"
    >
      {refunded ? <p>{nobody}: all stakes go back.</p> : <Sums payment={payment} />}
    </section>
  )
}

function Sums({ payment }: { payment: NonNullable<ReturnType<typeof usePayment>['data']> }) {
  const { currency } = useStatus()
  const { winners, prize, rake, late, winningStakes, most } = payment
  const figures = [
    ['Winners', winners],
    ['Their stakes', winningStakes],
    ['They share beside them', prize],
    ['The house keeps', rake],
    ['Late bets, refunded', late],
  ] as const
  return (
    <>
      <dl className="tabular grid grid-cols-2 gap-x-4">
        {figures.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-muted">{name}</dt>
            <dd className="text-right">{digits(value)}</dd>
          </div>
        ))}
      </dl>
      <p className="text-note text-muted">
        Most: {most.map(({ name, staked, gets }) => `${name} ${digits(gets)} for ${digits(staked)}`).join(', ')}{' '}
        {currency.many}
      </p>
    </>
  )
}

function Evidence({ picking, set }: PartProps) {
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <Field label="Note (everybody can read it; may be empty)">
        <TextInput value={picking.note} most={300} onValue={(note) => set({ ...picking, note })} />
      </Field>
      <Field
        label="Address that shows it (may be empty)"
        error={isWrong(picking) ? 'It begins with https://' : undefined}
      >
        <TextInput
          value={picking.link}
          most={300}
          inputMode="url"
          placeholder="https://"
          onValue={(link) => set({ ...picking, link: link.trim() })}
        />
      </Field>
    </div>
  )
}
