import type { Allowed, Asks, InstallationRoute, Route } from '../../http/index.ts'
import { answerWith, problemsOf } from './answers.ts'
import { describedSchema, exampleOf, type Json } from './schema.ts'

function securityOf(allowed: Allowed): readonly object[] {
  if (allowed === 'anyone') return []
  if (allowed === 'viewer') return [{ viewer: [] }]
  return allowed === 'signed in at the desk' || allowed === 'owner' ? [{ desk: [] }] : [{ desk: [] }, { token: [] }]
}

/** Who may, in a sentence for the description. */
function whoMay(allowed: Allowed): string | undefined {
  if (typeof allowed === 'object') return `For who may ${allowed.level} in: ${allowed.areas.join(', ')}.`
  if (allowed === 'owner') return 'For owners.'
  return allowed === 'team' ? 'For all of the team.' : undefined
}

const KEY = { $ref: '#/components/parameters/IdempotencyKey' }
const CHANNEL = { $ref: '#/components/parameters/Channel' }

/** What stands in an address is a number, but for these. */
const IN_PATH: Readonly<Record<string, object>> = {
  file: { type: 'string', pattern: '^[0-9a-f]{32}\\.[a-z0-9]{3,4}$' },
  game: { type: 'string' },
  outside: { type: 'string', minLength: 1, maxLength: 100 },
}
const ID = { type: 'integer', minimum: 1, maximum: Number.MAX_SAFE_INTEGER }

const inPath = (path: string) =>
  [...path.matchAll(/:(\w+)/g)].map(([, name = '']) => ({
    name,
    in: 'path',
    required: true,
    schema: IN_PATH[name] ?? ID,
  }))

/** What can be asked in an address, as parameters. */
export const inQuery = (asks: Asks = {}) =>
  Object.entries(asks).map(([name, { schema }]) => {
    const { description, ...rest } = describedSchema(schema) as Record<string, Json>
    return { name, in: 'query', required: false, description, schema: rest }
  })

function requestBody({ body, raw }: Pick<Route, 'body' | 'raw'>, named: Readonly<Record<string, Json>>) {
  if (raw) {
    const schema = { type: 'string', format: 'binary' }
    return { requestBody: { required: true, content: { 'application/octet-stream': { schema } } } }
  }
  if (body === undefined) return {}
  const schema = describedSchema(body)
  const content = { 'application/json': { schema, example: exampleOf(schema, named) } }
  return { requestBody: { required: true, content } }
}

/** Every status that a route can answer with. */
function statusesOf({ method, allowed, fresh, body, raw }: Route): number[] {
  const changes = method !== 'get'
  return [
    ...(changes ? [400, 409] : []),
    ...(allowed === 'anyone' ? [] : [401]),
    ...(changes || fresh || (allowed !== 'anyone' && allowed !== 'viewer') ? [403] : []),
    ...(body !== undefined || raw ? [413] : []),
    ...(raw ? [415] : []),
    ...[404, 410, 422, 429, 500, 503],
  ].sort()
}

/** A route of the channels' API as an operation of the description. */
export function operationOf(route: Route, named: Readonly<Record<string, Json>>): object {
  const { method, path, allowed, does, tag } = route
  return {
    operationId: `${method}${path.replace(/[/:.-]+(\w)/g, (_, letter: string) => letter.toUpperCase())}`,
    summary: does,
    tags: [tag],
    security: securityOf(allowed),
    ...(whoMay(allowed) && { description: whoMay(allowed) }),
    parameters: [CHANNEL, ...inPath(path), ...inQuery(route.asks), ...(method === 'get' ? [] : [KEY])],
    ...requestBody(route, named),
    responses: {
      200:
        'gives' in route
          ? answerWith('The file.', route.gives)
          : answerWith('Done.', 'application/json', describedSchema(route.answer)),
      ...problemsOf(...statusesOf(route)),
    },
  }
}

/** An address of the installation as an operation of the description. */
export function installationOperation(route: InstallationRoute, named: Readonly<Record<string, Json>>): object {
  const { method, path, allowed, does, asks, body, answer } = route
  const open = allowed === 'anyone'
  const statuses = [...(method === 'get' ? [] : [400, 403, 409]), ...(open ? [] : [401, 403]), ...(body ? [413] : [])]
  return {
    operationId: `${method}${path.replace(/[/:.-]+(\w)/g, (_, letter: string) => letter.toUpperCase())}`,
    summary: does,
    tags: ['Installation'],
    security: open ? [] : [{ desk: [] }],
    ...(allowed === 'operator' && { description: 'For the installation’s operators.' }),
    parameters: [...inPath(path), ...inQuery(asks)],
    ...requestBody({ ...(body && { body }) }, named),
    responses: {
      200: answerWith('Done.', 'application/json', describedSchema(answer)),
      ...problemsOf(...[...new Set([...statuses, 404, 422, 429, 500, 503])].sort()),
    },
  }
}
