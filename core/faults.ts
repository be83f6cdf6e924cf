/** What is wrong with a value, by the place it is at: `asks.question`; '' is the value itself. Each says what to change. */
export type Faults = Readonly<Record<string, string>>

/** The first sentence of what is wrong; undefined: nothing is. */
export const firstFault = (faults: Faults): string | undefined => Object.values(faults)[0]

/** The places that something is wrong at, of all that were looked at. */
export const foundFaults = (looked: Readonly<Record<string, string | undefined>>): Faults =>
  Object.fromEntries(Object.entries(looked).filter((one): one is [string, string] => one[1] !== undefined))
