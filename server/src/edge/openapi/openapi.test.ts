import { execFileSync } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import SwaggerParser from '@apidevtools/swagger-parser'
import { Validator } from '@seriousme/openapi-schema-validator'
import openapiTS, { astToString } from 'openapi-typescript'
import { describe, expect, test } from 'vitest'
import { testServer } from '../../../../testing/server/server.ts'

interface Described {
  readonly operationId: string
  readonly tags: readonly string[]
  readonly parameters?: readonly { readonly $ref?: string; readonly in?: string; readonly name?: string }[]
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly example?: unknown }>> }
  readonly responses: Readonly<Record<string, { readonly content?: object; readonly $ref?: string }>>
}

interface Api {
  readonly openapi: string
  readonly tags: readonly { readonly name: string }[]
  readonly paths: Readonly<Record<string, Readonly<Record<string, Described>>>>
}

const described = async (web: string) => (await (await fetch(`${web}/api/openapi.json`)).json()) as Api

const IN_PATH: Readonly<Record<string, string>> = { channel: 'bench', scope: 'viewer' }
const addressOf = (web: string, path: string) =>
  `${web}${path.replace(/\{(\w+)\}/g, (_, name: string) => IN_PATH[name] ?? '999999')}`

/** What is declared of an answer with a status: its media types; undefined: nothing is. */
function declaredTypes({ responses }: Described, status: number): string[] | undefined {
  const declared = responses[status]
  if (declared === undefined) return undefined
  return declared.$ref === undefined ? Object.keys(declared.content ?? {}) : ['application/problem+json']
}

test('every operation that the API describes is there, takes its own example, and answers as it says', async () => {
  const { web, signedIn } = await testServer()
  const api = await described(web)
  const cookie = [await signedIn('desk', 'wanda'), await signedIn('viewer', 'wanda')].join('; ')
  const operations = Object.entries(api.paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, operation]) => ({ path, method, operation })),
  )
  // Those that pause or move the channel, or end the session, that the others are called with come last.
  const last = ({ path }: { readonly path: string }) => Number(/\/out|\/pause$|\/channel\/address$/.test(path))
  operations.sort((a, b) => last(a) - last(b))
  const ids = new Set<string>()
  for (const { path, method, operation } of operations) {
    ids.add(operation.operationId)
    const example = operation.requestBody?.content['application/json']?.example
    const call = (body: unknown, search = '') =>
      fetch(`${addressOf(web, path)}${search}`, {
        method,
        redirect: 'manual',
        headers: { cookie, 'idempotency-key': randomUUID(), 'content-type': 'application/json' },
        ...(method !== 'get' && { body: JSON.stringify(body) }),
      })
    const response = await call(example ?? {})
    const [type = ''] = (response.headers.get('content-type') ?? '').split(';')
    const isStream = type === 'text/event-stream'
    const { code } = type.endsWith('json') ? ((await response.json()) as { code?: string }) : {}
    if (isStream) await response.body?.cancel()
    const types = declaredTypes(operation, response.status)
    expect([operation.operationId, response.status, code, types]).toSatisfy(() => code !== 'body_invalid' && !!types)
    if (response.status < 300 || response.status >= 400)
      expect([operation.operationId, types]).toEqual([operation.operationId, expect.arrayContaining([type])])
    expect([operation.operationId, operation.tags.every((tag) => api.tags.some(({ name }) => name === tag))]).toEqual([
      operation.operationId,
      true,
    ])
    if (example !== undefined && path.startsWith('/api/channels/{channel}/') && !path.endsWith('/events'))
      expect(await (await call({ not: 'this' })).json()).toMatchObject({ code: 'body_invalid' })
  }
  expect(ids.size).toBe(operations.length)
})

test('what an operation cannot be asked with is refused by name, with what there is', async () => {
  const { web, signedIn } = await testServer()
  const cookie = await signedIn('desk', 'wanda')
  const ask = async (path: string) => (await fetch(`${web}/api/channels/bench${path}`, { headers: { cookie } })).json()
  expect(await ask('/desk/people?order=name')).toMatchObject({
    code: 'query_invalid',
    detail: expect.stringMatching(
      /^Please correct: there is no “order” to ask with; there is name, present, .*sort, down, offset\.$/,
    ),
  })
  expect(await ask('/desk/orders?a=1')).toMatchObject({
    detail: 'Please correct: there is no “a” to ask with; nothing can be asked with here.',
  })
  expect(await ask('/feed?since=3')).toMatchObject({ code: 'query_invalid' })
})

async function asFile() {
  const { web } = await testServer()
  const api: object = await described(web)
  const file = `${mkdtempSync(`${tmpdir()}/openapi-`)}/openapi.json`
  writeFileSync(file, JSON.stringify(api))
  return { api: api as never, file }
}

describe('the description is taken without a complaint', () => {
  test('by redocly', async () => {
    const { file } = await asFile()
    const environment = { ...process.env, REDOCLY_TELEMETRY: 'off', REDOCLY_SUPPRESS_UPDATE_NOTICE: 'true' }
    const lint = ['@redocly/cli', 'lint', '--extends=spec', '--format=json', file]
    const { totals, problems } = JSON.parse(
      execFileSync('npx', ['--no', ...lint], { env: environment, encoding: 'utf8' }),
    )
    expect([totals.errors, totals.warnings, problems]).toEqual([0, 0, []])
  })

  test('by seriousme', async () => {
    expect(await new Validator().validate((await asFile()).api)).toEqual({ valid: true })
  })

  test('by swagger-parser', async () => {
    await expect(SwaggerParser.validate((await asFile()).api)).resolves.toBeTruthy()
  })

  test('by openapi-typescript, with what a body is made of', async () => {
    const types = astToString(await openapiTS((await asFile()).api))
    expect(types).toContain('"/api/channels/{channel}/desk/people"')
    expect(types).toMatch(/sort\?: "/)
  })
})
