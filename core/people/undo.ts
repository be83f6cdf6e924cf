/** How long an adjustment, or the payment for a gap, can be undone. */
export const UNDO_SECONDS = 600
