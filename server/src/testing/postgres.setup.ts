import type { TestProject } from 'vitest/node'
import { startPostgres } from '../../../scripts/postgres.ts'
import { freePort } from './ports.ts'

/** Starts the tests' own PostgreSQL once for all test files. */
export default async function setup(project: TestProject): Promise<() => void> {
  const port = await freePort()
  // Nothing of a test's database is kept, so it need not survive a power cut.
  const postgres = startPostgres({ name: 'test', port, settings: ['fsync=off', 'max_connections=200'] })
  project.provide('postgresUrl', postgres.url)
  return postgres.stop
}

declare module 'vitest' {
  export interface ProvidedContext {
    postgresUrl: string
  }
}
