import { type TSchema, Type } from '@sinclair/typebox'
import { Count, exactly, Nothing } from '#core/schema'
import { EventTaken } from '../../connections/index.ts'
import { OverlayPage } from '../../overlay/index.ts'
import { FEED_ASKS } from '../feeds.ts'
import { answerWith, asJson, problemsOf } from './answers.ts'
import { inQuery } from './operation.ts'
import { describedSchema, type Json } from './schema.ts'

const jsonOf = (description: string, answer: TSchema) =>
  answerWith(description, 'application/json', describedSchema(answer))

const CHANNEL = { $ref: '#/components/parameters/Channel' }
const LAST = { $ref: '#/components/parameters/LastEventId' }
const SCOPE = { name: 'scope', in: 'path', required: true, schema: { type: 'string', enum: ['desk', 'viewer'] } }
const SECRET = { name: 'secret', in: 'path', required: true, schema: { type: 'string' } }
const asking = (name: string, description: string) => ({
  name,
  in: 'query',
  required: false,
  description,
  schema: { type: 'string' },
})

const PAGE_OF_SIGN_IN = 'On to where the browser goes next.'
const moved = (description: string) => ({
  description,
  headers: { Location: { description: 'Where to.', schema: { type: 'string' } } },
})

const STREAM = answerWith(
  'Facts as they happen (server-sent events), each with its number as `id`. Ends when the right to it ends.',
  'text/event-stream',
)

const operator = {
  '/healthz': {
    get: {
      operationId: 'health',
      summary: 'Whether the server is up',
      tags: ['Operation'],
      security: [],
      responses: { 200: jsonOf('It is.', exactly({ status: Type.Literal('up') })), ...problemsOf(500) },
    },
  },
  '/readyz': {
    get: {
      operationId: 'readiness',
      summary: 'Whether it can serve: 503 while it starts, stops, or has no database',
      tags: ['Operation'],
      security: [],
      responses: { 200: jsonOf('It can.', exactly({ status: Type.Literal('ready') })), ...problemsOf(500, 503) },
    },
  },
  '/metrics': {
    get: {
      operationId: 'metrics',
      summary: 'What it measures, for Prometheus',
      tags: ['Operation'],
      security: [{ metrics: [] }],
      responses: { 200: answerWith('The figures.', 'text/plain'), ...problemsOf(404, 429, 500) },
    },
  },
  '/api/openapi.json': {
    get: {
      operationId: 'description',
      summary: 'This description',
      tags: ['Operation'],
      security: [],
      responses: { 200: asJson('OpenAPI 3.1.'), ...problemsOf(429, 500) },
    },
  },
  '/problems/{code}': {
    get: {
      operationId: 'problem',
      summary: 'A page that explains a problem',
      tags: ['Operation'],
      security: [],
      parameters: [{ name: 'code', in: 'path', required: true, schema: { type: 'string' } }],
      responses: { 200: answerWith('The page.', 'text/html'), ...problemsOf(404, 429, 500) },
    },
  },
}

const signIn = {
  '/auth/{scope}/start': {
    get: {
      operationId: 'signIn',
      summary: 'Begin a sign-in: a browser is sent to where people sign in',
      tags: ['Sign-in'],
      security: [],
      parameters: [
        SCOPE,
        asking('return', 'The path of our own that it ends on.'),
        asking('with', 'The number of the way to sign in, where there are several; left out: a page asks.'),
        asking('link', 'The channel in which the account is linked to the one that is signed in.'),
      ],
      responses: {
        200: answerWith('The page that asks by which way.', 'text/html'),
        302: moved('To where people sign in.'),
        ...problemsOf(401, 404, 429, 500, 503),
      },
    },
  },
  '/auth/viewer/test/{slug}': {
    post: {
      operationId: 'tryAsViewer',
      summary: 'Sign an owner in on their viewer page as the test viewer, whose currency is in no figure',
      tags: ['Sign-in'],
      security: [{ desk: [] }],
      parameters: [{ name: 'slug', in: 'path', required: true, schema: { type: 'string' } }],
      responses: {
        200: jsonOf('The cookie of the test viewer came with it.', Nothing),
        ...problemsOf(401, 403, 404, 429, 500, 503),
      },
    },
  },
  '/auth/callback': {
    get: {
      operationId: 'signedIn',
      summary: 'Where a browser comes back to from signing in',
      tags: ['Sign-in'],
      security: [],
      parameters: [
        asking('code', 'What proves it.'),
        asking('state', 'Which sign-in it is.'),
        asking('error', 'Why there is none.'),
      ],
      responses: { 302: moved(PAGE_OF_SIGN_IN), ...problemsOf(400, 403, 429, 500, 503) },
    },
  },
  ...Object.fromEntries(
    [
      { path: 'out', operationId: 'signOut', summary: 'End the session of this browser', answer: Nothing },
      {
        path: 'out-everywhere',
        operationId: 'signOutEverywhere',
        summary: 'End every session of who is signed in here',
        answer: exactly({ ended: Count }),
      },
    ].map(({ path, operationId, summary, answer }) => [
      `/auth/{scope}/${path}`,
      {
        post: {
          operationId,
          summary,
          tags: ['Sign-in'],
          security: [{ desk: [] }, { viewer: [] }, {}],
          parameters: [SCOPE],
          responses: { 200: jsonOf('Done.', answer), ...problemsOf(403, 404, 429, 500) },
        },
      },
    ]),
  ),
}

const feeds = {
  '/api/channels/{channel}/feed': {
    get: {
      operationId: 'feed',
      summary: 'What happens, as viewers see it; signed in, with what concerns the caller alone',
      tags: ['Live'],
      security: [{ viewer: [] }, {}],
      parameters: [CHANNEL, LAST, ...inQuery(FEED_ASKS)],
      responses: { 200: STREAM, ...problemsOf(404, 422, 429, 500) },
    },
  },
  '/api/channels/{channel}/desk/feed': {
    get: {
      operationId: 'deskFeed',
      summary: 'What happens, as the desk sees it',
      tags: ['Live'],
      security: [{ desk: [] }],
      parameters: [CHANNEL, LAST, ...inQuery(FEED_ASKS)],
      responses: { 200: STREAM, ...problemsOf(401, 403, 404, 422, 429, 500) },
    },
  },
  '/api/overlays/{secret}/feed': {
    get: {
      operationId: 'overlayFeed',
      summary: 'What happens, as an overlay shows it; ends once it has another address',
      tags: ['Live'],
      security: [],
      parameters: [SECRET, LAST, ...inQuery(FEED_ASKS)],
      responses: { 200: STREAM, ...problemsOf(404, 422, 429, 500) },
    },
  },
  '/api/overlays/{secret}/page': {
    get: {
      operationId: 'overlayPage',
      summary: 'What an overlay shows right now',
      tags: ['Live'],
      security: [],
      parameters: [SECRET],
      responses: {
        200: jsonOf('Its pieces and what is in them.', OverlayPage),
        ...problemsOf(404, 429, 500),
      },
    },
  },
}

/** As docs/protocols.md tells: one as JSON, one with its attributes in headers, or many at once. */
const EVENT = {
  type: 'object',
  required: ['specversion', 'id', 'source', 'type'],
  properties: {
    specversion: { const: '1.0' },
    id: { type: 'string' },
    source: { type: 'string' },
    type: { type: 'string' },
    time: { type: 'string', format: 'date-time' },
    data: { type: 'object' },
  },
} as const

const EXAMPLE: Json = {
  specversion: '1.0',
  id: 'e-1',
  source: '/shop',
  type: 'com.example.follow',
  data: { account: 'pia', name: 'Pia' },
}

const inHeader = (name: string, description: string) => ({
  name,
  in: 'header',
  required: true,
  description,
  schema: { type: 'string' },
})

const events = {
  '/api/channels/{channel}/events': {
    post: {
      operationId: 'events',
      summary: 'What outside services report: CloudEvents, signed',
      tags: ['Events'],
      security: [{ signature: [] }],
      parameters: [
        CHANNEL,
        inHeader('webhook-id', 'New for each delivery, the same when it is sent again.'),
        inHeader('webhook-timestamp', 'Seconds since 1970.'),
      ],
      requestBody: {
        required: true,
        content: {
          'application/cloudevents+json': { schema: EVENT, example: EXAMPLE },
          'application/cloudevents-batch+json': { schema: { type: 'array', items: EVENT }, example: [EXAMPLE] },
          'application/json': { schema: { type: 'object' }, example: { account: 'pia', name: 'Pia' } },
        },
      },
      responses: { 202: jsonOf('Taken.', EventTaken), ...problemsOf(401, 403, 404, 410, 413, 415, 422, 429, 500, 503) },
    },
  },
}

const BINARY = { type: 'string', format: 'binary' }
const pictures = {
  'image/png': { schema: BINARY },
  'image/webp': { schema: BINARY },
  'image/gif': { schema: BINARY },
  'audio/*': { schema: BINARY },
  'video/*': { schema: BINARY },
}

const files = {
  '/media/{channel}/{file}': {
    get: {
      operationId: 'media',
      summary: 'A file of the library, whole or a part of it',
      tags: ['Live'],
      security: [],
      parameters: [
        CHANNEL,
        { name: 'file', in: 'path', required: true, schema: { type: 'string' } },
        asking('small', 'A picture in the size of a thumbnail.'),
        { name: 'Range', in: 'header', required: false, schema: { type: 'string' } },
      ],
      responses: {
        200: { description: 'The file.', content: pictures },
        206: { description: 'The part of it.', content: pictures },
        416: { description: 'There is no such part.' },
        ...problemsOf(404, 429, 500),
      },
    },
  },
  '/c/{channel}/raffles/{raffle}/preview.png': {
    get: {
      operationId: 'rafflePreview',
      summary: 'A raffle’s picture, in the size that previews show',
      tags: ['Live'],
      security: [],
      parameters: [CHANNEL, { name: 'raffle', in: 'path', required: true, schema: { type: 'integer', minimum: 1 } }],
      responses: { 200: answerWith('The picture.', 'image/png', BINARY), ...problemsOf(404, 429, 500) },
    },
  },
}

/** What is outside the channels' API and meant for programs, as paths of the description. Pages for people are none of it. */
export const openings = () => ({ ...operator, ...signIn, ...feeds, ...events, ...files })
