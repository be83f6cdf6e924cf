export { createApp } from './app.ts'
export { Front } from './front.ts'
export { openApi } from './openapi/document.ts'
export type { AppOptions } from './parts.ts'
