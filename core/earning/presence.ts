import {
  findViewer,
  keyOf,
  meet,
  needWatch,
  type ViewerRow,
  viewers,
  type Who,
  watches,
  watchOf,
} from '../people/index.ts'
import { OPERATORS_ROOM } from '../rooms/index.ts'
import type { UnixSeconds } from '../schema.ts'
import { type Handler, ok, type World } from '../world/index.ts'
import { welcome } from './newcomer.ts'
import { periodsOf } from './period.ts'
import { settleWatching } from './settle.ts'

export interface Arrive {
  readonly kind: 'presence.arrived'
  readonly who: Who
  /** The room; left out: the operator's. */
  readonly inRoom?: number
}

/** Somebody is in the room. Already known to be there: nothing changes but the name. */
export const arrive = {
  needs: (world, intent) => needWatch(world, keyOf(intent.who)),
  decide(world, intent) {
    markPresent(world, intent.who)
    return ok({})
  },
} satisfies Handler<Arrive>

/**
 * Makes somebody present from now on; also called for who speaks without having been seen to arrive. A first visit is
 * welcomed, and who was archived is back. Needs `needWatch`.
 */
export function markPresent(world: World, who: Who): ViewerRow {
  const first = findViewer(world, keyOf(who)) === undefined
  const viewer = meet(world, who)
  if (viewer.ignored) return stopCounting(world, viewer)
  const room = world.inRoom ?? OPERATORS_ROOM
  const rooms = viewer.rooms.includes(room) ? viewer.rooms : [...viewer.rooms, room]
  if (viewer.present) return rooms === viewer.rooms ? viewer : world.put(viewers, { ...viewer, rooms })
  world.fact('people.arrived', 'overlay', { viewer: viewer.id, name: viewer.name })
  world.put(watches, { ...watchOf(world, viewer.id), counting: true, countedUntil: world.at })
  const here = { present: true, rooms: [room], presentSince: world.at, lastSeenAt: world.at, archivedAt: null }
  const present = world.put(viewers, { ...viewer, ...here })
  if (first) welcome(world, present)
  return present
}

function stopCounting(world: World, viewer: ViewerRow): ViewerRow {
  const watch = watchOf(world, viewer.id)
  if (watch.counting) world.put(watches, { ...watch, counting: false })
  return viewer
}

export interface Leave {
  readonly kind: 'presence.left'
  readonly account: string
  /** The room; left out: the operator's. */
  readonly inRoom?: number
  /** Up to when they are known to have been there, if that was not until now (the connection was away). */
  readonly until?: UnixSeconds
}

/** Somebody has left a room; of the last one in which they were, their watch time is settled, and what does not fill an interval waits for their return. */
export const leave = {
  needs: (world, intent) => needWatch(world, intent.account),
  decide(world, intent) {
    const found = findViewer(world, intent.account)
    if (!found?.present) return ok({})
    const rooms = found.rooms.filter((room) => room !== (intent.inRoom ?? OPERATORS_ROOM))
    if (rooms.length > 0) world.put(viewers, { ...found, rooms })
    else markGone(world, found, Math.min(world.at, intent.until ?? world.at))
    return ok({})
  },
} satisfies Handler<Leave>

/** Ends somebody's presence at a time. Needs `needWatch`. */
export function markGone(world: World, viewer: ViewerRow, until: UnixSeconds): ViewerRow {
  let watch = watchOf(world, viewer.id)
  for (const period of periodsOf(world)) watch = settleWatching(world, watch, period, until).watch
  world.put(watches, { ...watch, counting: false })
  world.fact('people.left', 'overlay', { viewer: viewer.id, name: viewer.name })
  return world.put(viewers, { ...viewer, present: false, rooms: [], presentSince: null, lastSeenAt: until })
}
