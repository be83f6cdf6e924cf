import { useState } from 'react'
import { callsIn } from '#core/runs'
import type { CommandSettings } from '#core/words'
import { Checkbox, Field, NumberInput, Select, TextInput } from '../../parts/form/inputs.tsx'
import { useStatus } from '../status.ts'
import { LimitFields } from './LimitFields.tsx'
import type { CommandsView } from './view.ts'
import { WhoFields } from './WhoFields.tsx'

interface WhoPartProps {
  readonly draft: CommandSettings
  readonly put: (patch: Partial<CommandSettings>) => void
  readonly view: CommandsView
  readonly id: number | undefined
}

/** Who may use it, where, for how much, and what they hear. */
export function WhoPart({ draft, put, view, id }: WhoPartProps) {
  const [named, setNamed] = useState<Readonly<Record<number, string>>>({})
  return (
    <div className="flex flex-col gap-5">
      <WhoFields
        who={draft.who}
        view={view}
        setWho={(who) => put({ who })}
        named={named}
        setNamed={setNamed}
        may="may use it in chat"
      />
      <OutsideToo id={id} view={view} />
      <WhereFields draft={draft} put={put} />
      <LimitFields
        limits={draft.limits}
        setLimits={(limits) => put({ limits })}
        onAir={draft.onAir}
        setOnAir={(onAir) => put({ onAir })}
        viewer
      />
      <ReplyFields draft={draft} put={put} />
    </div>
  )
}

const WHERE = [
  { value: 'both', name: 'in the room and privately' },
  { value: 'room', name: 'in the room only' },
  { value: 'private', name: 'privately only' },
] as const

function WhereFields({ draft, put }: Pick<WhoPartProps, 'draft' | 'put'>) {
  const { currency } = useStatus()
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-semibold">Where, and for how much</legend>
      <div className="flex flex-wrap items-center gap-3">
        <Select label="Where it works" value={draft.where} choices={WHERE} onChoose={(where) => put({ where })} />
      </div>
      <div className="flex items-center gap-3">
        <span>Costs</span>
        <NumberInput label="Price" value={draft.cost} none="nothing" onValue={(cost) => put({ cost })} />
        <span className="text-muted">{currency.many}, refunded if a step fails</span>
      </div>
    </fieldset>
  )
}

const REPLIES = [
  { value: 'channel', name: 'as set on the Bot page' },
  { value: 'plain', name: 'plainly' },
  { value: 'mention', name: 'by their name' },
  { value: 'private', name: 'privately' },
] as const

function ReplyFields({ draft, put }: Pick<WhoPartProps, 'draft' | 'put'>) {
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-semibold">Replies</legend>
      <div className="flex items-center gap-3">
        <span>Reply to the viewer</span>
        <Select
          label="How it answers"
          value={draft.reply ?? 'channel'}
          choices={REPLIES}
          onChoose={(reply) => put({ reply: reply === 'channel' ? null : reply })}
        />
      </div>
      <Checkbox on={draft.refusals} onTick={(refusals) => put({ refusals })}>
        Tell viewers who may not use it why (once, not every time)
      </Checkbox>
      {draft.refusals && (
        <Field label="With this text" hint="Fields: {{ viewer.name }}, {{ why }}">
          <TextInput
            value={draft.refusalText ?? ''}
            most={200}
            placeholder="our own"
            onValue={(refusalText) => put({ refusalText })}
          />
        </Field>
      )}
    </fieldset>
  )
}

/** Who may set a command off by spending the platform's own points is said where its trigger is. */
function OutsideToo({ id, view }: { id: number | undefined; view: CommandsView }) {
  const callers = view.triggers.filter(({ settings }) => id !== undefined && callsIn(settings.steps).includes(id))
  if (callers.length === 0) return null
  return (
    <ul className="flex flex-col gap-1 rounded-md bg-surface px-3 py-2">
      {callers.map(({ id: trigger, settings, who }) => (
        <li key={trigger}>
          The trigger “{settings.name}” does its steps, too: {who} may set that off, without a price of ours.
        </li>
      ))}
    </ul>
  )
}
