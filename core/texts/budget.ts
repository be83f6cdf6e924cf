/**
 * How much work filling texts in may be. Counted in steps (a part of a text, a round of a loop, a filter) and letters, not in
 * time: the same text comes out the same on every machine. A step takes about 5 µs, so a text takes at most some
 * 15 ms, and all texts of one intent together at most some 75.
 */
const STEPS_OF_A_TEXT = 2_500
const STEPS_OF_AN_INTENT = 15_000
const LETTERS_OF_A_TEXT = 50_000
const LETTERS_OF_AN_INTENT = 400_000

let stepsLeft = STEPS_OF_AN_INTENT
let lettersLeft = LETTERS_OF_AN_INTENT

/** Begins anew: to be called before each intent. */
export function startBudget(): void {
  stepsLeft = STEPS_OF_AN_INTENT
  lettersLeft = LETTERS_OF_AN_INTENT
}

/** What one text may take of it, in the shape in which the template engine asks: `use` so many, or `check` once a step. */
export interface Meter {
  readonly use: (count: number) => void
  readonly check: (count: number) => void
}

/** @throws once the text, or all of the intent's texts together, took too many steps. */
export function stepMeter(): Meter {
  let steps = 0
  const step = () => {
    steps++
    stepsLeft--
    if (steps > STEPS_OF_A_TEXT || stepsLeft < 0) throw new Error('template render limit exceeded')
  }
  return { use: step, check: step }
}

/** @throws once they made too many letters. */
export function letterMeter(): Meter {
  let letters = 0
  const use = (count: number) => {
    if (!(count > 0)) return
    letters += count
    lettersLeft -= count
    if (letters > LETTERS_OF_A_TEXT || lettersLeft < 0) throw new Error('memory alloc limit exceeded')
  }
  return { use, check: use }
}
