/** How long an adjustment, or the payment for a gap, can be undone. */
export const UNDO_SECONDS = 600

/** How long a correction of everybody, or an import, can be undone. */
export const UNDO_RESET_SECONDS = 86_400
