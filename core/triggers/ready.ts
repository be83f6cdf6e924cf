import {
  type Environment,
  type Fault,
  inOneLine,
  notReady,
  peopleReady,
  type Readiness,
  stepsReady,
} from '../runs/index.ts'
import type { TriggerSettings } from './schema.ts'
import { hasViewer } from './sources.ts'

/** Whether a trigger works now. @param listed - The ids of the rewards that the platform lists. */
export function triggerReady(
  { source, who, on, onAir, steps }: TriggerSettings,
  faults: readonly Fault[],
  around: Environment,
  listed: ReadonlySet<string>,
): Readiness {
  const everyone = { ...who, everyone: true }
  const found = peopleReady(hasViewer(source.of) ? who : everyone, on, onAir || source.of === 'timer', around)
  if (source.of === 'outside' && !listed.has(source.reward))
    found.push(notReady('The platform no longer lists this reward.', '/connections', 'See what it reports'))
  const chat = source.of === 'firstEver' || source.of === 'firstInShow'
  if (chat && !around.chatConnected)
    found.push(notReady('Chat is not connected: nobody is heard.', '/connections', 'See the connection'))
  return inOneLine([...found, ...stepsReady(steps, faults, around, false)])
}
