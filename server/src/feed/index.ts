export { factsAfter, lastFactAt, newestSeq } from './facts.ts'
export { CAPS, Feed } from './feed.ts'
export { type FeedOf, LiveFeeds } from './live.ts'
export { type StreamOptions, streamFacts } from './stream.ts'
