import type { Logger } from 'pino'
import type { Channels } from '../channels.ts'
import type { Config } from '../config.ts'
import type { EventReceiver } from '../events/index.ts'
import type { InstallationRoute, Route } from '../http/index.ts'
import type { Metrics } from '../metrics/index.ts'
import type { SecurityLog } from '../security/index.ts'
import type { Provider, Sessions } from '../sign-in/index.ts'
import type { Front } from './front.ts'
import type { Limits } from './limits.ts'
import type { OperatorParts } from './operator.ts'

export interface AppOptions extends OperatorParts {
  readonly config: Config
  readonly channels: Channels
  readonly log: Logger
  readonly metrics: Metrics
  readonly routes: readonly Route[]
  readonly door: EventReceiver
  readonly security: SecurityLog
  readonly provider: Provider
  readonly front: Front
  /** The addresses of the installation as a whole. */
  readonly installation: readonly InstallationRoute[]
}

/** What the parts of the edge share. */
export interface Edge extends AppOptions {
  readonly sessions: Sessions
  readonly limits: Limits
}
