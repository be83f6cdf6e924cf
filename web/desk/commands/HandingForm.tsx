import type { FormEvent } from 'react'
import { type Currency, inWords } from '#core/currency'
import { fillIn } from '#core/texts'
import type { Body } from '../../parts/api/called.ts'
import { api } from '../../parts/api.ts'
import { Panel } from '../../parts/Panel.tsx'
import { same } from '../../parts/same.ts'
import { useUnsaved } from '../../parts/unsaved.tsx'
import { useDraft } from '../../parts/useDraft.ts'
import { Applies } from './Applies.tsx'
import { useSave } from './useSave.ts'
import type { Words } from './words.ts'

const INPUT = 'rounded-md border border-line bg-surface px-2.5 py-1.5'

/** Whether viewers may pass currency on, and how much in a day. */
export function HandingForm({ handing, currency, words }: Pick<Words, 'handing' | 'words'> & { currency: Currency }) {
  const { draft, put: setDraft, back } = useDraft(handing)
  const save = useSave(
    (body: Body<'/desk/handing'>) => api.PUT('/desk/handing', { body }),
    draft.on ? 'Viewers can pass it on from now on.' : 'Passing on is switched off.',
  )
  const changed = !same(draft, handing)
  useUnsaved(changed)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (changed && draft.perDay > 0) save.mutate(draft)
  }
  return (
    <form onSubmit={submit}>
      <Panel
        title="Passing on"
        aside={changed ? undefined : handing.on ? 'on' : 'off'}
        bodyClassName="flex flex-col gap-3 p-4"
      >
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={draft.on}
            onChange={(event) => setDraft({ ...draft, on: event.target.checked })}
            className="size-4 accent-brass"
          />
          Viewers may pass {currency.many} on with !{words.hand.word}
        </label>
        <label className="flex items-center gap-3">
          At most a day, for each viewer
          <input
            value={draft.perDay}
            inputMode="numeric"
            onChange={(event) =>
              setDraft({ ...draft, perDay: Number(event.target.value.replace(/\D/g, '').slice(0, 9)) || 0 })
            }
            className={`tabular w-28 text-right ${INPUT}`}
          />
        </label>
        <Reply reply={draft.reply} onReply={(reply) => setDraft({ ...draft, reply })} currency={currency} />
        <Applies
          changed={changed}
          wrong={draft.perDay > 0 ? undefined : 'Give a number above 0.'}
          pending={save.isPending}
          error={save.error}
          back={back}
        />
      </Panel>
    </form>
  )
}

interface ReplyProps {
  readonly reply: string
  readonly onReply: (reply: string) => void
  readonly currency: Currency
}

function Reply({ reply, onReply, currency }: ReplyProps) {
  const amount = inWords(50, currency)
  const example =
    reply.trim() === ''
      ? `valve_vera passed ${amount} on to hinge_hedy, who has ${inWords(320, currency)} now.`
      : fillIn(reply, { viewer: { name: 'valve_vera' }, other: { name: 'hinge_hedy' }, amount })
  return (
    <label className="flex flex-col gap-1">
      Answer in chat
      <input
        value={reply}
        maxLength={300}
        placeholder="our own words"
        onChange={(event) => onReply(event.target.value)}
        className={`${INPUT} placeholder:text-muted`}
      />
      <span className="text-[0.93rem] text-muted">
        {example} · Can be used: {'{{ viewer.name }}'}, {'{{ other.name }}'}, {'{{ amount }}'}
      </span>
    </label>
  )
}
