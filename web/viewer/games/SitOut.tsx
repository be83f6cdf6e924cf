import { useState } from 'react'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Radios } from '../../parts/form/Radios.tsx'
import { dayText, useNow } from '../../parts/time.ts'
import { usePlay } from './usePlay.ts'

const DAY = 86_400
const SPANS = [
  { name: '1 day', value: DAY },
  { name: '7 days', value: 7 * DAY },
  { name: '30 days', value: 30 * DAY },
  { name: '180 days', value: 180 * DAY },
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
      <Button className="min-h-touch" onClick={() => setAsking(true)}>
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
    <DialogForm
      title="Sit out all games"
      close={close}
      does={`Sit out for ${SPANS.find(({ value }) => value === seconds)?.name}`}
      go={go}
      change={play}
    >
      <p>
        During this time no game takes a stake from you. Nobody can end it early: not you, not the streamer, not the
        team.
      </p>
      <Radios legend="For how long" legendHidden value={seconds} choices={SPANS} onChoose={setSeconds} />
    </DialogForm>
  )
}
