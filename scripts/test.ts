import { spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'

interface Counts {
  readonly passed: number
  readonly failed: number
}

interface Suite {
  readonly name: string
  readonly command: readonly [string, ...string[]]
  /** Reads how many passed and failed from the suite's report; without one the suite counts as a single check. */
  readonly report?: () => Counts
  readonly environment?: Readonly<Record<string, string>>
  /** Passes if the command fails: it is there to see that a check can. */
  readonly mustFail?: boolean
}

const chaos = (cycles: number): Suite['command'] => [
  process.execPath,
  '--import',
  'tsx',
  'scripts/chaos.ts',
  '--cycles',
  String(cycles),
]

const RESULTS = 'test-results'

function json(file: string): Record<string, unknown> {
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : {}
}

function vitestReport(): Counts {
  const { numPassedTests, numFailedTests, numFailedTestSuites, testResults } = json(`${RESULTS}/unit.json`)
  // A file that cannot even be loaded has no failed test of its own.
  const broken = ((testResults as { status: string; assertionResults: unknown[] }[] | undefined) ?? []).filter(
    ({ status, assertionResults }) => status === 'failed' && assertionResults.length === 0,
  ).length
  const failed = Number(numFailedTests ?? 0) + broken
  return {
    passed: Number(numPassedTests ?? 0),
    failed: testResults === undefined || (numFailedTestSuites && failed === 0) ? failed + 1 : failed,
  }
}

function playwrightReport(): Counts {
  const { stats } = json(`${RESULTS}/e2e.json`) as {
    stats?: { expected: number; unexpected: number; flaky: number; skipped: number }
  }
  // Tests that did not run because an earlier one of their series failed count as failed.
  return stats === undefined
    ? { passed: 0, failed: 1 }
    : { passed: stats.expected, failed: stats.unexpected + stats.flaky + stats.skipped }
}

const SUITES: readonly Suite[] = [
  ...['core', '.', 'web', 'standin/page'].map(
    (project): Suite => ({ name: `types of ${project}`, command: ['npx', 'tsc', '-p', project] }),
  ),
  { name: 'lint and format', command: ['npx', 'biome', 'ci', '--error-on-warnings'] },
  { name: 'dependency rules', command: ['npx', 'depcruise', 'core', 'server/src', 'web', 'standin', 'scripts', 'e2e'] },
  { name: 'dead code', command: ['npx', 'knip', '--no-config-hints'] },
  {
    name: 'rules, server, stand-in',
    command: [
      'npx',
      'vitest',
      'run',
      '--reporter=default',
      '--reporter=json',
      `--outputFile.json=${RESULTS}/unit.json`,
    ],
    report: vitestReport,
  },
  { name: 'faults', command: chaos(6) },
  {
    name: 'faults: a planted one is found',
    command: chaos(2),
    environment: { CHAOS_PLANTED_FAULT: 'forget-answers' },
    mustFail: true,
  },
  { name: 'real browser', command: [process.execPath, '--import', 'tsx', 'scripts/e2e.ts'], report: playwrightReport },
]

function runSuite({ name, command: [program, ...args], report, environment, mustFail }: Suite): Counts {
  console.log(`\n== ${name}`)
  const env = { ...process.env, ...environment }
  const ended = spawnSync(program, args, { stdio: ['ignore', 'inherit', 'inherit'], env })
  const status = mustFail ? (ended.status === 1 ? 0 : 1) : ended.status
  const counts = report?.() ?? { passed: status === 0 ? 1 : 0, failed: status === 0 ? 0 : 1 }
  // A suite that ended badly has failed, whatever its report says.
  return status !== 0 && counts.failed === 0 ? { ...counts, failed: 1 } : counts
}

rmSync(RESULTS, { recursive: true, force: true })
mkdirSync(RESULTS)
const all = SUITES.map((suite) => ({ suite, counts: runSuite(suite) }))
const sum = (of: (counts: Counts) => number) => all.reduce((total, { counts }) => total + of(counts), 0)
console.log('')
for (const { suite, counts } of all) if (counts.failed > 0) console.log(`failed: ${suite.name}`)
console.log(`${sum(({ passed }) => passed)} passed, ${sum(({ failed }) => failed)} failed`)
process.exit(sum(({ failed }) => failed) > 0 ? 1 : 0)
