import { checkIn } from '../earning/index.ts'
import { findViewer, habits, meet, needWatch, type Who } from '../people/index.ts'
import { type Handler, needKey, ok } from '../world/index.ts'

export interface CheckInByPage {
  readonly kind: 'people.checkIn'
  readonly who: Who
}

/** A check-in by the button of the viewer page, told in chat like one made there. */
export const checkInByPage: Handler<CheckInByPage> = {
  needs: (world, { who }) => {
    const needed = needWatch(world, who.account)
    const known = needed.every((need) => world.rows.has(need)) ? findViewer(world, who.account) : undefined
    return known === undefined ? needed : [...needed, needKey(habits, known.id)]
  },
  decide(world, { who }) {
    const done = checkIn(world, meet(world, who))
    return done.ok ? ok({ ...done.value }) : done
  },
}
