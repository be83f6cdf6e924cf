import type { TSchema } from '@sinclair/typebox'
import { Ajv, type ValidateFunction } from 'ajv'
import { StepSchema } from '#core/steps'

/** Compiled once for all servers of a process: tests start hundreds. */
const compiled = new WeakMap<TSchema, ValidateFunction>()

function checkOf(schema: TSchema): ValidateFunction {
  const before = compiled.get(schema)
  if (before !== undefined) return before
  const made = new Ajv({ allErrors: true }).addSchema(StepSchema).compile(schema)
  compiled.set(schema, made)
  return made
}

/** What of a value is not as its schema has it, place by place; undefined if nothing is. */
export function faultIn(schema: TSchema, value: unknown): string | undefined {
  const check = checkOf(schema)
  if (check(value)) return undefined
  return (check.errors ?? [])
    .slice(0, 5)
    .map(({ instancePath, message, params }) => `${instancePath || 'it'} ${message} ${JSON.stringify(params)}`)
    .join('; ')
}
