import type { HttpBindings } from '@hono/node-server'
import type { Aside } from './inTurn.ts'

/** What a request carries besides itself: Node's own request and response, and how to wait for its body. */
export type Env = { Bindings: HttpBindings; Variables: { aside: Aside } }
