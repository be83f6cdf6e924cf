/** So many parts of the browser tests run side by side, each with a stack of its own. With three, two processors are at their end, and it takes longer. */
export const PARTS = 2
