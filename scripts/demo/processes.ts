import { type ChildProcess, spawn } from 'node:child_process'
import { createInterface } from 'node:readline'
import { setTimeout as pause } from 'node:timers/promises'

/** What the identity library says of a stand-in being one, and the stand-in's own greeting: of no use to who tries the demo. */
const NOISE = /oidc-provider WARNING|^stand-in ready/

/** Starts one of our built servers; what it prints is passed on. */
export function startProcess(file: string, environment: Record<string, string>): ChildProcess {
  const env = {
    PATH: process.env.PATH ?? '',
    NODE_ENV: 'production',
    KEYS_FILE: process.env.KEYS_FILE ?? '',
    ...environment,
  }
  // A group of its own: Ctrl-C must reach it through us, in the right order.
  const child = spawn(process.execPath, ['--enable-source-maps', file], {
    env,
    stdio: ['ignore', 'pipe', 'pipe'],
    detached: true,
  })
  for (const output of [child.stdout, child.stderr]) {
    createInterface(output).on('line', (line) => NOISE.test(line) || console.error(line))
  }
  return child
}

/** Waits until an address answers. @throws if the process ends first, or after half a minute. */
export async function untilAnswers(url: string, child: ChildProcess, name: string, pauseMs = 100): Promise<void> {
  for (let tries = 0; tries < 180_000 / pauseMs; tries++) {
    if (child.exitCode !== null) throw new Error(`The ${name} stopped while starting. What it printed above says why.`)
    const answer = await fetch(url).catch(() => undefined)
    if (answer?.ok) return
    await pause(pauseMs)
  }
  throw new Error(`The ${name} does not answer at ${url}.`)
}

/** Asks a process to stop and waits for it; after some seconds it is made to. */
export async function stopProcess(child: ChildProcess): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return
  const gone = new Promise((resolve) => child.once('exit', resolve))
  child.kill('SIGTERM')
  await Promise.race([gone, pause(8000).then(() => child.kill('SIGKILL'))])
}
