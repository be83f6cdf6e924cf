import { circleStanding, PLAIN_STANDINGS, standingName } from '#core/people'
import type { Condition, Step, StepOf } from '#core/steps'
import { Checkbox, INPUT, NumberInput, Select } from '../../../parts/form/inputs.tsx'
import { type StepsFor, useNestedSteps } from './nested.ts'

interface ConditionFieldsProps extends StepsFor {
  readonly step: StepOf<'when'>
  readonly at: readonly number[]
  readonly setStep: (step: Step) => void
}

/** What must hold, what happens then, and what otherwise. */
export function ConditionFields({ step, at, setStep, ...around }: ConditionFieldsProps) {
  const StepList = useNestedSteps()
  return (
    <div className="flex flex-col gap-3">
      <Asks condition={step.if} setCondition={(condition) => setStep({ ...step, if: condition })} {...around} />
      <div className="flex flex-col gap-1 border-l-2 border-moss pl-3">
        <span className="text-muted">If all of this is true</span>
        <StepList
          {...around}
          steps={step.steps}
          setSteps={(steps) => setStep({ ...step, steps })}
          at={[...at, 0]}
          label="if true"
        />
      </div>
      <div className="flex flex-col gap-1 border-l-2 border-line pl-3">
        <span className="text-muted">If not</span>
        <StepList
          {...around}
          steps={step.otherwise}
          setSteps={(otherwise) => setStep({ ...step, otherwise })}
          at={[...at, 1]}
          label="if not true"
        />
      </div>
    </div>
  )
}

type AsksProps = StepsFor & { readonly condition: Condition; readonly setCondition: (condition: Condition) => void }

/** Adds what is asked for with a first value, or drops it. */
const ticked =
  ({ condition, setCondition }: Pick<AsksProps, 'condition' | 'setCondition'>) =>
  <K extends keyof Condition>(name: K, value: Condition[K]) =>
  (on: boolean) => {
    const { [name]: _, ...others } = condition
    setCondition(on ? { ...others, [name]: value } : others)
  }

/** Each part is asked for only if it is ticked. */
function Asks(props: AsksProps) {
  return (
    <div className="flex flex-col gap-1.5">
      {props.around.viewer && (
        <>
          <RoleAsked {...props} />
          <BalanceAsked {...props} />
          <TallyAsked {...props} />
        </>
      )}
      <ShowAsked {...props} />
      <TimeAsked {...props} />
    </div>
  )
}

function RoleAsked(props: AsksProps) {
  const { condition, setCondition, view } = props
  const { standing } = condition
  const standings = [...PLAIN_STANDINGS, 'subscriber', ...view.circles.map(({ id }) => circleStanding(id))]
  return (
    <Checkbox on={standing !== undefined} onTick={ticked(props)('standing', 'follower')}>
      the viewer is a{' '}
      {standing !== undefined && (
        <Select
          label="Role"
          value={standing}
          choices={standings.map((value) => ({ value, name: standingName(value, view.circles) }))}
          onChoose={(value) => setCondition({ ...condition, standing: value })}
        />
      )}
    </Checkbox>
  )
}

function BalanceAsked(props: AsksProps) {
  const { condition, setCondition } = props
  const { balanceFrom } = condition
  return (
    <Checkbox on={balanceFrom !== undefined} onTick={ticked(props)('balanceFrom', 100)}>
      the viewer’s balance is at least{' '}
      {balanceFrom !== undefined && (
        <NumberInput
          label="Balance at least"
          value={balanceFrom}
          onValue={(value) => setCondition({ ...condition, balanceFrom: value })}
        />
      )}
    </Checkbox>
  )
}

function TallyAsked(props: AsksProps) {
  const { condition, setCondition, view } = props
  const { tally } = condition
  const first = view.tallies[0]?.id
  if (first === undefined) return null
  const put = (patch: Partial<NonNullable<Condition['tally']>>) =>
    tally && setCondition({ ...condition, tally: { ...tally, ...patch } })
  return (
    <Checkbox on={tally !== undefined} onTick={ticked(props)('tally', { tally: first, from: 1 })}>
      the viewer’s tally{' '}
      {tally !== undefined && (
        <>
          <Select
            label="Tally asked for"
            value={String(tally.tally)}
            choices={view.tallies.map(({ id, name }) => ({ value: String(id), name }))}
            onChoose={(id) => put({ tally: Number(id) })}
          />{' '}
          is at least <NumberInput label="Tally at least" value={tally.from} onValue={(from) => put({ from })} />
        </>
      )}
    </Checkbox>
  )
}

const AIR = [
  { value: 'on', name: 'on air' },
  { value: 'off', name: 'off air' },
] as const

function ShowAsked(props: AsksProps) {
  const { condition, setCondition } = props
  const { onAir } = condition
  return (
    <Checkbox on={onAir !== undefined} onTick={ticked(props)('onAir', true)}>
      the show is{' '}
      {onAir !== undefined && (
        <Select
          label="On or off air"
          value={onAir ? 'on' : 'off'}
          choices={AIR}
          onChoose={(value) => setCondition({ ...condition, onAir: value === 'on' })}
        />
      )}
    </Checkbox>
  )
}

function TimeAsked(props: AsksProps) {
  const { condition, setCondition } = props
  const { time } = condition
  const put = (patch: Partial<NonNullable<Condition['time']>>) =>
    time && setCondition({ ...condition, time: { ...time, ...patch } })
  return (
    <Checkbox on={time !== undefined} onTick={ticked(props)('time', { from: '18:00', to: '22:00' })}>
      the time of day is between{' '}
      {time !== undefined && (
        <>
          <TimeInput label="From" value={time.from} onTime={(from) => put({ from })} /> and{' '}
          <TimeInput label="To" value={time.to} onTime={(to) => put({ to })} />
        </>
      )}
    </Checkbox>
  )
}

function TimeInput({ label, value, onTime }: { label: string; value: string; onTime: (time: string) => void }) {
  return (
    <input
      type="time"
      aria-label={label}
      value={value}
      onChange={(event) => event.target.value !== '' && onTime(event.target.value)}
      className={INPUT}
    />
  )
}
