import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { durationInWords, inWords } from '#core/currency'
import { UNDO_SECONDS } from '#core/people'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { timeText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { useStatus } from '../status.ts'

/** What happened while nobody looked: a show forgotten on air, a time when chat was away. */
export function ShowNotices() {
  const { forgotten, now, ahead } = useStatus()
  const gaps = useQuery({
    queryKey: keyOf('gaps'),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/gaps', { signal })),
  })
  const all = gaps.data?.gaps ?? []
  const open = all.filter(({ status }) => status === 'open')
  const paid = all.filter(({ status, endedAt }) => status === 'paid' && now + ahead - (endedAt ?? 0) < UNDO_SECONDS)
  return (
    <>
      {forgotten !== null && <Forgotten since={forgotten} />}
      {paid.map((gap) => (
        <PaidNotice key={gap.id} gap={gap} />
      ))}
      {open.slice(0, 3).map((gap) => (
        <GapNotice key={gap.id} gap={gap} />
      ))}
    </>
  )
}

const BOX = 'flex flex-wrap items-center gap-x-4 gap-y-2 rounded-md border border-brass bg-brass-wash px-4 py-2.5'

function Forgotten({ since }: { since: number }) {
  const close = useChange({
    ask: () => answerOf(api.POST('/desk/show/close', { body: { endedAt: since } })),
    invalidates: 'all',
    said: () => `The show ended at ${timeText(since)}.`,
  })
  return (
    <div role="status" className={BOX}>
      <p className="min-w-60 flex-1">
        Still on air? Since {timeText(since)} nobody has been here and nobody has written.
      </p>
      <Button look="main" disabled={close.isPending} onClick={() => close.mutate()}>
        Close the show at {timeText(since)}
      </Button>
    </div>
  )
}

type Gap = Answer<'/desk/gaps'>['gaps'][number]

/** A payment that can still be taken back. */
function PaidNotice({ gap }: { gap: Gap }) {
  const { undo } = useEndGap(gap)
  const takeBack = useChange({ ask: undo, invalidates: ['gaps'], said: (words) => words })
  return (
    <p className="flex items-center gap-4 rounded-md border border-line bg-panel px-4 py-1.5 text-muted">
      <span className="min-w-60 flex-1">
        The time from {timeText(gap.from)} to {timeText(gap.until)}, when chat was away, is paid.
      </span>
      <Button look="quiet" onClick={() => takeBack.mutate()}>
        Undo
      </Button>
    </p>
  )
}

/** Leaves a gap unpaid, or takes its payment back. */
function useEndGap(gap: Gap) {
  const { currency } = useStatus()
  const end = (how: 'dismiss' | 'undo') =>
    answerOf(api.POST('/desk/gaps/{gap}/end', { params: { path: { gap: gap.id } }, body: { how } }))
  const undo = async () => {
    const ended = await end('undo')
    const owed = 'owed' in ended ? ended.owed : 0
    return owed > 0 ? `Undone. ${inWords(owed, currency)} of it had already been spent.` : 'Undone.'
  }
  const dismiss = useChange({ ask: () => end('dismiss'), invalidates: ['gaps'], said: 'Nothing was paid.' })
  return { dismiss, undo }
}

type Preview = Answer<'/desk/gaps/{gap}/pay'>

function GapNotice({ gap }: { gap: Gap }) {
  const { currency } = useStatus()
  const [preview, setPreview] = useState<Preview>()
  const look = useChange({
    ask: () =>
      answerOf(api.POST('/desk/gaps/{gap}/pay', { params: { path: { gap: gap.id } }, body: { preview: true } })),
    invalidates: [],
    onDone: setPreview,
  })
  const { dismiss, undo } = useEndGap(gap)
  const pay = useChange({
    ask: () =>
      answerOf(api.POST('/desk/gaps/{gap}/pay', { params: { path: { gap: gap.id } }, body: { preview: false } })),
    invalidates: ['gaps'],
    said: ({ people, total }) => `${people} people got ${inWords(total, currency)} in all.`,
    undo: () => undo(),
  })
  const length = durationInWords(gap.until - gap.from)
  return (
    <div role="status" className={BOX}>
      <p className="min-w-60 flex-1">
        Chat was away from {timeText(gap.from)} to {timeText(gap.until)}, for {length}. {gap.people}{' '}
        {gap.people === 1 ? 'person was' : 'people were'} here before and after it
        {preview ? `: together they would get ${inWords(preview.total, currency)}.` : '.'}
      </p>
      <Button look="quiet" onClick={() => dismiss.mutate()}>
        Leave it
      </Button>
      {preview ? (
        <Button look="main" disabled={pay.isPending} onClick={() => pay.mutate()}>
          Pay {inWords(preview.total, currency)}
        </Button>
      ) : (
        <Button disabled={look.isPending} onClick={() => look.mutate()}>
          What would paying it come to?
        </Button>
      )}
    </div>
  )
}
