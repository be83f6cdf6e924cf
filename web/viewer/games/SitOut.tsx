import { useState } from 'react'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { dayText, useNow } from '../../parts/time.ts'
import { usePlay } from './usePlay.ts'

const DAY = 86_400
const SPANS = [
  { name: '1 day', seconds: DAY },
  { name: '7 days', seconds: 7 * DAY },
  { name: '30 days', seconds: 30 * DAY },
  { name: '180 days', seconds: 180 * DAY },
] as const

/** Barring oneself from all games for a time. Nobody can end it early, so it is asked twice. */
export function SitOut({ until }: { until: number }) {
  const [asking, setAsking] = useState(false)
  const now = useNow()
  return (
    <div className="mt-4 flex flex-wrap items-center gap-3">
      {until > now ? (
        <p className="flex-1">
          You are sitting out until <strong>{dayText(until)}</strong>. Nobody can end that early.
        </p>
      ) : (
        <p className="flex-1 text-muted">
          Had enough for a while? Sit out: no game takes a stake from you in that time.
        </p>
      )}
      <Button className="min-h-[44px]" onClick={() => setAsking(true)}>
        {until > now ? 'Make it longer' : 'Sit out'}
      </Button>
      {asking && <SitOutDialog close={() => setAsking(false)} />}
    </div>
  )
}

function SitOutDialog({ close }: { close: () => void }) {
  const [seconds, setSeconds] = useState<number>(7 * DAY)
  const play = usePlay()
  const go = () => play.mutate({ do: 'sitout', seconds }, { onSuccess: close })
  return (
    <FormDialog title="Sit out all games" close={close}>
      <p>
        During this time no game takes a stake from you. Nobody can end it early: not you, not the streamer, not the
        team.
      </p>
      <fieldset className="flex flex-col gap-1">
        <legend className="sr-only">For how long</legend>
        {SPANS.map((span) => (
          <label key={span.seconds} className="flex min-h-10 items-center gap-2.5">
            <input
              type="radio"
              name="span"
              checked={seconds === span.seconds}
              onChange={() => setSeconds(span.seconds)}
              className="size-4 accent-brass"
            />
            {span.name}
          </label>
        ))}
      </fieldset>
      {play.error && <Problem error={play.error} />}
      <div className="flex flex-wrap gap-2">
        <Button look="main" disabled={play.isPending} onClick={go}>
          Sit out for {SPANS.find((span) => span.seconds === seconds)?.name}
        </Button>
        <Button onClick={close}>Not now</Button>
      </div>
    </FormDialog>
  )
}
