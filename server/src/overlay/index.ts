export { overlayView } from './view.ts'
