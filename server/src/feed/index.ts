export { factsAfter, lastFactAt } from './facts.ts'
export { Feed } from './feed.ts'
export { type StreamOptions, streamFacts } from './stream.ts'
