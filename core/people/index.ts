export {
  type AdjustBalances,
  type AdjustmentRow,
  adjustBalances,
  adjustments,
  type How,
  MOST_ADJUSTED,
  type UndoAdjustment,
  undoAdjustment,
} from './adjust.ts'
export { meet, needViewer, type ViewerRow, viewers, type Who } from './viewers.ts'
