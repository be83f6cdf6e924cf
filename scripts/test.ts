import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { PARTS } from './browserParts.ts'

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

/** The browser tests run in parts; each has a report of its own. */
function playwrightReport(): Counts {
  const parts = PARTS.map((_, i): Counts => {
    const { stats } = json(`${RESULTS}/e2e-${i + 1}.json`) as {
      stats?: { expected: number; unexpected: number; flaky: number; skipped: number }
    }
    // Tests that did not run because an earlier one of their series failed count as failed.
    return stats === undefined
      ? { passed: 0, failed: 1 }
      : { passed: stats.expected, failed: stats.unexpected + stats.flaky + stats.skipped }
  })
  return parts.reduce((sum, { passed, failed }) => ({ passed: sum.passed + passed, failed: sum.failed + failed }))
}

/** The native compiler takes a third of the time; the one in JavaScript stays for the tools that read the sources by it. */
const TSC = 'node_modules/typescript-native/bin/tsc'

/** What reads the sources only: these run side by side. */
const READING: readonly Suite[] = [
  ...['core', '.', 'web', 'standin/page'].map(
    (project): Suite => ({ name: `types of ${project}`, command: [process.execPath, TSC, '-p', project] }),
  ),
  { name: 'lint and format', command: ['npx', 'biome', 'ci', '--error-on-warnings'] },
  {
    name: 'dependency rules',
    command: ['npx', 'depcruise', 'core', 'server/src', 'web', 'standin', 'machine', 'scripts', 'e2e', 'testing'],
  },
  { name: 'dead code', command: ['npx', 'knip', '--no-config-hints'] },
  { name: 'file of containers', command: ['npx', '--', 'dclint', '--max-warnings', '0', 'compose.yaml'] },
  { name: 'image of a container', command: ['npx', 'dockerfilelint', 'Dockerfile'] },
]

/** What of the server's tests is run on such tables each time: what writes, what asks about many, and what deletes. */
const IN_PARTS = ['writer/writer', 'people/forget', 'channel/channel'].map((name) => `server/src/${name}.test.ts`)

const UNIT: Suite = {
  name: 'rules, server, stand-in',
  command: ['npx', 'vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${RESULTS}/unit.json`],
  report: vitestReport,
}

/** The same server on tables that are kept in parts by their channel; all of its tests by `npm run test:partitioned`. */
const PARTITIONED: Suite = {
  name: 'server, on tables in parts',
  command: ['npx', 'vitest', 'run', '--project', 'server', ...IN_PARTS],
  environment: { PARTITIONED: 'yes' },
}

const script = (name: string, ...args: string[]): Suite['command'] => [
  process.execPath,
  '--import',
  'tsx',
  `scripts/${name}.ts`,
  ...args,
]

/** Once for all that follow: it is built anew only where something has changed. */
const BUILD: Suite = { name: 'the pages and the servers', command: script('build') }

const STORMS: readonly Suite[] = [
  { name: 'faults', command: script('chaos', '--cycles', '6') },
  {
    name: 'faults: a planted one is found',
    command: script('chaos', '--cycles', '2'),
    environment: { CHAOS_PLANTED_FAULT: 'forget-answers' },
    mustFail: true,
  },
]

const BENCH: Suite = {
  name: 'every part of the bench, at a hundredth of its size',
  command: script('bench', '--scale', '0.01'),
}

const BROWSER: Suite = { name: 'real browser', command: script('e2e'), report: playwrightReport }

const AT_ONCE = 2
/** So many letters of what a failed suite said are shown at the end. */
const LAST_WORDS = 4000

/** Runs a suite; of one that runs beside others what it says is shown once it has ended. */
async function runSuite({ name, command: [program, ...args], report, environment, mustFail }: Suite, aside = false) {
  if (!aside) console.log(`\n== ${name}`)
  const began = performance.now()
  const env = { ...process.env, ...environment }
  const child = spawn(program, args, {
    stdio: ['ignore', ...(aside ? ['pipe', 'pipe'] : ['inherit', 'inherit'])] as never,
    env,
  })
  const said: string[] = []
  for (const stream of [child.stdout, child.stderr]) stream?.on('data', (data: Buffer) => void said.push(String(data)))
  const ended = await new Promise<number>((done) => {
    child.on('error', () => done(1))
    child.on('close', (code) => done(code ?? 1))
  })
  if (aside) console.log(`\n== ${name}\n${said.join('')}`)
  console.log(`== ${name}: took ${Math.round((performance.now() - began) / 1000)} s`)
  const status = mustFail ? (ended === 1 ? 0 : 1) : ended
  const counts: Counts = report?.() ?? { passed: status === 0 ? 1 : 0, failed: status === 0 ? 0 : 1 }
  // A suite that ended badly has failed, whatever its report says.
  return { name, said: said.join(''), counts: status !== 0 && counts.failed === 0 ? { ...counts, failed: 1 } : counts }
}

type Ran = Awaited<ReturnType<typeof runSuite>>

/** Runs suites one after the other, those of a queue that others may take from, too. */
async function inLane(waiting: Suite[]): Promise<Ran[]> {
  const next = waiting.shift()
  return next === undefined ? [] : [await runSuite(next, true), ...(await inLane(waiting))]
}

async function sideBySide(...lanes: readonly Suite[][]): Promise<Ran[]> {
  return (await Promise.all(lanes.map(inLane))).flat()
}

rmSync(RESULTS, { recursive: true, force: true })
mkdirSync(RESULTS)
const built = await runSuite(BUILD)
// Storms mostly wait, whatever else is worked on meanwhile.
const storms = sideBySide([...STORMS])
const reading = [...READING]
const all = [
  built,
  ...(await sideBySide(...Array.from({ length: AT_ONCE }, () => reading))),
  ...(await sideBySide([UNIT], [BENCH, PARTITIONED])),
  ...(await storms),
  await runSuite(BROWSER),
]
const sum = (of: (counts: Counts) => number) => all.reduce((total, { counts }) => total + of(counts), 0)
console.log('')
const failed = all.filter(({ counts }) => counts.failed > 0)
// Once more at the end, where whoever sees only that finds it.
for (const { name, said } of failed) console.log(`failed: ${name}\n${said.slice(-LAST_WORDS)}`)
console.log(`${sum(({ passed }) => passed)} passed, ${sum(({ failed }) => failed)} failed`)
process.exit(sum(({ failed }) => failed) > 0 ? 1 : 0)
