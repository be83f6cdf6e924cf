import { spawn } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { connect } from 'node:net'
import { tmpdir } from 'node:os'
import { expect, onTestFinished, vi } from 'vitest'

/** How long a test waits for what must come at all. */
export const soon = (check: () => void | Promise<void>) => vi.waitFor(check, { timeout: 120_000, interval: 50 })

/** A folder of a program that the test starts, with the files that it reads. */
export function folderWith(name: string, files: Readonly<Record<string, (folder: string) => string>>): string {
  const folder = mkdtempSync(`${tmpdir()}/${name}-`)
  for (const [file, text] of Object.entries(files)) writeFileSync(`${folder}/${file}`, text(folder))
  return folder
}

/** Starts a program that is not ours until the test has ended. */
export function started(program: string, args: readonly string[]): void {
  const child = spawn(program, args, { stdio: 'ignore' })
  onTestFinished(
    () =>
      new Promise<void>((ended) => {
        if (child.exitCode !== null) return ended()
        child.on('exit', () => ended())
        child.kill('SIGKILL')
      }),
  )
}

/** Waits until something listens at a port. */
export async function reachable(port: number): Promise<void> {
  const tried = () =>
    new Promise<boolean>((answer) => {
      const probe = connect(port, '127.0.0.1')
      probe.on('connect', () => answer(probe.destroy() !== undefined)).on('error', () => answer(false))
    })
  await soon(async () => expect(await tried()).toBe(true))
}
