import { meet, type ViewerRow, viewers, type Who } from '../people/index.ts'
import { openShow } from '../show/index.ts'
import { type Handler, ok, type World } from '../world/index.ts'
import { settleWatching } from './settle.ts'
import { needWatch, watches, watchOf } from './watch.ts'

export interface Arrive {
  readonly kind: 'presence.arrived'
  readonly who: Who
}

/** Somebody is in the room. Already known to be there: nothing changes but the name. */
export const arrive: Handler<Arrive> = {
  needs: (world, intent) => needWatch(world, intent.who.account),
  decide(world, intent) {
    markPresent(world, intent.who)
    return ok({})
  },
}

/**
 * Makes somebody present from now on; also called for who speaks without having been seen to arrive. Needs `needWatch`.
 */
export function markPresent(world: World, who: Who): ViewerRow {
  const viewer = meet(world, who)
  if (viewer.present || viewer.ignored) return viewer
  world.fact('people.arrived', 'everyone', { viewer: viewer.id, name: viewer.name })
  world.put(watches, { ...watchOf(world, viewer.id), counting: true, countedUntil: world.at })
  return world.put(viewers, { ...viewer, present: true, presentSince: world.at, lastSeenAt: world.at })
}

export interface Leave {
  readonly kind: 'presence.left'
  readonly account: string
  /** Up to when they are known to have been there, if that was not until now (the connection was away). */
  readonly until?: number
}

/** Somebody has left the room. Their watch time is settled; what does not fill an interval waits for their return. */
export const leave: Handler<Leave> = {
  needs: (world, intent) => needWatch(world, intent.account),
  decide(world, intent) {
    const found = world.find(viewers, 'account', intent.account)
    if (found === undefined || !found.present) return ok({})
    const show = openShow(world)
    const until = Math.min(world.at, intent.until ?? world.at)
    const watch = watchOf(world, found.id)
    const settled = show === undefined ? watch : settleWatching(world, watch, show, until).watch
    world.put(watches, { ...settled, counting: false })
    world.put(viewers, { ...found, present: false, presentSince: null, lastSeenAt: until })
    world.fact('people.left', 'everyone', { viewer: found.id, name: found.name })
    return ok({})
  },
}
