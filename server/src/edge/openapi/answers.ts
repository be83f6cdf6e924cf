import { PROBLEMS } from '../../http/index.ts'
import type { Json } from './schema.ts'

export const PROBLEM = {
  type: 'object',
  description: 'What went wrong, as RFC 9457 has it.',
  required: ['type', 'title', 'status', 'detail', 'code'],
  properties: {
    type: { type: 'string', description: 'The address of a page that explains it.' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string', description: 'A sentence that a person can act on.' },
    code: { type: 'string', enum: Object.keys(PROBLEMS).sort() },
    data: {
      type: 'object',
      description:
        'The figures that the sentence is made of, where there are any; for `body_invalid`, what is wrong by its place.',
    },
  },
} as const

/** A method that an address does not take is no operation that could be described. */
const NO_OPERATION = 405

const STATUSES = [...new Set(Object.values(PROBLEMS).map(({ status }) => status))]
  .filter((status) => status !== NO_OPERATION)
  .sort()

const codesOf = (status: number): string[] =>
  Object.keys(PROBLEMS)
    .filter((code) => PROBLEMS[code]?.status === status)
    .sort()

const nameOf = (status: number): string => `Problem${status}`

/** What may wait before it is tried again is told with the answer. */
const LATER = new Set([429, 503])

/** The answers with a problem, one for each status, with the codes that it can bear. */
export const problemAnswers = () =>
  Object.fromEntries(
    STATUSES.map((status) => [
      nameOf(status),
      {
        description: `Not done: ${codesOf(status).join(', ')}.`,
        ...(LATER.has(status) && {
          headers: { 'Retry-After': { description: 'Seconds to wait.', schema: { type: 'integer' } } },
        }),
        content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
      },
    ]),
  )

/** The answers with a problem that an operation can give. */
export const problemsOf = (...statuses: readonly number[]) =>
  Object.fromEntries(statuses.map((status) => [status, { $ref: `#/components/responses/${nameOf(status)}` }]))

/** An answer with a body of some media type; without one it has none. */
export const answerWith = (description: string, type?: string, schema: Json = { type: 'string' }) => ({
  description,
  ...(type !== undefined && { content: { [type]: { schema } } }),
})

export const asJson = (description: string) => answerWith(description, 'application/json', { type: 'object' })
