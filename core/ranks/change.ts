import { type EarningPlan, earningSetting, planDraftSetting } from '../earning/index.ts'
import { circleStanding, circles, needPerson, openCircles, savedCircles, viewers, watches } from '../people/index.ts'
import type { CircleId } from '../schema.ts'
import { readSetting, writeSetting } from '../settings/index.ts'
import { type Handler, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { announce, review } from './review.ts'
import type { CircleSettings, RankPlan } from './schema.ts'
import { ranksSetting } from './setting.ts'

export interface ChangeRanks {
  readonly kind: 'ranks.change'
  readonly plan: RankPlan
}

/** Sets the ranks. The sender then has everyone's looked at (`ranks.review`). */
export const changeRanks = {
  decide(world, { plan }) {
    const checked = checkRanks(plan)
    if (!checked.ok) return checked
    writeSetting(world, ranksSetting, plan)
    world.fact('ranks.changed', 'everyone', {})
    return ok({ ranks: plan.ranks.length })
  },
} satisfies Handler<ChangeRanks>

/** Two ranks may not begin at the same measure with the same need, nor bear one name; thresholds rise down the list. */
export function checkRanks({ ranks }: RankPlan): Result<true> {
  for (const [i, rank] of ranks.entries()) {
    const before = ranks[i - 1]
    if (before !== undefined && rank.from < before.from)
      return refuse('ranks_invalid', `"${rank.name}" begins lower than "${before.name}" above it. Put them in order.`)
    if (before !== undefined && rank.from === before.from && rank.needs === before.needs)
      return refuse('ranks_invalid', `"${before.name}" and "${rank.name}" begin at the same point. Change one of them.`)
    if (ranks.some((other, j) => j < i && other.name.toLowerCase() === rank.name.toLowerCase()))
      return refuse('ranks_invalid', `Two ranks are called "${rank.name}". Give one of them another name.`)
    if (ranks.some((other, j) => j < i && other.id === rank.id))
      return refuse('ranks_invalid', `"${rank.name}" bears the number of another rank. Add it anew.`)
  }
  return ok(true)
}

export interface SaveCircle {
  readonly kind: 'circle.save'
  /** Null: a new one. */
  readonly circle: CircleId | null
  readonly settings: CircleSettings
}

/** Makes or changes a circle. The sender then has everyone's looked at. */
export const saveCircle = {
  decide(world, { circle: id, settings }) {
    const others = openCircles(world).filter((circle) => circle.id !== id)
    const before = savedCircles.before(world, id)
    if (!before.ok) return before
    if (others.some(({ name }) => name.toLowerCase() === settings.name.trim().toLowerCase()))
      return refuse(
        'circle_invalid',
        `There is a circle called "${settings.name}" already. Give this one another name.`,
      )
    const { shows, rank } = settings.rules
    if (shows !== null && shows.least > shows.of)
      return refuse('circle_invalid', `Nobody can attend ${shows.least} of ${shows.of} shows. Lower the first number.`)
    if (rank !== null && !readSetting(world, ranksSetting).ranks.some((one) => one.id === rank))
      return refuse('circle_invalid', 'The circle asks for a removed rank. Choose another.')
    const row = world.put(circles, { ...settings, name: settings.name.trim(), id: id ?? world.nextId(), goneAt: null })
    world.fact('ranks.changed', 'everyone', { circle: row.id })
    return ok({ circle: row.id })
  },
} satisfies Handler<SaveCircle>

export interface CloseCircle {
  readonly kind: 'circle.close'
  readonly circle: CircleId
}

/** Closes a circle: nobody is in it any more once everyone has been looked at. */
export const closeCircle = {
  decide(world, intent) {
    const found = savedCircles.need(world, intent.circle)
    if (!found.ok) return found
    const circle = found.value
    world.put(circles, { ...circle, goneAt: world.at })
    leavePlan(world, circleStanding(circle.id))
    world.fact('ranks.changed', 'everyone', { circle: circle.id })
    return ok({})
  },
} satisfies Handler<CloseCircle>

/** A plan that names a circle which is gone could not be applied again, nor the circle be taken out of it. */
function leavePlan(world: World, standing: string): void {
  const without = (plan: EarningPlan): EarningPlan => {
    const { [standing]: _, ...standings } = plan.standings
    return {
      ...plan,
      standings,
      allowance: { ...plan.allowance, to: plan.allowance.to.filter((one) => one !== standing) },
    }
  }
  writeSetting(world, earningSetting, without(readSetting(world, earningSetting)))
  const draft = readSetting(world, planDraftSetting)
  if (draft.plan !== null) writeSetting(world, planDraftSetting, { ...draft, plan: without(draft.plan) })
}

export interface ReviewPeople {
  readonly kind: 'ranks.review'
  readonly viewers: readonly number[]
  /** Says nothing in chat: the rules changed, not the people. */
  readonly quietly: boolean
}

/** Looks at the rank and circles of some people anew. */
export const reviewPeople = {
  needs: (_world, intent) => intent.viewers.flatMap((id) => [...needPerson(id), needKey(watches, id)]),
  decide(world, intent) {
    const promotions = intent.viewers.flatMap((id) => review(world, id) ?? [])
    if (!intent.quietly) announce(world, promotions)
    return ok({ looked: intent.viewers.length })
  },
} satisfies Handler<ReviewPeople>

export interface JoinCircle {
  readonly kind: 'circle.join'
  readonly circle: CircleId
  readonly viewers: readonly number[]
  /** `in` and `out` outweigh the rules; `rules` leaves it to them again. */
  readonly how: 'in' | 'out' | 'rules'
}

/** Takes people into a circle by hand, keeps them out, or leaves it to the rules: what follows from it, the engine looks at. */
export function moveInCircle(
  world: World,
  { circle: id, viewers: ids, how }: Omit<JoinCircle, 'kind'>,
): Result<{ changed: number }> {
  if (!openCircles(world).some((circle) => circle.id === id))
    return refuse('circle_not_found', 'This circle no longer exists. Reload the page.')
  let changed = 0
  for (const viewerId of ids) {
    const viewer = world.get(viewers, viewerId)
    if (viewer === undefined) continue
    const { [id]: _, ...others } = viewer.circlesByHand
    const circlesByHand = how === 'rules' ? others : { ...others, [id]: how }
    world.put(viewers, { ...viewer, circlesByHand })
    changed++
  }
  world.fact('people.changed', 'desk', { viewers: changed })
  return ok({ changed })
}

export const joinCircle = {
  needs: (_world, intent) => intent.viewers.flatMap((id) => [...needPerson(id), needKey(watches, id)]),
  decide: (world, intent) => moveInCircle(world, intent),
} satisfies Handler<JoinCircle>
