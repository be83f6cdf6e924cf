export { type DeliveryParts, deliver } from './deliver.ts'
export { webhookRoutes } from './routes.ts'
