export { factsAfter, lastFactAt, newestSeq } from './facts.ts'
export { Feed } from './feed.ts'
export { type StreamOptions, streamFacts } from './stream.ts'
