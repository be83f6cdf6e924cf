import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    pool: 'forks',
    // Made up for the tests: what they seal is worth nothing.
    env: { ENCRYPTION_KEYS: `lookup:${'A'.repeat(43)}=,k1:${'B'.repeat(42)}A=` },
    // One more than there are processors: the tests of the server mostly wait.
    maxWorkers: 3,
    // A test fails by an assertion: this only ends one that hangs, on however slow a machine.
    testTimeout: 600_000,
    hookTimeout: 600_000,
    // What is polled for comes late on a busy machine, and a second is what it would be given otherwise.
    expect: { poll: { timeout: 300_000, interval: 50 } },
    // Files share what is loaded: nothing in there outlives a test, and loading it anew for each file was a fifth of the time.
    isolate: false,
    projects: [
      {
        extends: true,
        test: {
          name: 'rules',
          include: ['core/**/*.test.ts', 'web/**/*.test.ts', 'scripts/**/*.test.ts', 'testing/vectors/**/*.test.ts'],
        },
      },
      {
        extends: true,
        test: {
          name: 'pages',
          include: ['web/**/*.test.tsx'],
          environment: 'jsdom',
          setupFiles: ['testing/web/setup.ts'],
        },
      },
      {
        extends: true,
        test: {
          name: 'server',
          include: ['server/**/*.test.ts', 'standin/**/*.test.ts'],
          setupFiles: ['testing/server/statements.setup.ts'],
          // One database server for all; files that use it make their own database in it.
          globalSetup: ['testing/server/postgres.setup.ts'],
        },
      },
    ],
  },
})
