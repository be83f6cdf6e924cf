import type { TSchema } from '@sinclair/typebox'
import { faultIn } from '../checked.ts'
import type { Route } from '../http/index.ts'

type Checked = (answer: object) => Promise<void>

/**
 * Holds every answer of a route against what the route declares, for tests and the demo: what is told too much or too little
 * shows at once. @returns a check that throws an Error naming the place.
 */
export function answerCheck(route: Route): Checked {
  if (!('answer' in route)) return async () => {}
  return checkOf(`${route.method.toUpperCase()} ${route.path}`, route.answer)
}

/** The same for an address that is no route of a channel's API. @param name - Of the address, for the error. */
export function checkOf(name: string, answer: TSchema): Checked {
  return async (given) => {
    if (given instanceof Response && (!given.ok || given.body === null)) return
    // As it goes out: what is undefined is left away.
    const json = given instanceof Response ? await given.clone().json() : JSON.parse(JSON.stringify(given))
    const fault = faultIn(answer, json)
    if (fault !== undefined) throw new Error(`${name} answers what it does not declare: ${fault}`)
  }
}
