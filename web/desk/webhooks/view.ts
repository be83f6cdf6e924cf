import { queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

export type WebhooksView = Answer<'/desk/webhooks'>
export type Webhook = WebhooksView['webhooks'][number]
export type WebhookDelivery = Webhook['deliveries'][number]

export const webhooksQuery = queryOptions({
  queryKey: keyOf('webhooks'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/webhooks', { signal })),
  // What became of a delivery is no fact of the channel; it is looked at now and then.
  refetchInterval: 5000,
})
