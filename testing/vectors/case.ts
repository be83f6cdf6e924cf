/** A rule case: what goes in and what must come out, as in the files beside this one. */
export type Case = Readonly<Record<string, unknown>>

/** Whether the rules give what a case says. */
export type Holder = (one: Case) => boolean
