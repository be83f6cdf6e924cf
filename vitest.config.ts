import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    include: ['core/**/*.test.ts', 'server/**/*.test.ts', 'standin/**/*.test.ts', 'web/**/*.test.ts'],
    globalSetup: ['server/src/testing/postgres.setup.ts'],
    // One database server for all; files that use it make their own database in it.
    pool: 'forks',
    maxWorkers: 2,
    testTimeout: 20_000,
  },
})
