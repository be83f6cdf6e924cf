import { Currency } from '../currency/index.ts'
import { fact } from '../world/index.ts'

/** What is told of a channel as a whole. */
export const channelFacts = {
  'channel.setUp': fact(['desk'], 'The channel was opened.', { currency: Currency }),
}

type Declared = typeof channelFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
