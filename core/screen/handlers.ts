import { saveAlert, testAlert } from './alerts.ts'
import { controlAlerts } from './control.ts'
import { addOverlay, removeOverlay, renewOverlay, saveOverlay } from './overlays.ts'

/** How each intent of the screen is decided, by its kind. */
export const screenHandlers = {
  'alert.save': saveAlert,
  'screen.add': addOverlay,
  'screen.control': controlAlerts,
  'screen.remove': removeOverlay,
  'screen.renew': renewOverlay,
  'screen.save': saveOverlay,
  'screen.test': testAlert,
}
