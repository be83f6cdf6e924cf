import type { GoalSettings } from '#core/goals'
import { FaultsAt, fieldOf } from '../../parts/form/DraftField.tsx'
import { NumberInput, TextArea, TextInput } from '../../parts/form/inputs.tsx'
import { Radios } from '../../parts/form/Radios.tsx'
import { wordFor } from '../bets/OutcomeFields.tsx'
import { PictureField } from '../library/RefFields.tsx'
import { useStatus } from '../status.ts'
import { TimeField } from '../store/LimitsPart.tsx'
import type { PartProps } from './part.ts'

const GoalField = fieldOf<GoalSettings>()

const ENDS = [
  { value: 'refund', name: 'Everybody gets their part back' },
  { value: 'keep', name: 'It is spent all the same' },
] as const

/** What is promised, what it takes, until when, and what becomes of the money if it is not reached. */
export function PromisePart({ draft, put, view, goal }: PartProps) {
  const { currency } = useStatus()
  const fixed = (goal?.people ?? 0) > 0
  const follows = draft.word === '' || draft.word === wordFor(draft.title)
  return (
    <div className="flex flex-col gap-4">
      <GoalField name="title" label="What you promise">
        {({ value }) => (
          <TextInput
            data-autofocus
            most={120}
            placeholder="What you will do, live"
            value={value}
            onValue={(title) => put({ title, ...(follows && { word: wordFor(title) }) })}
          />
        )}
      </GoalField>
      <div className="grid gap-4 sm:grid-cols-2">
        <GoalField name="target" label="What it takes" unit={currency.many}>
          {(own) => <NumberInput label="What it takes" className="w-32" {...own} />}
        </GoalField>
        <GoalField name="word" label="Word for it in chat" hint="Needed only while several goals are open.">
          {(own) => <TextInput most={20} className="font-mono" {...own} />}
        </GoalField>
      </div>
      <GoalField name="description" label="More about it (may be empty)">
        {(own) => <TextArea most={300} rows={2} {...own} />}
      </GoalField>
      <Ends draft={draft} put={put} zone={view.timeZone} />
      <Unreached draft={draft} put={put} fixed={fixed} />
      <PictureField label="Picture" value={draft.picture} onValue={(picture) => put({ picture })} />
    </div>
  )
}

/** What becomes of the money: promised to everybody. */
const Unreached = ({ draft, put, fixed }: Pick<PartProps, 'draft' | 'put'> & { fixed: boolean }) => (
  <fieldset disabled={fixed}>
    <Radios
      legend="If it is not reached"
      value={draft.unreached}
      choices={ENDS}
      onChoose={(unreached) => put({ unreached })}
    />
    <p className="mt-1 text-note text-muted">
      {fixed
        ? 'Somebody has chipped in: this stays.'
        : 'Everybody sees this, and it cannot change once somebody has chipped in.'}
    </p>
  </fieldset>
)

const Ends = ({ draft: { endsAt }, put, zone }: Pick<PartProps, 'draft' | 'put'> & { zone: string }) => (
  <FaultsAt name="endsAt">
    <TimeField label="It ends" at={endsAt} setAt={(at) => put({ endsAt: at })} zone={zone} none="no end" />
  </FaultsAt>
)
