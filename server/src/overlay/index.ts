export { OverlayPage } from './answers.ts'
export { overlayView } from './view.ts'
