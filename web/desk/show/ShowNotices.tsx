import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { durationInWords, inWords } from '#core/currency'
import { UNDO_SECONDS } from '#core/people'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { timeText } from '../../parts/time.ts'
import { useStatus } from '../status.ts'

/** What happened while nobody looked: a show forgotten on air, a time when chat was away. */
export function ShowNotices() {
  const { forgotten, now, ahead } = useStatus()
  const gaps = useQuery({
    queryKey: ['gaps'],
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
  const client = useQueryClient()
  const toast = useToast()
  const close = useMutation({
    mutationFn: () => answerOf(api.POST('/desk/show/close', { body: { endedAt: since } })),
    onSuccess: async () => {
      toast({ text: `The show ended at ${timeText(since)}.` })
      await client.invalidateQueries()
    },
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
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
  const end = useEndGap(gap)
  return (
    <p className="flex items-center gap-4 rounded-md border border-line bg-panel px-4 py-1.5 text-muted">
      <span className="min-w-60 flex-1">
        The time from {timeText(gap.from)} to {timeText(gap.until)}, when chat was away, is paid.
      </span>
      <Button look="quiet" onClick={() => end('undo', 'Undone.')}>
        Undo
      </Button>
    </p>
  )
}

/** Leaves a gap unpaid, or takes its payment back. */
function useEndGap(gap: Gap) {
  const { currency } = useStatus()
  const client = useQueryClient()
  const toast = useToast()
  return (how: 'dismiss' | 'undo', said: string) =>
    void answerOf(api.POST('/desk/gaps/{gap}/end', { params: { path: { gap: gap.id } }, body: { how } })).then(
      (ended) => {
        const owed = 'owed' in ended ? ended.owed : 0
        toast({ text: owed > 0 ? `${said} ${inWords(owed, currency)} of it had already been spent.` : said })
        void client.invalidateQueries({ queryKey: ['gaps'] })
      },
      (fault: Error) => toast({ text: fault.message, look: 'problem' }),
    )
}

type Preview = Answer<'/desk/gaps/{gap}/pay'>

function GapNotice({ gap }: { gap: Gap }) {
  const { currency } = useStatus()
  const client = useQueryClient()
  const toast = useToast()
  const [preview, setPreview] = useState<Preview>()
  const refresh = () => client.invalidateQueries({ queryKey: ['gaps'] })
  const fail = (fault: Error) => toast({ text: fault.message, look: 'problem' })
  const look = useMutation({
    mutationFn: () =>
      answerOf(api.POST('/desk/gaps/{gap}/pay', { params: { path: { gap: gap.id } }, body: { preview: true } })),
    onSuccess: setPreview,
    onError: fail,
  })
  const end = useEndGap(gap)
  const pay = useMutation({
    mutationFn: () =>
      answerOf(api.POST('/desk/gaps/{gap}/pay', { params: { path: { gap: gap.id } }, body: { preview: false } })),
    onSuccess: async ({ people, total }) => {
      toast({
        text: `${people} people got ${inWords(total, currency)} in all.`,
        undo: () => end('undo', 'Undone.'),
      })
      await refresh()
    },
    onError: fail,
  })
  const length = durationInWords(gap.until - gap.from)
  return (
    <div role="status" className={BOX}>
      <p className="min-w-60 flex-1">
        Chat was away from {timeText(gap.from)} to {timeText(gap.until)}, for {length}. {gap.people}{' '}
        {gap.people === 1 ? 'person was' : 'people were'} here before and after it
        {preview ? `: together they would get ${inWords(preview.total, currency)}.` : '.'}
      </p>
      <Button look="quiet" onClick={() => end('dismiss', 'Nothing was paid.')}>
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
