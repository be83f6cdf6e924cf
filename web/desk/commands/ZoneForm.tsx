import type { FormEvent } from 'react'
import { isZone } from '#core/settings'
import type { Body } from '../../parts/api/called.ts'
import { api } from '../../parts/api.ts'
import { Panel } from '../../parts/Panel.tsx'
import { useUnsaved } from '../../parts/unsaved.tsx'
import { useDraft } from '../../parts/useDraft.ts'
import { Applies } from './Applies.tsx'
import { useSave } from './useSave.ts'

const ZONES = Intl.supportedValuesOf('timeZone')

/** The channel's time zone: what a weekday, an hour and a day mean here. */
export function ZoneForm({ zone }: { zone: string }) {
  const { draft, put: setDraft, back } = useDraft(zone)
  useUnsaved(draft !== zone)
  const save = useSave(
    (body: Body<'/desk/zone'>) => api.PUT('/desk/zone', { body }),
    'The channel goes by this time from now on.',
  )
  const known = isZone(draft)
  const now = known
    ? new Intl.DateTimeFormat('en-GB', {
        timeZone: draft,
        weekday: 'long',
        hour: '2-digit',
        minute: '2-digit',
      }).format()
    : undefined
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (known && draft !== zone) save.mutate({ timeZone: draft })
  }
  return (
    <form onSubmit={submit}>
      <Panel title="Time zone" aside={draft === zone ? 'live' : undefined} bodyClassName="flex flex-col gap-3 p-4">
        <label className="flex flex-col gap-1">
          A day, a weekday and an hour mean those of
          <input
            list="zones"
            value={draft}
            onChange={(event) => setDraft(event.target.value)}
            className="rounded-md border border-line bg-surface px-2.5 py-1.5"
          />
          <datalist id="zones">
            {ZONES.map((one) => (
              <option key={one} value={one} />
            ))}
          </datalist>
          <span className="text-[0.93rem] text-muted">
            {now ? `It is ${now} there.` : 'There is no such time zone. One is Europe/Berlin.'}
          </span>
        </label>
        <Applies
          changed={draft !== zone}
          wrong={known ? undefined : 'Choose a time zone from the list.'}
          pending={save.isPending}
          error={save.error}
          back={back}
        />
      </Panel>
    </form>
  )
}
