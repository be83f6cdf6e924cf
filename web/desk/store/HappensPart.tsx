import { FaultsAt } from '../../parts/form/DraftField.tsx'
import { Checkbox, Select, TextInput } from '../../parts/form/inputs.tsx'
import { AlertField } from './AlertField.tsx'
import { RestField } from './LimitsPart.tsx'
import { type PartProps, RewardField } from './part.ts'

/** What is shown and said when it is bought, how long it lasts, and what the buyer is told when it is done. */
export function HappensPart({ draft, put, store, view }: PartProps) {
  return (
    <div className="flex flex-col gap-5">
      <AlertField {...{ draft, put, store }} />
      <Checkbox on={draft.say} onTick={(say) => put({ say })}>
        Announce each purchase in chat
      </Checkbox>
      <FaultsAt name="perk">{draft.kind !== 'code' && <PerkFields {...{ draft, put, view }} />}</FaultsAt>
      <DoneFields {...{ draft, put }} />
    </div>
  )
}

function PerkFields({ draft: { perk }, put, view }: Pick<PartProps, 'draft' | 'put' | 'view'>) {
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-semibold">How long it lasts</legend>
      <Checkbox on={perk !== null} onTick={(on) => put({ perk: on ? { seconds: 86_400, circle: null } : null })}>
        It ends after a time
      </Checkbox>
      {perk !== null && (
        <>
          <RestField
            label="It lasts"
            seconds={perk.seconds}
            none="–"
            most={31_536_000}
            setSeconds={(seconds) => put({ perk: { ...perk, seconds: Math.max(60, seconds) } })}
          />
          <p className="grid cols-limit items-center gap-2">
            <span>Meanwhile</span>
            <Select
              label="Circle that the buyer is in meanwhile"
              value={String(perk.circle ?? '')}
              choices={[
                { value: '', name: 'nothing automatic' },
                ...view.circles.map(({ id, name }) => ({ value: String(id), name: `in the circle “${name}”` })),
              ]}
              onChoose={(circle) => put({ perk: { ...perk, circle: circle === '' ? null : Number(circle) } })}
            />
          </p>
          <p className="text-muted">
            {perk.circle === null
              ? 'When the time is over, the order returns to Waiting so that you can end it.'
              : 'The buyer leaves the circle automatically when the time is over. Buying it again adds to the time.'}
          </p>
        </>
      )}
    </fieldset>
  )
}

const DONE_TO = [
  { value: 'room', name: 'in the room' },
  { value: 'private', name: 'privately' },
] as const

function DoneFields({ draft, put }: Pick<PartProps, 'draft' | 'put'>) {
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-semibold">{draft.kind === 'hand' ? 'When it is done' : 'When it is bought'}</legend>
      <RewardField
        name="doneText"
        label="Message to the buyer"
        hint="Fields: {{ viewer.name }}, {{ reward.name }}, {{ order.text }}, {{ order.cost }}"
      >
        {(own) => <TextInput most={300} placeholder="nothing" {...own} />}
      </RewardField>
      <Select
        label="Where the message goes"
        value={draft.doneTo}
        choices={DONE_TO}
        onChoose={(doneTo) => put({ doneTo })}
      />
    </fieldset>
  )
}
