import type { TSchema } from '@sinclair/typebox'
import { Ajv, type ValidateFunction } from 'ajv'
import { StepSchema } from '#core/steps'

// One for all: a schema is compiled once in a process, whoever asks. The schemas are ours, so they are not checked themselves, and
// the code is not tidied up either: that was more than half of what compiling takes, and a server's first channel waits for it.
// The schema that names itself is known by its name.
const ajv = new Ajv({ allErrors: true, meta: false, validateSchema: false, code: { optimize: false } }).addSchema(
  StepSchema,
)

/** The compiled check of a schema; made when it is first needed, which takes up to a quarter of a second for a large one. */
export const checkOf = (schema: TSchema): ValidateFunction => ajv.compile(schema)

/** What of a value is not as its schema has it, place by place; undefined if nothing is. */
export function faultIn(schema: TSchema, value: unknown): string | undefined {
  const check = checkOf(schema)
  if (check(value)) return undefined
  return (check.errors ?? [])
    .slice(0, 5)
    .map(({ instancePath, message, params }) => `${instancePath || 'it'} ${message} ${JSON.stringify(params)}`)
    .join('; ')
}
