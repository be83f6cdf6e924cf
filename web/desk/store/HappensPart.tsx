import { Link } from 'react-router'
import { playing } from '#core/screen'
import { Checkbox, Field, INPUT, Select } from '../../parts/form/inputs.tsx'
import { RestField } from './LimitsPart.tsx'
import type { PartProps } from './part.ts'

/** What is shown and said when it is bought, how long it lasts, and what the buyer is told when it is done. */
export function HappensPart({ draft, put, store, view }: PartProps) {
  const { perk } = draft
  return (
    <div className="flex flex-col gap-5">
      <AlertField {...{ draft, put, store }} />
      <Checkbox on={draft.say} onTick={(say) => put({ say })}>
        Announce each purchase in chat
      </Checkbox>
      {draft.kind !== 'code' && (
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
              <p className="grid grid-cols-[8rem_auto_1fr] items-center gap-2">
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
      )}
      {draft.kind === 'hand' && (
        <fieldset className="flex flex-col gap-2">
          <legend className="mb-1 font-semibold">When it is done</legend>
          <Field
            label="Message to the buyer"
            hint="Fields: {{ viewer.name }}, {{ reward.name }}, {{ order.text }}, {{ order.cost }}"
          >
            <input
              value={draft.doneText}
              maxLength={300}
              placeholder="nothing"
              onChange={(event) => put({ doneText: event.target.value })}
              className={`${INPUT} placeholder:text-muted`}
            />
          </Field>
          <Select
            label="Where the message goes"
            value={draft.doneTo}
            choices={[
              { value: 'room', name: 'in the room' },
              { value: 'private', name: 'privately' },
            ]}
            onChoose={(doneTo) => put({ doneTo })}
          />
        </fieldset>
      )}
    </div>
  )
}

/** Which alert it shows, and at once whether some connected overlay will play it. */
function AlertField({ draft, put, store }: Pick<PartProps, 'draft' | 'put' | 'store'>) {
  const plays = playing(store.overlays, draft.alert)
  const now = plays.filter(({ connected }) => connected)
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-semibold">On the stream</legend>
      <div className="flex flex-wrap items-center gap-3">
        <Select
          label="Alert it shows"
          value={String(draft.alert ?? '')}
          choices={[
            { value: '', name: 'no alert' },
            ...store.alerts.map(({ id, name }) => ({ value: String(id), name: `Alert: ${name}` })),
          ]}
          onChoose={(alert) => put({ alert: alert === '' ? null : Number(alert) })}
        />
        {draft.alert !== null && (
          <span className={now.length > 0 ? 'text-moss-text' : 'text-brick-text'}>
            {now.length > 0
              ? `${now.map(({ name }) => name).join(' and ')} will play it`
              : plays.length > 0
                ? 'The overlay that would play it is not connected'
                : 'No overlay has a box for it'}
          </span>
        )}
      </div>
      <Link to="/screen/alerts" className="self-start text-brass-text underline">
        Edit alerts
      </Link>
    </fieldset>
  )
}
