import type { TSchema } from '@sinclair/typebox'
import { type Faults, foundFaults } from '#core/faults'
import { schemaFaults } from '#core/schemaFaults'
import { StepSchema } from '#core/steps'
import { placeInWords } from '../placeInWords.ts'

/**
 * What is wrong with what would be sent, by field (with its place, as it may be on another part of the form): by the form's own sentences, and by the schema that the server checks it with.
 * @param looked - The form's own, in the order in which they are told; '' is about no field.
 */
export function faultsIn(schema: TSchema, sent: unknown, looked: Readonly<Record<string, string | undefined>>): Faults {
  const own = foundFaults(looked)
  const others = Object.entries(schemaFaults(schema, sent, [StepSchema])).filter(([at]) => !(at in own))
  return {
    ...own,
    ...Object.fromEntries(others.map(([at, says]) => [at, at === '' ? says : `${placeInWords(at)}: ${says}`])),
  }
}
