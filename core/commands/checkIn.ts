import { checkIn } from '../earning/index.ts'
import { keyOf, meet, needHabits, type Who } from '../people/index.ts'
import { type Handler, ok } from '../world/index.ts'

export interface CheckInByPage {
  readonly kind: 'people.checkIn'
  readonly who: Who
}

/** A check-in by the button of the viewer page. */
export const checkInByPage = {
  needs: (world, { who }) => needHabits(world, keyOf(who)),
  decide(world, { who }) {
    const done = checkIn(world, meet(world, who))
    return done.ok ? ok({ ...done.value }) : done
  },
} satisfies Handler<CheckInByPage>
