export { webhookHandlers } from './handlers.ts'
export { OFFERED, type OfferedKind } from './offered.ts'
export {
  type Delivery,
  GIVES_UP_SECONDS,
  openWebhooks,
  type PauseWebhook,
  type RemoveWebhook,
  type SaveWebhook,
  tellWebhooks,
  type WebhookRow,
  WebhookSettings,
  type WebhookTold,
  webhooks,
} from './webhooks.ts'
