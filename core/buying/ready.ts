import {
  type Environment,
  type Fault,
  inOneLine,
  notReady,
  peopleReady,
  type Readiness,
  stepsReady,
} from '../runs/index.ts'
import type { UnixSeconds } from '../schema.ts'
import type { RewardSettings } from '../store/index.ts'

/** How it stands around a reward, beside what commands need. */
export interface RewardStanding {
  readonly at: UnixSeconds
  /** How many are left; null: there is no limit. */
  readonly left: number | null
  /** How many overlays would play its alert, and how many of them are connected. */
  readonly plays: number
  readonly playsNow: number
}

/** Whether a reward can be bought now and does all it should, in one line. */
export function rewardReady(
  settings: RewardSettings,
  faults: readonly Fault[],
  around: Environment,
  { at, left, plays, playsNow }: RewardStanding,
): Readiness {
  const { who, on, onAir, from, to, kind, steps, alert } = settings
  const found = peopleReady(who, on, onAir, around)
  if (from !== null && at < from) found.push(notReady('Its time has not come.'))
  if (to !== null && at >= to) found.push(notReady('Its time is over.'))
  if (left === 0) found.push(notReady(kind === 'code' ? 'Sold out: its list has no code left.' : 'Sold out.'))
  if (alert !== null && plays === 0)
    found.push(notReady('No overlay has a box for its alert.', '/screen', 'Put one on an overlay'))
  else if (alert !== null && playsNow === 0)
    found.push(notReady('No overlay that plays its alert is connected.', '/screen', 'Connect one'))
  const does = kind === 'itself' && steps.length > 0 ? stepsReady(steps, faults, around, true) : []
  return inOneLine([...found, ...does])
}
