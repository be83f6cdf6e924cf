import type { FormEvent } from 'react'
import { type Currency, inWords } from '#core/currency'
import { fillIn } from '#core/texts'
import type { Body } from '../../parts/api/called.ts'
import { api } from '../../parts/api.ts'
import { ApplyFoot } from '../../parts/form/ApplyFoot.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { Checkbox, NumberInput } from '../../parts/form/inputs.tsx'
import { useSave } from '../../parts/form/useSave.ts'
import { Panel } from '../../parts/page/Panel.tsx'
import type { Words } from './words.ts'

const INPUT = 'rounded-md border border-line bg-surface px-2.5 py-1.5'

/** Whether viewers may pass currency on, and how much in a day. */
export function HandingForm({ handing, currency, words }: Pick<Words, 'handing' | 'words'> & { currency: Currency }) {
  const { draft, put: setDraft, discard, settle, changed, conflict } = useDraft('gifts', handing)
  const save = useSave(
    (body: Body<'/desk/handing'>) => api.PUT('/desk/handing', { body }),
    draft.on ? 'Viewers can give each other currency now.' : 'Gifts between viewers are off.',
  )
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (changed && draft.perDay > 0) save.mutate(draft, { onSuccess: () => settle(draft) })
  }
  return (
    <form onSubmit={submit}>
      <Panel
        title="Gifts between viewers"
        aside={changed ? undefined : handing.on ? 'on' : 'off'}
        bodyClassName="flex flex-col gap-3 p-4"
      >
        <Checkbox on={draft.on} onTick={(on) => setDraft({ ...draft, on })}>
          Viewers may give each other {currency.many} with !{words.hand.word}
        </Checkbox>
        <p className="flex items-center gap-3">
          Daily limit per viewer
          <NumberInput
            label="Daily limit per viewer"
            value={draft.perDay}
            most={999_999_999}
            onValue={(perDay) => setDraft({ ...draft, perDay })}
            className="w-28"
          />
        </p>
        <Reply reply={draft.reply} onReply={(reply) => setDraft({ ...draft, reply })} currency={currency} />
        <ApplyFoot
          changed={changed}
          wrong={draft.perDay > 0 ? undefined : 'Type a number above 0.'}
          pending={save.isPending}
          error={save.error}
          discard={discard}
          conflict={conflict}
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
      ? `valve_vera gave hinge_hedy ${amount}, who now has ${inWords(320, currency)}.`
      : fillIn(reply, { viewer: { name: 'valve_vera' }, other: { name: 'hinge_hedy' }, amount })
  return (
    <label className="flex flex-col gap-1">
      Reply in chat
      <input
        value={reply}
        maxLength={300}
        placeholder="the default text"
        onChange={(event) => onReply(event.target.value)}
        className={`${INPUT} placeholder:text-muted`}
      />
      <span className="text-note text-muted">
        {example} · Fields: {'{{ viewer.name }}'}, {'{{ other.name }}'}, {'{{ amount }}'}
      </span>
    </label>
  )
}
