import { circleOf, MOST_PEOPLE, presentOf } from '../lists/index.ts'
import { type ViewerRow, viewers } from '../people/index.ts'
import type { HowMany, Target } from '../steps/index.ts'
import { ok, type Result, refuse } from '../world/index.ts'
import type { Run } from './run.ts'

/** Whom a step is about. */
export function peopleOf(run: Run, target: Target): Result<ViewerRow[]> {
  if (target.of === 'caller' || target.of === 'argument') {
    const one = oneOf(run, target)
    return one.ok ? ok([one.value]) : one
  }
  const { world } = run
  const listed = target.of === 'present' ? presentOf(world) : circleOf(world, target.circle)
  if (listed.length > MOST_PEOPLE)
    return refuse('too_many_people', `A step can be about ${MOST_PEOPLE} people at most; here are ${listed.length}.`)
  const people = listed.flatMap(({ id }) => world.get(viewers, id) ?? [])
  return ok(people.filter(({ ignored }) => !ignored))
}

/** The one person that a step is about. */
export function oneOf(run: Run, target: Target): Result<ViewerRow> {
  const { world, caller, given } = run
  if (target.of === 'caller') {
    const viewer = caller && world.get(viewers, caller.id)
    return viewer === undefined
      ? refuse('person_missing', 'Nobody set this off, so it has nobody to act on.')
      : ok(viewer)
  }
  if (target.of !== 'argument') return refuse('person_missing', 'This step is about one person only.')
  const id = given[target.name]
  const viewer = id === undefined ? undefined : world.get(viewers, Number(id))
  if (viewer === undefined || viewer.mergedInto !== null)
    return refuse('person_missing', `Name somebody for "${target.name.replaceAll('_', ' ')}".`)
  return viewer.ignored ? refuse('viewer_ignored', `${viewer.name} is ignored in this channel.`) : ok(viewer)
}

/** How many: fixed, or what was typed; 0 where nothing was. */
export const amountOf = ({ given }: Run, amount: HowMany): number =>
  'fixed' in amount ? amount.fixed : Number(given[amount.argument] ?? 0)

/** "pia", "12 people", "nobody". */
export const whom = (people: readonly ViewerRow[]): string =>
  people.length === 1 ? (people[0]?.name ?? '') : people.length === 0 ? 'nobody' : `${people.length} people`
