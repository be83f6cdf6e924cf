export { type AppOptions, createApp } from './app.ts'
