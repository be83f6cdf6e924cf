import type { TSchema } from '@sinclair/typebox'
import { StepSchema } from '#core/steps'
import { type Allowed, PROBLEM_STATUS, type Route } from '../http/index.ts'
import type { Cookies } from '../sign-in/index.ts'

const PROBLEM = {
  type: 'object',
  required: ['type', 'title', 'status', 'detail', 'code'],
  properties: {
    type: { type: 'string' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string', description: 'A sentence that a person can act on.' },
    code: { type: 'string', enum: Object.keys(PROBLEM_STATUS).sort() },
    data: { type: 'object' },
  },
} as const

const SECURITY: Readonly<Record<Allowed, readonly object[]>> = {
  anyone: [],
  viewer: [{ viewer: [] }],
  streamer: [{ desk: [] }],
}

const KEY = {
  name: 'Idempotency-Key',
  in: 'header',
  required: true,
  description:
    'New for each action; the same again gets the same answer and changes nothing, with another body it is refused (422).',
  schema: { type: 'string', pattern: '^[A-Za-z0-9-]{8,100}$' },
} as const

const answer = { description: 'Done.', content: { 'application/json': { schema: { type: 'object' } } } }
const problemAnswer = {
  description: 'Not done; the document says why and what to change.',
  content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
}

/** The API's own description (OpenAPI 3.1), made from the very routes and schemas that serve it. */
export function openApi(routes: readonly Route[], publicUrl: string, cookies: Pick<Cookies, 'nameOf'>): object {
  const paths: Record<string, Record<string, object>> = {}
  for (const route of routes) {
    const path = `/api/channels/{channel}${route.path.replace(/:(\w+)/g, '{$1}')}`
    paths[path] = { ...paths[path], [route.method]: operationOf(route) }
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Ricompensa', version: '1', description: 'The API behind the desk and the viewer pages.' },
    servers: [{ url: publicUrl }],
    paths,
    components: {
      schemas: { Problem: PROBLEM, Step: plain(StepSchema) },
      securitySchemes: {
        desk: { type: 'apiKey', in: 'cookie', name: cookies.nameOf('desk') },
        viewer: { type: 'apiKey', in: 'cookie', name: cookies.nameOf('viewer') },
      },
    },
  }
}

function operationOf({ method, path, allowed, does, body, raw, asks = [] }: Route): object {
  const inPath = ['channel', ...[...path.matchAll(/:(\w+)/g)].map(([, name = '']) => name)]
  return {
    operationId: `${method}${path.replace(/[/:-]+(\w)/g, (_, letter: string) => letter.toUpperCase())}`,
    summary: does,
    security: SECURITY[allowed],
    parameters: [
      ...inPath.map((name) => ({ name, in: 'path', required: true, schema: { type: 'string' } })),
      ...asks.map((name) => ({ name, in: 'query', required: false, schema: { type: 'string' } })),
      ...(method === 'get' ? [] : [KEY]),
    ],
    ...(body && { requestBody: { required: true, content: { 'application/json': { schema: plain(body) } } } }),
    ...(raw && {
      requestBody: {
        required: true,
        content: { 'application/octet-stream': { schema: { type: 'string', format: 'binary' } } },
      },
    }),
    responses: { 200: answer, default: problemAnswer },
  }
}

/** The schema as plain JSON, without what the library keeps beside it; what has a name is referred to in this document. */
function plain(schema: TSchema): unknown {
  const { $id: _, ...rest } = schema
  return JSON.parse(JSON.stringify(rest).replaceAll('"$ref":"Step"', '"$ref":"#/components/schemas/Step"'))
}
