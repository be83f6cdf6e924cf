import type { Step } from '#core/steps'

let next = 0
const ids = new WeakMap<Step, string>()

/** A step's own mark, by which a list knows it while it is moved and changed. */
export function markOf(step: Step): string {
  const known = ids.get(step)
  if (known !== undefined) return known
  const mark = `step-${next++}`
  ids.set(step, mark)
  return mark
}

/** A step in place of another: it is still the same one to whoever looks at the list. */
export function inPlaceOf(old: Step, step: Step): Step {
  ids.set(step, markOf(old))
  return step
}
