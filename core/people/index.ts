export { meet, needViewer, type ViewerRow, viewers, type Who } from './viewers.ts'
