import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { freePort } from '../testing/server/ports.ts'
import { FROM_EMPTY, PARTS } from './browserParts.ts'
import { build } from './build.ts'
import { startStack } from './demo/stack.ts'

/** Runs some of the browser tests against a stack of their own, with demo data. @param part - 1, 2 ...; its report is named by it. @param empty - With an empty channel in place of those data. */
async function runPart(part: number, args: readonly string[], empty = false): Promise<number> {
  const ports = { web: await freePort(), standin: await freePort(), irc: await freePort(), postgres: await freePort() }
  const stack = await startStack({
    name: `e2e-${part}`,
    ports,
    fresh: true,
    empty,
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
  if (args.length > 0)
    return runPart(
      1,
      args,
      args.some((arg) => FROM_EMPTY.some((file) => file.startsWith(arg))),
    )
  const parts = PARTS.map((files, i) => runPart(i + 1, files))
  const ended = await Promise.all(parts)
  // After the others: a third stack beside them would slow all of them down.
  return Math.max(...ended, await runPart(PARTS.length + 1, FROM_EMPTY, true))
}

/** The keys are one process's, whichever stack began first and however soon it ends: they lie with none of the stacks. */
async function withKeys(run: () => Promise<number>): Promise<number> {
  const folder = mkdtempSync(join(tmpdir(), 'ricompensa-e2e-keys-'))
  process.env.KEYS_FILE = join(folder, 'ricompensa.keys')
  try {
    return await run()
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

process.exit(await withKeys(main))
