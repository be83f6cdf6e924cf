import { fact } from '../world/index.ts'

/** What is told of the words of chat. */
export const wordFacts = {
  'chat.words': fact(['desk'], 'The words of chat are set otherwise.', {}),
  'currency.changed': fact(['everyone'], 'The currency is called otherwise, or looks otherwise.', {}),
}

type Declared = typeof wordFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
