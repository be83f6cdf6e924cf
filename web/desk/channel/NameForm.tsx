import type { FormEvent } from 'react'
import { foundFaults } from '#core/faults'
import type { Body } from '../../parts/api/called.ts'
import { api } from '../../parts/api.ts'
import { ApplyFoot } from '../../parts/form/ApplyFoot.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { fieldOf } from '../../parts/form/DraftField.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { Checkbox, TextInput } from '../../parts/form/inputs.tsx'
import { useSave } from '../../parts/form/useSave.ts'
import { Panel } from '../../parts/page/Panel.tsx'
import type { ChannelView } from './view.ts'

type Settings = Body<'/desk/channel'>

const NameField = fieldOf<Settings>()
const MISSING = 'Give it a name: viewers see it above their page.'

/** The channel's state as the change log has it. */
const stateOf = ({ name, address, listed, pausedBy, closedAt }: ChannelView) => ({
  ...{ name, address, listed },
  paused: pausedBy !== null,
  closed: closedAt !== null,
})

/** What the channel is called, and whether it is in the list. */
export function NameForm({ channel }: { readonly channel: ChannelView }) {
  const { name, listed } = channel
  const kept = useDraft<Settings>('channel', { name, listed })
  const { draft, put, discard, settle, conflict, changed } = kept
  const save = useSave(
    (body: Settings) => api.PUT('/desk/channel', { body, ...changedFrom(stateOf(channel)) }),
    'The channel’s name is saved.',
  )
  const wrong = draft.name.trim() === '' ? MISSING : undefined
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (wrong === undefined && changed) save.mutate(draft, { onSuccess: () => settle(draft) })
  }
  return (
    <form onSubmit={submit}>
      <Panel title="Name" aside={changed ? undefined : 'live'} bodyClassName="flex flex-col gap-3 p-4">
        <DraftFields kept={kept} faults={foundFaults({ name: wrong })} error={save.error}>
          <NameField name="name" label="What the channel is called" hint="Viewers see it above their page.">
            {(own) => <TextInput most={60} {...own} />}
          </NameField>
        </DraftFields>
        <Checkbox on={draft.listed} onTick={(on) => put({ ...draft, listed: on })}>
          Show it in this installation’s list of channels. Who has its address finds it in any case.
        </Checkbox>
        <ApplyFoot
          changed={changed}
          wrong={wrong}
          pending={save.isPending}
          error={save.error}
          discard={discard}
          conflict={conflict}
        />
      </Panel>
    </form>
  )
}
