import { useState } from 'react'
import type { Body } from '../../parts/api/called.ts'
import { ApiProblem, answerOf, api } from '../../parts/api.ts'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { ShownOnce } from '../../parts/dialog/ShownOnce.tsx'
import { Checkbox, Field, TextInput } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'
import type { Webhook, WebhooksView } from './view.ts'

type Settings = Body<'/desk/webhooks'>

const FRESH: Settings = { name: '', address: '', kinds: ['order.placed', 'raffle.ended', 'round.ended'] }

interface WebhookDialogProps {
  readonly offered: WebhooksView['offered']
  /** Left out: a new one. */
  readonly webhook?: Webhook
  readonly close: () => void
}

/** Saves a webhook; of a new one the secret comes back. */
function useSaveWebhook(draft: Settings, webhook: Webhook | undefined, done: (secret: string | undefined) => void) {
  return useChange({
    ask: async () => {
      if (webhook === undefined) return (await answerOf(api.POST('/desk/webhooks', { body: draft }))).secret
      const params = { path: { id: webhook.id } }
      await answerOf(api.PUT('/desk/webhooks/{id}', { params, body: draft }))
      return undefined
    },
    invalidates: ['webhooks'],
    onDone: done,
    inPlace: true,
  })
}

/** Where a service listens, and what it is told of. */
export function WebhookDialog({ offered, webhook, close }: WebhookDialogProps) {
  const [draft, setDraft] = useState<Settings>(() =>
    webhook === undefined ? FRESH : { name: webhook.name, address: webhook.address, kinds: webhook.kinds },
  )
  const [secret, setSecret] = useState<string>()
  const put = (patch: Partial<Settings>) => setDraft({ ...draft, ...patch })
  const save = useSaveWebhook(draft, webhook, (made) => (made === undefined ? close() : setSecret(made)))
  const faults = save.error instanceof ApiProblem ? save.error.faults : {}
  if (secret !== undefined)
    return (
      <ShownOnce title={`The secret of “${draft.name}”`} secret={secret} what="The secret" close={close}>
        The service checks by it that what it gets comes from here and was not changed. It is not shown again.
      </ShownOnce>
    )
  return (
    <DialogForm
      title={webhook === undefined ? 'Add a webhook' : `Change “${webhook.name}”`}
      close={close}
      wide
      does={webhook === undefined ? 'Add it' : 'Save now'}
      go={() => save.mutate()}
      off={draft.name.trim() === '' || draft.address.trim() === '' || draft.kinds.length === 0}
      change={save}
    >
      <PlaceFields draft={draft} put={put} fault={faults.address} />
      <KindsField offered={offered} kinds={draft.kinds} setKinds={(kinds) => put({ kinds })} />
    </DialogForm>
  )
}

interface PlaceFieldsProps {
  readonly draft: Settings
  readonly put: (patch: Partial<Settings>) => void
  /** What is wrong with the address. */
  readonly fault: string | undefined
}

const PlaceFields = ({ draft, put, fault }: PlaceFieldsProps) => (
  <>
    <Field label="Name" hint="Shown in the list.">
      <TextInput
        data-autofocus
        value={draft.name}
        most={60}
        placeholder="Community room"
        onValue={(name) => put({ name })}
      />
    </Field>
    <Field label="Address" hint="Where the service accepts webhooks." error={fault}>
      <TextInput
        value={draft.address}
        most={500}
        placeholder="https://example.org/hooks/shows"
        onValue={(address) => put({ address })}
      />
    </Field>
  </>
)

interface KindsFieldProps extends Pick<WebhookDialogProps, 'offered'> {
  readonly kinds: Settings['kinds']
  readonly setKinds: (kinds: Settings['kinds']) => void
}

function KindsField({ offered, kinds, setKinds }: KindsFieldProps) {
  return (
    <fieldset className="flex flex-col gap-1.5">
      <legend className="mb-1 font-semibold">What to send</legend>
      {offered.map(({ kind, says }) => (
        <Checkbox
          key={kind}
          on={kinds.includes(kind)}
          onTick={(on) => setKinds(on ? [...kinds, kind] : kinds.filter((one) => one !== kind))}
        >
          {says} <code className="text-note text-muted">{kind}</code>
        </Checkbox>
      ))}
    </fieldset>
  )
}
