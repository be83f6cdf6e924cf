import { spawn } from 'node:child_process'
import { freePort } from '../testing/server/ports.ts'
import { PARTS } from './browserParts.ts'
import { build } from './build.ts'
import { startStack } from './demo/stack.ts'

/** Runs some of the browser tests against a stack of their own, with demo data. @param part - 1, 2 ...; its report is named by it. */
async function runPart(part: number, args: readonly string[]): Promise<number> {
  const ports = { web: await freePort(), standin: await freePort(), irc: await freePort(), postgres: await freePort() }
  const stack = await startStack({
    name: `e2e-${part}`,
    ports,
    fresh: true,
    seed: 7,
    paceMs: 1500,
    passing: true,
  })
  try {
    const env = {
      ...process.env,
      E2E_WEB: stack.web,
      E2E_STANDIN: stack.standin,
      E2E_OVERLAY: stack.overlay,
      E2E_REPORT: `test-results/e2e-${part}.json`,
    }
    const own = ['playwright', 'test', `--output=test-results/part-${part}`, ...args]
    const child = spawn('npx', own, { stdio: 'inherit', env })
    return await new Promise((ended) => child.on('exit', (code) => ended(code ?? 1)))
  } finally {
    await stack.stop()
  }
}

/** All browser tests in parts side by side, or those that the arguments (which go to Playwright) name. */
async function main(): Promise<number> {
  await build()
  const args = process.argv.slice(2)
  if (args.length > 0) return runPart(1, args)
  const parts = PARTS.map((files, i) => runPart(i + 1, files))
  return Math.max(...(await Promise.all(parts)))
}

process.exit(await main())
