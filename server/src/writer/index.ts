export { onCopy } from './copy.ts'
export { loadNeeds, loadUntilThere } from './load.ts'
export type { Sent } from './sent.ts'
export { ChannelWriter, type WriterOptions } from './writer.ts'
