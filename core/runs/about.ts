import { circleKey, circleOf, MOST_PEOPLE, needList, PRESENT, presentOf } from '../lists/index.ts'
import { needPerson, watches } from '../people/index.ts'
import type { Step, Target } from '../steps/index.ts'
import { type Need, needKey, type World } from '../world/index.ts'

/** The people that a run is about, as far as they are known: who set it off, and who is named, by argument. */
export interface About {
  readonly caller: number | undefined
  readonly named: Readonly<Record<string, number>>
}

/** What somebody's part in a run needs. */
export const needAbout = (id: number): Need[] => [...needPerson(id), needKey(watches, id)]

/** What whom a step is about needs. */
export function needTarget(world: World, target: Target, about: About): Need[] {
  const list = listOf(target)
  return [...(list === undefined ? [] : [needList(list)]), ...idsOf(world, target, about).flatMap(needAbout)]
}

const listOf = (target: Target): string | undefined =>
  target.of === 'present' ? PRESENT : target.of === 'circle' ? circleKey(target.circle) : undefined

/** Whom a target means, as far as is known yet. */
export function idsOf(world: World, target: Target, { caller, named }: About): number[] {
  const list = listOf(target)
  if (list !== undefined && !world.rows.has(needList(list))) return []
  if (target.of === 'present' || target.of === 'circle') {
    const listed = target.of === 'present' ? presentOf(world) : circleOf(world, target.circle)
    // Of more than a step can be about nobody is needed: the step will say so.
    return listed.length > MOST_PEOPLE ? [] : listed.map(({ id }) => id)
  }
  const id = target.of === 'caller' ? caller : named[target.name]
  return id === undefined ? [] : [id]
}

/** What steps that are gone on with need. @param called - The commands and rewards (below 0) on the way there. */
export type NeedWithin = (steps: readonly Step[], about: About, called: readonly number[]) => Need[]
