import type { InstallationRoute, Route } from '../../http/index.ts'
import type { Cookies } from '../../sign-in/index.ts'
import { PROBLEM, problemAnswers } from './answers.ts'
import { openings } from './openings.ts'
import { installationOperation, operationOf } from './operation.ts'
import { namedSchemas } from './schema.ts'

const ABOUT = `The API behind the desk and the viewer pages.

Lists come a page at a time: what a page ends with asks for the next (\`before\`, \`after\`), or how many to leave out (\`offset\`, \`from\`). A name in the address that an operation does not have is refused (422).

Every change bears an Idempotency-Key, so that what is sent again is done once. What is not done is answered with a problem (RFC 9457), whose \`type\` is a page that explains it.`

const TAGS: Readonly<Record<string, string>> = {
  Operation: 'For whoever runs the server.',
  Installation: 'The channels of the installation: finding and opening them, and its operator’s page.',
  'Sign-in': 'Who is signed in, and whose the channel is.',
  Live: 'What pages and overlays follow and show.',
  Events: 'What outside services report.',
}

const PARAMETERS = {
  Channel: {
    name: 'channel',
    in: 'path',
    required: true,
    description: 'The channel’s name in addresses.',
    schema: { type: 'string' },
  },
  IdempotencyKey: {
    name: 'Idempotency-Key',
    in: 'header',
    required: true,
    description:
      'New for each action; the same again gets the same answer and changes nothing, with another body it is refused (422).',
    schema: { type: 'string', pattern: '^[A-Za-z0-9-]{8,100}$' },
  },
  LastEventId: {
    name: 'Last-Event-ID',
    in: 'header',
    required: false,
    description: 'The number of the last fact that was seen: what came after it is sent first.',
    schema: { type: 'integer' },
  },
}

const securitySchemes = (cookies: Pick<Cookies, 'nameOf'>) => ({
  desk: { type: 'apiKey', in: 'cookie', name: cookies.nameOf('desk') },
  viewer: { type: 'apiKey', in: 'cookie', name: cookies.nameOf('viewer') },
  token: { type: 'http', scheme: 'bearer', description: 'A token of the channel’s, made on the page Team.' },
  signature: {
    type: 'apiKey',
    in: 'header',
    name: 'webhook-signature',
    description: 'Made with one of the channel’s secrets, as Standard Webhooks has it.',
  },
  metrics: { type: 'http', scheme: 'bearer', description: 'METRICS_TOKEN of the installation.' },
})

/** The API's own description (OpenAPI 3.1), made from the very routes and schemas that serve it. */
export function openApi(
  routes: readonly Route[],
  installation: readonly InstallationRoute[],
  publicUrl: string,
  cookies: Pick<Cookies, 'nameOf'>,
): object {
  const named = namedSchemas()
  const paths: Record<string, Record<string, object>> = openings()
  for (const route of installation) {
    const path = route.path.replace(/:(\w+)/g, '{$1}')
    paths[path] = { ...paths[path], [route.method]: installationOperation(route, named) }
  }
  for (const route of routes) {
    const path = `/api/channels/{channel}${route.path.replace(/:(\w+)/g, '{$1}')}`
    paths[path] = { ...paths[path], [route.method]: operationOf(route, named) }
  }
  const features = [...new Set(routes.map(({ tag }) => tag))].map((name) => ({ name }))
  return {
    openapi: '3.1.0',
    info: { title: 'Ricompensa', version: '1', description: ABOUT },
    servers: [{ url: publicUrl }],
    tags: [...features, ...Object.entries(TAGS).map(([name, description]) => ({ name, description }))],
    paths,
    components: {
      schemas: { Problem: PROBLEM, ...named },
      parameters: PARAMETERS,
      responses: problemAnswers(),
      securitySchemes: securitySchemes(cookies),
    },
  }
}
