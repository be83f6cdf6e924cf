export { readHead } from './channelRow.ts'
export { loadNeeds, loadUntilThere, loadWorld } from './load.ts'
export type { Sent } from './sent.ts'
export { ChannelWriter, type WriterOptions } from './writer.ts'
