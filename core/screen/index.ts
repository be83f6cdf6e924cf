export {
  ALERT_FIELDS,
  type Alert,
  type AlertRow,
  alertFault,
  alertOf,
  alerts,
  checkAlert,
  openAlerts,
  PLAIN_ALERT,
  type SaveAlert,
  saveAlert,
  showAlert,
  showSaved,
  showSound,
  type TestAlert,
  testAlert,
} from './alerts.ts'
export { playing, takesAlert } from './boxes.ts'
export { alertsSetting, type ControlAlerts, controlAlerts } from './control.ts'
export { fileOf, kindOf, type MediaKind } from './files.ts'
export { screenHandlers } from './handlers.ts'
export { checkRef, type MediaRow, media } from './media.ts'
export {
  type AddOverlay,
  addOverlay,
  type OverlayRow,
  openOverlays,
  overlayFault,
  overlays,
  type RemoveOverlay,
  type RenewOverlay,
  removeOverlay,
  renewOverlay,
  type SaveOverlay,
  saveOverlay,
} from './overlays.ts'
export {
  PICTURES,
  type Picture,
  PictureRef,
  SOUNDS,
  type Sound,
  SoundRef,
  StillRef,
} from './refs.ts'
export {
  AlertSettings,
  FIGURES_OF_SHOW,
  FIRST_PIECES,
  FONTS,
  LAYOUTS,
  type Look,
  MOVES,
  OverlaySettings,
  type Piece,
  type PieceKind,
  PLACES,
  PLAIN_LOOK,
  TOP_LISTS,
} from './schema.ts'
