export { channel } from './channel.ts'
export * from './economy.ts'
export * from './people.ts'
export * from './services.ts'
