import { spawnSync } from 'node:child_process'
import { postgresPrograms } from '../../machine/prepare.mjs'

const CLIENTS = [1, 4, 16]

/** pgbench's own program on the same server, the yardstick of every rate: transactions per second, the best of 1, 4 and 16 clients. */
export function tpcbLike(url: string, seconds: number): number {
  const run = (...args: string[]) => {
    const done = spawnSync(`${postgresPrograms()}/pgbench`, [...args, url], { encoding: 'utf8' })
    if (done.status !== 0) throw new Error(`pgbench did not work: ${done.stderr}`)
    return done.stdout
  }
  run('-i', '-s', '10', '-q')
  // Of a run in which no transaction came to its end pgbench tells no rate.
  const rateOf = (clients: number, during: number): number => {
    const output = run('-n', '-T', String(during), '-c', String(clients), '-j', String(Math.min(2, clients)))
    return Number(/tps = ([\d.]+)/.exec(output)?.[1] ?? 0)
  }
  for (let during = seconds; ; during *= 2) {
    const best = Math.max(...CLIENTS.map((clients) => rateOf(clients, during)))
    if (best > 0) return best
  }
}
