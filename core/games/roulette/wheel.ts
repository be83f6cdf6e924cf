// Nothing is imported here: the overlay's page takes this and must stay small.

/** 0 to 36. */
export const NUMBERS = 37

/** The red numbers; the others but 0 are black (rules: roulette). */
export const RED: ReadonlySet<number> = new Set([1, 3, 5, 7, 9, 12, 14, 16, 18, 19, 21, 23, 25, 27, 30, 32, 34, 36])

export const colourOf = (number: number): 'green' | 'red' | 'black' =>
  number === 0 ? 'green' : RED.has(number) ? 'red' : 'black'
