import { useState } from 'react'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Light } from '../../parts/feedback/Light.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { RemoveButton } from '../../parts/form/RemoveButton.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { dayText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { Deliveries } from './Deliveries.tsx'
import type { Webhook, WebhooksView } from './view.ts'
import { WebhookDialog } from './WebhookDialog.tsx'

interface WebhookPanelProps {
  readonly webhook: Webhook
  readonly offered: WebhooksView['offered']
}

/** One webhook: how it stands, what it is told of, and what became of that. */
export function WebhookPanel({ webhook, offered }: WebhookPanelProps) {
  const [changing, setChanging] = useState(false)
  const { name, address, kinds, deliveries } = webhook
  return (
    <Panel title={name} aside={kinds.length === 1 ? '1 kind' : `${kinds.length} kinds`}>
      <div className="flex flex-col gap-3 px-4 py-3">
        <Light good={webhook.pausedAt === null && webhook.failingSince === null}>{standing(webhook)}</Light>
        <p className="break-all text-muted">{address}</p>
        <Actions webhook={webhook} change={() => setChanging(true)} />
      </div>
      <Deliveries deliveries={deliveries} />
      {changing && <WebhookDialog offered={offered} webhook={webhook} close={() => setChanging(false)} />}
    </Panel>
  )
}

/** How it stands, in a sentence. */
function standing({ pausedAt, failingSince, deliveries: [last] }: Webhook): string {
  if (pausedAt !== null)
    return failingSince === null
      ? `Paused since ${dayText(pausedAt)}. What happens meanwhile is not told later.`
      : `Paused on ${dayText(pausedAt)}: nothing had arrived for a day. Mend the service, test it, then resume.`
  if (failingSince !== null)
    return `Nothing has arrived since ${dayText(failingSince)}. ${last?.problem ?? ''} It is sent again automatically for a day.`
  return last === undefined ? 'Nothing has happened yet that it is told of.' : 'What was told last has arrived.'
}

function useWebhook({ id, name }: Webhook) {
  const toast = useToast()
  const params = { path: { id } }
  const test = useChange({
    ask: () => answerOf(api.POST('/desk/webhooks/{id}/test', { params })),
    invalidates: [],
    onDone: ({ arrived, status, problem }) =>
      toast(
        arrived
          ? { text: `“${name}” took the test: it answered ${status}.`, look: 'done' }
          : { text: `The test did not arrive. ${problem ?? ''}`, look: 'problem' },
      ),
  })
  const pause = useChange({
    ask: () => answerOf(api.POST('/desk/webhooks/{id}/pause', { params })),
    invalidates: ['webhooks'],
    said: `“${name}” is paused.`,
  })
  const resume = useChange({
    ask: () => answerOf(api.POST('/desk/webhooks/{id}/resume', { params })),
    invalidates: ['webhooks'],
    said: `“${name}” is active again. What happened meanwhile is not sent.`,
  })
  return { test, pause, resume }
}

function Actions({ webhook, change }: { readonly webhook: Webhook; readonly change: () => void }) {
  const { test, pause, resume } = useWebhook(webhook)
  const paused = webhook.pausedAt !== null
  const turn = paused ? resume : pause
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Button needs="act" disabled={test.isPending} onClick={() => test.mutate()}>
        Send a test
      </Button>
      <Button needs="change" onClick={change}>
        Change
      </Button>
      <Button needs="change" disabled={turn.isPending} onClick={() => turn.mutate()}>
        {paused ? 'Resume' : 'Pause'}
      </Button>
      <RemoveButton
        name={webhook.name}
        refreshes="webhooks"
        send={() => api.POST('/desk/webhooks/{id}/remove', { params: { path: { id: webhook.id } } })}
        close={() => {}}
      />
    </div>
  )
}
