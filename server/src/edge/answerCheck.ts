import type { TSchema } from '@sinclair/typebox'
import { Ajv } from 'ajv'
import { StepSchema } from '#core/steps'
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
  let faultIn: FaultIn | undefined
  return async (given) => {
    if (given instanceof Response && (!given.ok || given.body === null)) return
    faultIn ??= faultFinder(answer)
    // As it goes out: what is undefined is left away.
    const json = given instanceof Response ? await given.clone().json() : JSON.parse(JSON.stringify(given))
    const fault = faultIn(json)
    if (fault !== undefined) throw new Error(`${name} answers what it does not declare: ${fault}`)
  }
}

type FaultIn = (json: unknown) => string | undefined

/** Compiled once for all servers of a process: tests start hundreds. */
const known = new WeakMap<TSchema, FaultIn>()

function faultFinder(schema: TSchema): FaultIn {
  const before = known.get(schema)
  if (before !== undefined) return before
  const made = compiled(schema)
  known.set(schema, made)
  return made
}

function compiled(schema: TSchema): FaultIn {
  const ajv = new Ajv({ allErrors: true }).addSchema(StepSchema)
  const check = ajv.compile(schema)
  return (json) => {
    if (check(json)) return undefined
    return (check.errors ?? [])
      .slice(0, 5)
      .map(({ instancePath, message, params }) => `${instancePath || 'it'} ${message} ${JSON.stringify(params)}`)
      .join('; ')
  }
}
