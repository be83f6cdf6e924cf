import type { FormEvent } from 'react'
import { isZone } from '#core/settings'
import type { Body } from '../../parts/api/called.ts'
import { api } from '../../parts/api.ts'
import { ApplyFoot } from '../../parts/form/ApplyFoot.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { useSave } from '../../parts/form/useSave.ts'
import { Panel } from '../../parts/page/Panel.tsx'

const ZONES = Intl.supportedValuesOf('timeZone')

/** The channel's time zone: what a weekday, an hour and a day mean here. */
export function ZoneForm({ zone }: { zone: string }) {
  const { draft, put: setDraft, discard, settle, conflict } = useDraft('zone', zone)
  const save = useSave((body: Body<'/desk/zone'>) => api.PUT('/desk/zone', { body }), 'The time zone is saved.')
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
    if (known && draft !== zone) save.mutate({ timeZone: draft }, { onSuccess: () => settle(draft) })
  }
  return (
    <form onSubmit={submit}>
      <Panel title="Time zone" aside={draft === zone ? 'live' : undefined} bodyClassName="flex flex-col gap-3 p-4">
        <label className="flex flex-col gap-1">
          Days, weekdays and hours follow the clock of
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
          <span className="text-note text-muted">
            {now ? `It is ${now} there.` : 'There is no such time zone. One is Europe/Berlin.'}
          </span>
        </label>
        <ApplyFoot
          changed={draft !== zone}
          wrong={known ? undefined : 'Choose a time zone from the list.'}
          pending={save.isPending}
          error={save.error}
          discard={discard}
          conflict={conflict}
        />
      </Panel>
    </form>
  )
}
