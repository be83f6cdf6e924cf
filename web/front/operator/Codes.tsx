import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { ShownOnce } from '../../parts/dialog/ShownOnce.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { installation } from '../../parts/installation.ts'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { dayText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { type Code, codesQuery } from './view.ts'

/** The codes by which channels can be opened, where that is how it is. */
export function Codes() {
  const found = useQuery(codesQuery).data
  const [making, setMaking] = useState(false)
  if (found === undefined || !found.needed) return null
  return (
    <Panel title="Codes for new channels" aside="each good for one channel, for two weeks">
      {found.codes.length === 0 ? (
        <Empty>Nobody can open a channel without a code. Make one for each streamer.</Empty>
      ) : (
        <ul>
          {found.codes.map((code) => (
            <CodeLine key={code.id} code={code} />
          ))}
        </ul>
      )}
      <div className="px-4 py-3">
        <Button look="main" onClick={() => setMaking(true)}>
          Make a code
        </Button>
      </div>
      {making && <CodeDialog close={() => setMaking(false)} />}
    </Panel>
  )
}

function CodeLine({ code: { id, whom, expiresAt, usedAt, opened } }: { readonly code: Code }) {
  const takeBack = useChange({
    ask: () => answerOf(installation.POST('/api/operator/codes/{id}/take-back', { params: { path: { id } } })),
    invalidates: ['operator'],
    said: `The code for ${whom} opens nothing any more.`,
  })
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-line px-4 py-2.5">
      <span className="min-w-0 flex-1 font-semibold break-words">{whom}</span>
      <span className="text-note text-muted">
        {usedAt === null ? `good until ${dayText(expiresAt)}` : `opened /c/${opened ?? ''} on ${dayText(usedAt)}`}
      </span>
      {usedAt === null && (
        <Button
          onClick={() => takeBack.mutate()}
          disabled={takeBack.isPending}
          aria-label={`Take back the code for ${whom}`}
        >
          Take back
        </Button>
      )}
    </li>
  )
}

function CodeDialog({ close }: { readonly close: () => void }) {
  const [whom, setWhom] = useState('')
  const [code, setCode] = useState<string>()
  const make = useChange({
    ask: () => answerOf(installation.POST('/api/operator/codes', { body: { whom } })),
    invalidates: ['operator'],
    onDone: (made) => setCode(made.code),
    inPlace: true,
  })
  if (code !== undefined)
    return (
      <ShownOnce title={`The code for ${whom}`} secret={code} what="The code" close={close}>
        Send it to them with the address {window.location.origin}/claim. It is not shown again.
      </ShownOnce>
    )
  return (
    <DialogForm
      title="Make a code"
      close={close}
      does="Make it"
      go={() => make.mutate()}
      off={whom.trim() === ''}
      change={make}
    >
      <Field label="For whom" hint="So that you know whose it is; nobody else sees it.">
        <TextInput data-autofocus most={60} value={whom} onValue={setWhom} />
      </Field>
    </DialogForm>
  )
}
