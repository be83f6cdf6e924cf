import { Link } from 'react-router'
import { PLAIN_ALERT, playing } from '#core/screen'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { Select } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'
import { useMay } from '../rights.tsx'
import { AlertPreview } from '../screen/AlertPreview.tsx'
import type { PartProps } from './part.ts'

type AlertFieldProps = Pick<PartProps, 'draft' | 'put' | 'store'>

/** Which alert it shows, how that looks, and at once whether some connected overlay will play it. */
export function AlertField({ draft, put, store }: AlertFieldProps) {
  const chosen = store.alerts.find(({ id }) => id === draft.alert)
  return (
    <fieldset className="flex min-w-0 flex-col gap-2">
      <legend className="mb-1 font-semibold">On the stream</legend>
      <div className="flex flex-wrap items-center gap-3">
        <Select
          label="Alert it shows"
          value={String(draft.alert ?? '')}
          choices={[
            { value: '', name: 'no alert' },
            ...store.alerts.map(({ id, settings }) => ({ value: String(id), name: `Alert: ${settings.name}` })),
          ]}
          onChoose={(alert) => put({ alert: alert === '' ? null : Number(alert) })}
        />
        {draft.alert !== null && <Plays alert={draft.alert} store={store} />}
      </div>
      {chosen && <AlertPreview draft={chosen.settings} {...(draft.name.trim() !== '' && { reward: draft.name })} />}
      {chosen === undefined ? (
        <MakeAlert draft={draft} put={put} store={store} />
      ) : (
        <Link to="/screen/alerts" className="self-start text-brass-text underline">
          Change its text and look under Alerts. What you typed here is kept.
        </Link>
      )}
    </fieldset>
  )
}

function Plays({ alert, store }: { readonly alert: number } & Pick<PartProps, 'store'>) {
  const plays = playing(store.overlays, alert)
  const now = plays.filter(({ connected }) => connected)
  return (
    <span className={now.length > 0 ? 'text-moss-text' : 'text-brick-text'}>
      {now.length > 0
        ? `${now.map(({ name }) => name).join(' and ')} will play it`
        : plays.length > 0
          ? 'The overlay that would play it is not connected'
          : 'No overlay has a box for it'}
    </span>
  )
}

/** Makes an alert for this reward, with its name and picture, and chooses it: the reward's form stays open. */
function MakeAlert({ draft, put }: AlertFieldProps) {
  const name = draft.name.trim()
  const make = useChange({
    ask: () => {
      const words = { name: name.slice(0, 60), title: '{{ reward.name }}', line: '{{ viewer.name }}' }
      return answerOf(
        api.POST('/desk/alerts', { body: { ...PLAIN_ALERT, ...words, picture: draft.picture, sound: 'bell' } }),
      )
    },
    invalidates: ['store', 'screen'],
    onDone: ({ alert }) => put({ alert }),
    inPlace: true,
  })
  if (!useMay()('screen', 'change')) return null
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Button disabled={name === '' || make.isPending} onClick={() => make.mutate()}>
        Make an alert for it
      </Button>
      <span className="text-note text-muted">
        {name === '' ? 'Give the reward a name first.' : 'With its name and picture; it plays when it is bought.'}
      </span>
      {make.error && <Problem error={make.error} />}
    </div>
  )
}
