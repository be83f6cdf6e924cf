export { ChannelWriter, type Sent, type WriterOptions } from './writer.ts'
