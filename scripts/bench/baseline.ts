import { spawnSync } from 'node:child_process'
import { postgresPrograms } from '../prepare.mjs'

const CLIENTS = [1, 4, 16]

/** pgbench's own program on the same server, the yardstick of every rate: transactions per second, the best of 1, 4 and 16 clients. */
export function tpcbLike(url: string, seconds: number): number {
  const run = (...args: string[]) => {
    const done = spawnSync(`${postgresPrograms()}/pgbench`, [...args, url], { encoding: 'utf8' })
    if (done.status !== 0) throw new Error(`pgbench did not work: ${done.stderr}`)
    return done.stdout
  }
  run('-i', '-s', '10', '-q')
  const rates = CLIENTS.map((clients) => {
    const output = run('-n', '-T', String(seconds), '-c', String(clients), '-j', String(Math.min(2, clients)))
    return Number(/tps = ([\d.]+)/.exec(output)?.[1] ?? Number.NaN)
  })
  return Math.max(...rates)
}
