import type { FormEvent } from 'react'
import { foundFaults } from '#core/faults'
import { isZone } from '#core/settings'
import type { Body } from '../../parts/api/called.ts'
import { api } from '../../parts/api.ts'
import { ApplyFoot } from '../../parts/form/ApplyFoot.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { fieldOf } from '../../parts/form/DraftField.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { TextInput } from '../../parts/form/inputs.tsx'
import { useSave } from '../../parts/form/useSave.ts'
import { Panel } from '../../parts/page/Panel.tsx'

const UNKNOWN = 'There is no such time zone. Choose one from the list, like Europe/Berlin.'

const ZoneField = fieldOf<{ readonly timeZone: string }>()

const ZONES = Intl.supportedValuesOf('timeZone')

const timeIn = (timeZone: string): string =>
  new Intl.DateTimeFormat('en-GB', { timeZone, weekday: 'long', hour: '2-digit', minute: '2-digit' }).format()

const Zones = () => (
  <datalist id="zones">
    {ZONES.map((one) => (
      <option key={one} value={one} />
    ))}
  </datalist>
)

/** The channel's time zone: what a weekday, an hour and a day mean here. */
export function ZoneForm({ zone }: { zone: string }) {
  const kept = useDraft('zone', { timeZone: zone })
  const { draft, discard, settle, conflict, changed } = kept
  const save = useSave(
    (body: Body<'/desk/zone'>) => api.PUT('/desk/zone', { body, ...changedFrom({ timeZone: zone }) }),
    'The time zone is saved.',
  )
  const known = isZone(draft.timeZone)
  const now = known ? timeIn(draft.timeZone) : undefined
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (known && changed) save.mutate(draft, { onSuccess: () => settle(draft) })
  }
  return (
    <form onSubmit={submit}>
      <Panel title="Time zone" aside={changed ? undefined : 'live'} bodyClassName="flex flex-col gap-3 p-4">
        <DraftFields kept={kept} faults={foundFaults({ timeZone: known ? undefined : UNKNOWN })} error={save.error}>
          <ZoneField
            name="timeZone"
            label="Days, weekdays and hours follow the clock of"
            hint={now && `It is ${now} there.`}
          >
            {(own) => <TextInput most={60} list="zones" {...own} />}
          </ZoneField>
        </DraftFields>
        <Zones />
        <ApplyFoot
          changed={changed}
          wrong={known ? undefined : UNKNOWN}
          pending={save.isPending}
          error={save.error}
          discard={discard}
          conflict={conflict}
        />
      </Panel>
    </form>
  )
}
