import { pauseWebhook, removeWebhook, saveWebhook, webhookTold } from './webhooks.ts'

/** How each intent of the webhooks is decided, by its kind. */
export const webhookHandlers = {
  'webhook.pause': pauseWebhook,
  'webhook.remove': removeWebhook,
  'webhook.save': saveWebhook,
  'webhook.told': webhookTold,
}
