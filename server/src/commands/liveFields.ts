import { needLimits } from '#core/access'
import { seedSetting } from '#core/fairness'
import { viewers } from '#core/people'
import { fieldsFor, fieldsNow, needAbout, needSteps, newRun } from '#core/runs'
import type { UnixSeconds } from '#core/schema'
import { writeSetting } from '#core/settings'
import type { Step } from '#core/steps'
import { openTallies } from '#core/tallies'
import { atWord, render } from '#core/texts'
import type { World } from '#core/world'
import type { Pool } from '../database/index.ts'
import { newSeed } from '../fairness/index.ts'
import { loadUntilThere, onCopy } from '../writer/index.ts'

/** The longest value that a list of fields shows (bytes). */
const SHOWN_BYTES = 60

const SOMEBODY = `select id from viewer where channel = $1 and not ignored and merged_into is null
  order by present desc, last_seen_at desc limit 1`

/** What every field that is always there tells right now, by its path; those of the viewer tell of somebody who is present. */
export function liveFields(pool: Pool, channel: number, at: UnixSeconds): Promise<Record<string, string>> {
  return onCopy(pool, channel, async (client, world) => {
    const found = await client.query<{ id: number }>(SOMEBODY, [channel])
    const caller = found.rows[0]?.id
    const known = fieldsFor({ arguments: [], figures: {}, tallies: openTallies(world), viewer: caller !== undefined })
    const texts = known.map(({ path, list }) => ({ path, text: `{{ ${path}${list ? ' | places: 3' : ''} }}` }))
    const steps: Step[] = texts.map(({ text }) => ({ do: 'say', text }))
    await loadUntilThere(client, channel, world, () => [
      ...(caller === undefined ? [] : needAbout(caller)),
      ...needLimits('c0', caller),
      ...needSteps(world, steps, { caller, named: {} }),
    ])
    return valuesOf(world, caller, at, texts)
  })
}

/** A text of an overlay as it reads now, with what can be told of the channel. */
export function fieldsOfChannel(
  pool: Pool,
  channel: number,
  at: UnixSeconds,
  text: string,
): Promise<ReturnType<typeof render>> {
  const step: Step = { do: 'say', text }
  return onCopy(pool, channel, async (client, world) => {
    await loadUntilThere(client, channel, world, () => [
      ...needLimits('c0', undefined),
      ...needSteps(world, [step], { caller: undefined, named: {} }),
    ])
    const run = readingRun(world, undefined, at)
    return render(text, fieldsNow(run), { draw: run.draw })
  })
}

function valuesOf(
  world: World,
  caller: number | undefined,
  at: UnixSeconds,
  texts: readonly { readonly path: string; readonly text: string }[],
): Record<string, string> {
  const run = readingRun(world, caller, at)
  const fields = fieldsNow(run)
  const filled = texts.map(({ path, text }) => {
    const value = render(text, fields, { draw: run.draw })
    return [path, value.ok ? atWord(value.text, SHOWN_BYTES) : ''] as const
  })
  return Object.fromEntries(filled)
}

/** A run that only reads: nothing of it is written. */
function readingRun(world: World, caller: number | undefined, at: UnixSeconds) {
  world.begin({ key: 'fields', at })
  writeSetting(world, seedSetting, { id: 0, seed: newSeed(), openedAt: at })
  return newRun({
    world,
    id: 0,
    source: { source: 'command', of: 0, name: '' },
    limitKey: 'c0',
    caller: caller === undefined ? undefined : world.get(viewers, caller),
    wanted: [],
    given: {},
    figures: {},
    depth: 0,
    asker: null,
    reply: null,
    paid: 0,
    taken: 0,
  })
}
