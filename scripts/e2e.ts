import { spawn } from 'node:child_process'
import { freePort } from '../server/src/testing/ports.ts'
import { build } from './build.ts'
import { startStack } from './demo/stack.ts'

/** Runs the browser tests against a stack of their own, with demo data. Arguments go to Playwright. */
async function main(): Promise<number> {
  await build()
  const ports = { web: await freePort(), standin: await freePort(), irc: await freePort(), postgres: await freePort() }
  const stack = await startStack({ name: 'e2e', ports, fresh: true, seed: 7, paceMs: 700, settings: ['fsync=off'] })
  try {
    const env = { ...process.env, E2E_WEB: stack.web, E2E_STANDIN: stack.standin, E2E_OVERLAY: stack.overlay }
    const child = spawn('npx', ['playwright', 'test', ...process.argv.slice(2)], { stdio: 'inherit', env })
    return await new Promise((ended) => child.on('exit', (code) => ended(code ?? 1)))
  } finally {
    await stack.stop()
  }
}

process.exit(await main())
