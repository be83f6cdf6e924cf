export type { Sent } from './sent.ts'
export { ChannelWriter, type WriterOptions } from './writer.ts'
