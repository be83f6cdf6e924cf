/** The most letters a buyer's text may have. */
export const MAX_TEXT = 200
