import { showAlert, showSaved } from '../../screen/index.ts'
import { ok, refuse } from '../../world/index.ts'
import { emptyFault } from '../faultsIn.ts'
import { fieldsNow } from '../fields.ts'
import { fill } from '../fill.ts'
import type { StepRule } from '../rule.ts'

export const alert: StepRule<'alert'> = {
  texts: (step) => (step.alert === undefined ? [step.title, step.line] : []),
  faults: ({ alert: saved, title }, { alerts }) => {
    if (saved === undefined) return emptyFault(title, 'Give the alert a title.')
    return alerts.some(({ id }) => id === saved) ? [] : ['Choose an alert.']
  },
  act(run, step) {
    const { picture, sound, seconds } = step
    if (step.alert !== undefined) {
      const shown = showSaved(run.world, step.alert, fieldsNow(run))
      return shown === undefined
        ? refuse('alert_not_found', 'The alert it shows was removed.')
        : ok(`Shows the alert “${shown.name}”.`)
    }
    const [title, line] = [fill(run, step.title), fill(run, step.line)]
    showAlert(run.world, { title, line, picture, sound, seconds })
    return ok(`Shows: ${title}${line === '' ? '' : ` / ${line}`}`)
  },
}
