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

/** Each part is asked for only if it is ticked. */
function Asks({ condition, setCondition, view, around }: AsksProps) {
  const { standing, balanceFrom, tally, onAir, time } = condition
  const tick =
    <K extends keyof Condition>(name: K, value: Condition[K]) =>
    (on: boolean) => {
      const { [name]: _, ...others } = condition
      setCondition(on ? { ...others, [name]: value } : others)
    }
  const standings = [...PLAIN_STANDINGS, 'subscriber', ...view.circles.map(({ id }) => circleStanding(id))]
  const firstTally = view.tallies[0]?.id
  return (
    <div className="flex flex-col gap-1.5">
      {around.viewer && (
        <>
          <Checkbox on={standing !== undefined} onTick={tick('standing', 'follower')}>
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
          <Checkbox on={balanceFrom !== undefined} onTick={tick('balanceFrom', 100)}>
            the viewer’s balance is at least{' '}
            {balanceFrom !== undefined && (
              <NumberInput
                label="Balance at least"
                value={balanceFrom}
                onValue={(value) => setCondition({ ...condition, balanceFrom: value })}
              />
            )}
          </Checkbox>
          {firstTally !== undefined && (
            <Checkbox on={tally !== undefined} onTick={tick('tally', { tally: firstTally, from: 1 })}>
              the viewer’s tally{' '}
              {tally !== undefined && (
                <>
                  <Select
                    label="Tally asked for"
                    value={String(tally.tally)}
                    choices={view.tallies.map(({ id, name }) => ({ value: String(id), name }))}
                    onChoose={(id) => setCondition({ ...condition, tally: { ...tally, tally: Number(id) } })}
                  />{' '}
                  is at least{' '}
                  <NumberInput
                    label="Tally at least"
                    value={tally.from}
                    onValue={(from) => setCondition({ ...condition, tally: { ...tally, from } })}
                  />
                </>
              )}
            </Checkbox>
          )}
        </>
      )}
      <Checkbox on={onAir !== undefined} onTick={tick('onAir', true)}>
        the show is{' '}
        {onAir !== undefined && (
          <Select
            label="On or off air"
            value={onAir ? 'on' : 'off'}
            choices={[
              { value: 'on', name: 'on air' },
              { value: 'off', name: 'off air' },
            ]}
            onChoose={(value) => setCondition({ ...condition, onAir: value === 'on' })}
          />
        )}
      </Checkbox>
      <Checkbox on={time !== undefined} onTick={tick('time', { from: '18:00', to: '22:00' })}>
        the time of day is between{' '}
        {time !== undefined && (
          <>
            <TimeInput
              label="From"
              value={time.from}
              onTime={(from) => setCondition({ ...condition, time: { ...time, from } })}
            />{' '}
            and{' '}
            <TimeInput
              label="To"
              value={time.to}
              onTime={(to) => setCondition({ ...condition, time: { ...time, to } })}
            />
          </>
        )}
      </Checkbox>
    </div>
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
