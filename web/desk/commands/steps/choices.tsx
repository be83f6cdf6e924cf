import type { Around } from '#core/runs'
import type { HowMany, Target } from '#core/steps'
import { NumberInput, Select } from '../../../parts/form/inputs.tsx'
import { useStatus } from '../../status.ts'

interface TargetFieldProps {
  readonly label: string
  readonly target: Target
  readonly onTarget: (target: Target) => void
  readonly around: Around
  /** Only one person can be meant. */
  readonly one?: boolean
}

const keyOf = (target: Target): string =>
  target.of === 'argument' ? `argument/${target.name}` : target.of === 'circle' ? `circle/${target.circle}` : target.of

function targetOf(key: string): Target {
  const [of, about = ''] = key.split('/')
  if (of === 'argument') return { of, name: about }
  if (of === 'circle') return { of, circle: Number(about) }
  return of === 'present' ? { of } : { of: 'caller' }
}

/** Whom a step is about. */
export function TargetField({ label, target, onTarget, around, one = false }: TargetFieldProps) {
  const choices = [
    ...(around.viewer ? [{ value: 'caller', name: 'the viewer' }] : []),
    ...around.arguments
      .filter(({ kind }) => kind === 'viewer')
      .map(({ name }) => ({ value: `argument/${name}`, name: `whoever is named: ${name}` })),
    ...(one ? [] : [{ value: 'present', name: 'everyone present' }]),
    ...(one ? [] : around.circles.map(({ id, name }) => ({ value: `circle/${id}`, name: `circle: ${name}` }))),
  ]
  const value = keyOf(target)
  const known = choices.some((choice) => choice.value === value)
  return (
    <span className="flex items-center gap-2">
      <span aria-hidden="true">{label}</span>
      <Select
        label={`${label}: whom`}
        value={known ? value : ''}
        choices={known ? choices : [{ value: '', name: 'choose …' }, ...choices]}
        onChoose={(key) => key !== '' && onTarget(targetOf(key))}
      />
    </span>
  )
}

interface AmountFieldProps {
  readonly amount: HowMany
  readonly onAmount: (amount: HowMany) => void
  readonly around: Around
  /** What is counted; left out: the currency. */
  readonly unit?: string
}

/** How many: a fixed number, or what was typed. */
export function AmountField({ amount, onAmount, around, unit }: AmountFieldProps) {
  const { currency } = useStatus()
  const typed = around.arguments.filter(({ kind }) => kind === 'amount' || kind === 'number')
  const choices = [
    { value: '', name: 'this many' },
    ...typed.map(({ name }) => ({ value: name, name: `as many as typed: ${name}` })),
  ]
  const fixed = 'fixed' in amount
  return (
    <span className="flex items-center gap-2">
      {fixed && <NumberInput label="How many" value={amount.fixed} onValue={(value) => onAmount({ fixed: value })} />}
      {(typed.length > 0 || !fixed) && (
        <Select
          label="Which amount"
          value={fixed ? '' : amount.argument}
          choices={
            fixed || typed.some(({ name }) => name === amount.argument)
              ? choices
              : [...choices, { value: amount.argument, name: 'choose …' }]
          }
          onChoose={(name) => onAmount(name === '' ? { fixed: 10 } : { argument: name })}
        />
      )}
      <span>{unit ?? currency.many}</span>
    </span>
  )
}
