import type { FormEvent } from 'react'
import { type Currency, inWords } from '#core/currency'
import { firstFault } from '#core/faults'
import { GiftRules } from '#core/people'
import { fillIn } from '#core/texts'
import type { Body } from '../../parts/api/called.ts'
import { api } from '../../parts/api.ts'
import { ApplyFoot } from '../../parts/form/ApplyFoot.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { fieldOf } from '../../parts/form/DraftField.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { faultsIn } from '../../parts/form/faultsIn.ts'
import { Checkbox, NumberInput, TextInput } from '../../parts/form/inputs.tsx'
import { useSave } from '../../parts/form/useSave.ts'
import { Panel } from '../../parts/page/Panel.tsx'
import { useSampleNames } from '../people/sampleNames.ts'
import type { Words } from './words.ts'

/** Whether viewers may pass currency on, and how much in a day. */
export function HandingForm({ handing, currency, words }: Pick<Words, 'handing' | 'words'> & { currency: Currency }) {
  const kept = useDraft('gifts', handing)
  const { draft, put, discard, settle, changed, conflict } = kept
  const faults = faultsIn(GiftRules, draft, { perDay: draft.perDay > 0 ? undefined : 'Type a number above 0.' })
  const wrong = firstFault(faults)
  const save = useSave(
    (body: Body<'/desk/handing'>) => api.PUT('/desk/handing', { body, ...changedFrom(handing) }),
    draft.on ? 'Viewers can give each other currency now.' : 'Gifts between viewers are off.',
  )
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (changed && wrong === undefined) save.mutate(draft, { onSuccess: () => settle(draft) })
  }
  return (
    <form onSubmit={submit}>
      <Panel
        title="Gifts between viewers"
        aside={changed ? undefined : handing.on ? 'on' : 'off'}
        bodyClassName="flex flex-col gap-3 p-4"
      >
        <DraftFields kept={kept} faults={faults} error={save.error}>
          <Checkbox on={draft.on} onTick={(on) => put({ ...draft, on })}>
            Viewers may give each other {currency.many} with !{words.hand.word}
          </Checkbox>
          <GiftFields reply={draft.reply} currency={currency} />
        </DraftFields>
        <ApplyFoot
          changed={changed}
          wrong={wrong}
          pending={save.isPending}
          error={save.error}
          discard={discard}
          conflict={conflict}
        />
      </Panel>
    </form>
  )
}

const GiftField = fieldOf<GiftRules>()

interface ExampleProps {
  readonly reply: string
  readonly currency: Currency
}

const GiftFields = (example: ExampleProps) => (
  <>
    <GiftField name="perDay" label="Daily limit per viewer" unit={example.currency.many}>
      {(own) => <NumberInput label="Daily limit per viewer" most={999_999_999} className="w-28" {...own} />}
    </GiftField>
    <GiftField name="reply" label="Reply in chat" hint={<Example {...example} />}>
      {(own) => <TextInput most={300} placeholder="the default text" {...own} />}
    </GiftField>
  </>
)

function Example({ reply, currency }: ExampleProps) {
  const [name, other] = useSampleNames()
  const amount = inWords(50, currency)
  const example =
    reply.trim() === ''
      ? `${name} gave ${other} ${amount}, who now has ${inWords(320, currency)}.`
      : fillIn(reply, { viewer: { name }, other: { name: other }, amount })
  return (
    <>
      {example} · Fields: {'{{ viewer.name }}'}, {'{{ other.name }}'}, {'{{ amount }}'}
    </>
  )
}
