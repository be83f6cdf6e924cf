import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { webhooksQuery } from './view.ts'
import { WebhookDialog } from './WebhookDialog.tsx'
import { WebhookPanel } from './WebhookPanel.tsx'

/** Other services that are told what happens here. */
export function WebhooksPage() {
  const found = useQuery(webhooksQuery)
  const [adding, setAdding] = useState(false)
  const webhooks = found.data?.webhooks ?? []
  const add = (
    <Button needs="change" look="main" onClick={() => setAdding(true)}>
      Add a webhook
    </Button>
  )
  return (
    <div className="flex max-w-4xl flex-col gap-4">
      <PageActions note="Other services hear what happens here.">{webhooks.length > 0 && add}</PageActions>
      {found.isPending && <Loading what="the webhooks" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {found.data && webhooks.length === 0 && (
        <Panel title="No webhook yet">
          <Empty action={add}>
            With one, a service of yours hears of orders, raffles, rounds and more the moment they happen: to post them
            in your community’s room elsewhere, to switch a lamp, to keep a list.
          </Empty>
        </Panel>
      )}
      {found.data &&
        webhooks.map((webhook) => <WebhookPanel key={webhook.id} webhook={webhook} offered={found.data.offered} />)}
      {adding && found.data && <WebhookDialog offered={found.data.offered} close={() => setAdding(false)} />}
    </div>
  )
}
