import { Counter, collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client'

const PREFIX = 'ricompensa_'

/**
 * What whoever runs the server can watch: requests, batches, open feeds, and what Node tells of itself (but for what it calls
 * a total and is none).
 */
export class Metrics {
  readonly registry = new Registry()
  readonly requests = new Histogram({
    name: 'ricompensa_http_request_seconds',
    help: 'Time to answer a request',
    labelNames: ['method', 'status'],
    buckets: [0.005, 0.02, 0.05, 0.1, 0.25, 0.5, 1, 2.5],
    registers: [this.registry],
  })
  readonly intents = new Counter({
    name: 'ricompensa_intents_total',
    help: 'Intents answered, by whether they were accepted',
    labelNames: ['kind', 'outcome'],
    registers: [this.registry],
  })
  readonly waiting = new Gauge({
    name: 'ricompensa_intents_waiting',
    help: 'Intents handed in and not yet durable',
    registers: [this.registry],
  })
  readonly feeds = new Gauge({
    name: 'ricompensa_feeds_open',
    help: 'Live feeds open at the moment',
    registers: [this.registry],
  })

  constructor() {
    collectDefaultMetrics({ register: this.registry, prefix: PREFIX })
    for (const what of ['handles', 'requests', 'resources'])
      this.registry.removeSingleMetric(`${PREFIX}nodejs_active_${what}_total`)
  }
}
