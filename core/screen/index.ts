export {
  ALERT_FIELDS,
  type Alert,
  alertFaults,
  alertOf,
  alerts,
  checkAlert,
  openAlerts,
  PLAIN_ALERT,
  sampleFields,
  showAlert,
  showSaved,
  showSound,
} from './alerts.ts'
export { playing, takesAlert } from './boxes.ts'
export { alertsSetting } from './control.ts'
export { fileOf, kindOf, type MediaKind } from './files.ts'
export { screenHandlers } from './handlers.ts'
export { checkRef, type MediaRow, media } from './media.ts'
export {
  type OverlayRow,
  openOverlays,
  overlayFault,
  overlays,
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
  Piece,
  type PieceKind,
  PLACES,
  PLAIN_LOOK,
  type RoundKind,
  type RoundPiece,
  showsGame,
  storedAlert,
  storedPieces,
  TOP_LISTS,
} from './schema.ts'
