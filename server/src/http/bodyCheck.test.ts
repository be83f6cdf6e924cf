import fc from 'fast-check'
import { expect, test } from 'vitest'
import { schemaFaults } from '#core/schemaFaults'
import { StepSchema } from '#core/steps'
import { checkOf } from '../checked.ts'
import { exampleOf, type Json, namedSchemas } from '../edge/openapi/schema.ts'
import { type RouteParts, routesOf } from '../routes.ts'

// Routes are declared without being called: what they would be called with is not there.
const nothing = () => new Proxy({}, { get: () => () => undefined })
const PARTS = new Proxy({ config: { PUBLIC_URL: 'http://127.0.0.1' } } as RouteParts, {
  get: (parts, name: keyof RouteParts) => parts[name] ?? nothing(),
})
const BODIES = routesOf(PARTS).flatMap(({ method, path, body }) => (body === undefined ? [] : [{ method, path, body }]))

/** What is put somewhere into a body that was in order. */
const strange = fc.oneof(
  fc.constantFrom<Json>(
    '',
    ' ',
    '\u0000',
    'x'.repeat(5000),
    null,
    true,
    -1,
    0,
    0.5,
    1e15,
    1e300,
    [],
    {},
    'hand',
    'nothing',
  ),
  fc.jsonValue({ maxDepth: 2 }) as fc.Arbitrary<Json>,
)

/** The places of a value, deepest last. */
function placesOf(value: Json, path: readonly string[] = []): (readonly string[])[] {
  if (typeof value !== 'object' || value === null) return [path]
  return [path, ...Object.entries(value).flatMap(([name, one]) => placesOf(one, [...path, name]))]
}

function withAt(value: Json, [name, ...rest]: readonly string[], put: Json | undefined): Json | undefined {
  if (name === undefined) return put
  const copy = (Array.isArray(value) ? [...value] : { ...(value as object) }) as Record<string, Json | undefined>
  const next = withAt(copy[name] ?? null, rest, put)
  if (next === undefined) delete copy[name]
  else copy[name] = next
  return JSON.parse(JSON.stringify(copy)) as Json
}

test('there are bodies to look at', () => expect(BODIES.length).toBeGreaterThan(60))

test.each(BODIES)(
  '$method $path: what is not taken has a fault with its place, and what is taken has none',
  ({ body }) => {
    const check = checkOf(body)
    const example = exampleOf(JSON.parse(JSON.stringify(body)) as Json, namedSchemas())
    const places = placesOf(example)
    fc.assert(
      fc.property(fc.nat(), fc.option(strange, { nil: undefined }), (at, put) => {
        const sent = withAt(example, places[at % places.length] ?? [], put) ?? null
        const faults = schemaFaults(body, sent, [StepSchema])
        expect([Object.keys(faults).length === 0, sent, faults]).toEqual([check(sent), sent, faults])
      }),
      { numRuns: 60 },
    )
  },
)
