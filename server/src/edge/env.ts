import type { HttpBindings } from '@hono/node-server'

/** What a request carries besides itself: Node's own request and response, for live feeds. */
export type Env = { Bindings: HttpBindings }
