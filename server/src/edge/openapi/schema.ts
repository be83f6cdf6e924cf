import type { TSchema } from '@sinclair/typebox'
import { NAMED } from './named.ts'

export type Json = null | boolean | number | string | readonly Json[] | { readonly [name: string]: Json }
type Fields = Readonly<Record<string, Json>>

const isObject = (value: Json | undefined): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/**
 * One of our schemas as OpenAPI 3.1 has them (JSON Schema 2020-12): a fixed row of items as `prefixItems`, a choice of words
 * as `enum`, and what has a name referred to in the document.
 */
export function describedSchema(schema: TSchema): Json {
  const { $id: _, ...rest } = JSON.parse(JSON.stringify(schema))
  return described(rest)
}

/** The schemas that have a name in the document, with what is made of them there. */
export const namedSchemas = (): Readonly<Record<string, Json>> =>
  Object.fromEntries(
    Object.entries(NAMED).map(([name, { schema }]) => {
      const { $id: _, ...rest } = JSON.parse(JSON.stringify(schema))
      return [name, described(rest, name)]
    }),
  )

const NAME_OF = new Map(Object.entries(NAMED).map(([name, { schema }]) => [JSON.stringify(schema), name]))

/** @param within - The named schema that is described itself. */
function described(value: Json, within?: string): Json {
  if (Array.isArray(value)) return value.map((one: Json) => described(one))
  if (!isObject(value)) return value
  const name = NAME_OF.get(JSON.stringify(value))
  if (name !== undefined && name !== within) return { $ref: `#/components/schemas/${name}` }
  const { $ref, items, additionalItems: _, anyOf, ...rest } = value
  if (typeof $ref === 'string') return { $ref: `#/components/schemas/${$ref}` }
  const others = Object.fromEntries(Object.entries(rest).map(([name, one]) => [name, described(one)]))
  return { ...others, ...describedItems(items), ...describedChoice(anyOf) }
}

function describedItems(items: Json | undefined): Fields {
  if (items === undefined) return {}
  return Array.isArray(items)
    ? { prefixItems: items.map((one: Json) => described(one)), items: false }
    : { items: described(items) }
}

/** Words to choose from are one list; anything else stays a choice of schemas. */
function describedChoice(anyOf: Json | undefined): Fields {
  if (!Array.isArray(anyOf)) return {}
  const words = anyOf.flatMap((one: Json) => (isObject(one) && typeof one.const === 'string' ? [one.const] : []))
  if (words.length === anyOf.length) return { type: 'string', enum: words }
  return { anyOf: anyOf.map((one: Json) => described(one)) }
}

/** Texts that fit the patterns that our schemas ask for. */
const TEXTS = ['lamp', 'follower', 'circle:1', 'abc0', '#aabbcc', 'https://example.org/hook', '#lamp', '@&~']

/** Something that fits a schema: the smallest figures, the first of what can be chosen, and nothing that may be left out. @param named - The schemas that others refer to. */
export function exampleOf(schema: Json, named: Readonly<Record<string, Json>>): Json {
  if (!isObject(schema)) return {}
  const { $ref, anyOf, prefixItems, type } = schema
  if (typeof $ref === 'string') return exampleOf(named[$ref.split('/').at(-1) ?? ''] ?? {}, named)
  if (Array.isArray(anyOf)) return exampleOf(anyOf[0] ?? {}, named)
  if (schema.const !== undefined) return schema.const
  if (Array.isArray(schema.enum)) return schema.enum[0] ?? ''
  if (Array.isArray(prefixItems)) return prefixItems.map((item: Json) => exampleOf(item, named))
  switch (type) {
    case 'array':
      return Array.from({ length: Number(schema.minItems ?? 1) }, () => exampleOf(schema.items ?? {}, named))
    case 'object':
      return exampleObject(schema, named)
    case 'integer':
    case 'number':
      return schema.minimum ?? 1
    case 'boolean':
      return true
    case 'null':
      return null
    default:
      return TEXTS.find((text) => new RegExp(String(schema.pattern ?? ''), 'u').test(text)) ?? 'example'
  }
}

function exampleObject({ properties, required }: Fields, named: Readonly<Record<string, Json>>): Json {
  const fields = isObject(properties) ? properties : {}
  const names = Array.isArray(required) ? required.map(String) : []
  return Object.fromEntries(names.map((name) => [name, exampleOf(fields[name] ?? {}, named)]))
}
