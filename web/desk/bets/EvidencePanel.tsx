import { useState } from 'react'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { IfMay } from '../../parts/page/areaRights.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { type DeskBet, useBetAction } from './view.ts'

/** What shows how a bet ended: a note and an address, which can be added later, too. */
export function EvidencePanel({ bet }: { bet: DeskBet }) {
  const [note, setNote] = useState(bet.note)
  const [link, setLink] = useState(bet.link)
  const action = useBetAction()
  const wrong = link !== '' && !/^https:\/\/\S+$/.test(link)
  const changed = note !== bet.note || link !== bet.link
  const save = () =>
    action.mutate({
      send: () => api.POST('/desk/bets/{bet}/record', { params: { path: { bet: bet.id } }, body: { note, link } }),
      said: 'Noted.',
    })
  return (
    <Panel title="What shows it" bodyClassName="flex flex-col gap-3 px-4 py-3">
      {bet.link !== '' && (
        <p>
          <a href={bet.link} rel="noreferrer noopener" target="_blank" className="text-steel-text underline">
            {bet.link}
          </a>
        </p>
      )}
      <IfMay level="act">
        <Field label="Note (everybody can read it)">
          <TextInput value={note} most={300} onValue={setNote} />
        </Field>
        <Field label="Address" error={wrong ? 'It begins with https://' : undefined}>
          <TextInput value={link} most={300} placeholder="https://" onValue={(typed) => setLink(typed.trim())} />
        </Field>
        <div>
          <Button disabled={!changed || wrong || action.isPending} onClick={save}>
            Save the note
          </Button>
        </div>
      </IfMay>
    </Panel>
  )
}
