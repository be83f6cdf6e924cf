/** So many parts of the browser tests run side by side, each with a stack of its own: most of their time they wait for something to be seen. */
export const PARTS = 3
