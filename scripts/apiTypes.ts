import openapiTS, { astToString, type OpenAPI3 } from 'openapi-typescript'
import ts from 'typescript'
import { NAMED, openApi } from '#server/edge/index.ts'
import { installationRoutes, routesOf } from '#server/routes.ts'

/** Where the types that the pages call the API by are kept. */
export const API_TYPES = 'web/parts/api/declared.d.ts'

const PREFIX = '/api/channels/{channel}'
/** What an overlay's page asks for: of no channel's API. */
const OVERLAY = '/api/overlays/{secret}/page'
/** What is followed or delivered, not asked. */
const NOT_CALLED = new Set(['/feed', '/desk/feed', '/events'])

const HEAD = '// Made by `npm run docs` from what the routes declare. Not to be edited.\n'

/** What describes routes needs nothing of a server that runs: whatever is asked for is there, and does nothing. */
const nothing: never = new Proxy(() => nothing, { get: () => nothing, apply: () => nothing }) as never

/** A channel's API with its addresses as they are below the channel's own: "/desk/people". */
function channelApi(): OpenAPI3 {
  const parts = {
    db: nothing,
    channels: nothing,
    seats: nothing,
    secrets: nothing,
    door: nothing,
    wanted: nothing,
    provider: nothing,
  }
  const routes = routesOf({
    ...parts,
    deliveries: nothing,
    config: { PUBLIC_URL: '', ROOMS_INSIDE: 'no', ROOMS_SHARED: 'no', PLATFORM_REWARDS_URL: '' },
  })
  const config = { PUBLIC_URL: '', CHANNELS: 'claim', CHANNELS_EACH: '1' } as never
  const installation = installationRoutes({ channels: nothing, provider: nothing, config }, async () => {})
  const own = new Set(installation.map(({ path }) => path.replace(/:(\w+)/g, '{$1}')))
  const { components, ...whole } = openApi(routes, installation, '', { nameOf: (scope) => scope }) as OpenAPI3
  const paths = Object.entries(whole.paths ?? {})
    .filter(
      ([path]) =>
        path === OVERLAY || own.has(path) || (path.startsWith(PREFIX) && !NOT_CALLED.has(path.slice(PREFIX.length))),
    )
    .map(([path, methods]) => [path === OVERLAY || own.has(path) ? path : path.slice(PREFIX.length), asCalled(methods)])
  return { ...whole, components: { schemas: { ...components?.schemas, ...ofRules } }, paths: Object.fromEntries(paths) }
}

/** The schemas that have a name, as the types that the rules have of them: these know more than a schema can say. */
const ofRules = Object.fromEntries(
  Object.entries(NAMED).map(([name, { feature, type = name }]) => [
    name,
    { type: 'object' as const, description: `import('#core/${feature}').${type}` },
  ]),
)

const typeOfRules = ({ description = '' }: { readonly description?: string }) =>
  description.startsWith('import(') ? ts.factory.createTypeReferenceNode(description) : undefined

interface Operation {
  readonly parameters?: readonly { readonly $ref?: string }[]
  readonly responses: Readonly<Record<string, object>>
}

/** Operations without what the client adds by itself (the channel, the key of a change), and without the problems, which it throws. */
function asCalled(methods: object): object {
  const added = ['#/components/parameters/Channel', '#/components/parameters/IdempotencyKey']
  const called = Object.entries(methods as Record<string, Operation>).map(([method, operation]) => {
    const parameters = operation.parameters?.filter(({ $ref = '' }) => !added.includes($ref))
    return [
      method,
      { ...operation, operationId: undefined, parameters, responses: { 200: operation.responses['200'] } },
    ]
  })
  return Object.fromEntries(called)
}

/** What the generator writes of all that is not there. */
const ABSENT =
  /^ +readonly (get|put|post|delete|options|head|patch|trace|query|header|path|cookie|requestBody)\?: never;\n/gm
const NO_HEADERS = /^ +headers: \{\n +readonly \[name: string\]: unknown;\n +\};\n/gm
const EMPTY = /^ +readonly parameters: \{\n +\};\n/gm

const brief = (types: string): string =>
  types
    .replace(ABSENT, '')
    .replace(NO_HEADERS, '')
    .replace(EMPTY, '')
    .replace(/^( {4})+/gm, (spaces) => '\t'.repeat(spaces.length / 4))

/** TypeScript types of every address of a channel's API, of what it takes and what it answers. */
export const apiTypes = async (): Promise<string> =>
  `${HEAD}${brief(astToString(await openapiTS(channelApi(), { transform: typeOfRules, immutable: true })))}`
