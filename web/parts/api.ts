import createClient, { type Middleware } from 'openapi-fetch'
import type { Faults } from '#core/faults'
import type { paths } from './api/declared.d.ts'
import { noticeSignIn } from './signInNotice.ts'

/** An error answer of the server: a code for programs, and a sentence that says what to change. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    detail: string,
    /** What is wrong with what was sent, by its place; empty where it is not about a place. */
    readonly faults: Faults = {},
  ) {
    super(detail)
  }
}

/** Where the page is; tests of what asks have none. */
const place = (): Pick<Location, 'origin' | 'pathname'> =>
  'location' in globalThis ? globalThis.location : { origin: 'http://127.0.0.1', pathname: '' }

/** The channel in the address: /desk/:channel/... and /c/:channel/... */
export const channelSlug = (): string => place().pathname.split('/')[2] ?? ''

const base = () => `/api/channels/${encodeURIComponent(channelSlug())}`

/** A key that makes repeating a request harmless: one for each thing the user does. */
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('')
}

/** The address of something of this channel's, for a link. */
export const channelAddress = (path: string): string => `${base()}${path}`

type Told = Readonly<Record<string, unknown>>

function problemIn(status: number, answer: Told): ApiProblem {
  const code = String(answer.code ?? 'internal')
  const sentence = String(answer.detail ?? 'Something went wrong. Try again.')
  noticeSignIn(code, sentence)
  return new ApiProblem(status, code, sentence, code === 'body_invalid' ? (answer.data as Faults) : {})
}

/** A file that the server offers to save, with its name. @throws ApiProblem */
export async function fileOf(address: string): Promise<{ name: string; blob: Blob }> {
  const response = await fetch(address).catch(() => {
    throw new ApiProblem(0, 'no_answer', 'The server does not answer. Try again in a moment.')
  })
  if (!response.ok)
    throw problemIn(response.status, (await response.json().catch(() => ({}))) as Record<string, unknown>)
  const [, name = 'file'] = /filename="([^"]+)"/.exec(response.headers.get('content-disposition') ?? '') ?? []
  return { name, blob: await response.blob() }
}

/** A change bears its key from the first try on, so that it happens once however often it is sent. */
const keyed: Middleware = {
  onRequest: ({ request }) => {
    if (request.method !== 'GET') request.headers.set('idempotency-key', newKey())
  },
}

/** What is answered with a problem is thrown as one. */
export const problemsThrown: Middleware = {
  onResponse: async ({ response }) => {
    if (!response.ok) throw problemIn(response.status, (await response.json().catch(() => ({}))) as Told)
  },
}

const TRIES = 3

/** Sends a request; a change to which no answer comes is sent again. @throws ApiProblem where none comes at all. */
export async function send(request: Request): Promise<Response> {
  for (let tries = 1; ; tries++) {
    try {
      return await fetch(request.clone())
    } catch (fault) {
      if (fault instanceof DOMException && fault.name === 'AbortError') throw fault
      if (request.method === 'GET' || tries === TRIES)
        throw new ApiProblem(0, 'no_answer', 'The server does not answer. It is tried again automatically.')
      await new Promise((next) => setTimeout(next, 400 * tries))
    }
  }
}

/** The channel's API, as its routes declare it: every address, what it takes and what it answers. */
export const api = createClient<paths>({ baseUrl: `${place().origin}${base()}`, fetch: send })
api.use(keyed, problemsThrown)

/** A request on its way. */
export type Sent<T> = Promise<{ readonly data?: T }>

/** What a request was answered with. @throws ApiProblem */
export async function answerOf<T>(asked: Sent<T>): Promise<T> {
  // What is no answer was thrown on the way.
  return (await asked).data as T
}

/**
 * Sends a file to the server. @param told - Told how much of it is sent, 0 to 1.
 * @throws ApiProblem
 */
export function upload<T>(path: string, file: Blob, told: (part: number) => void): Promise<T> {
  const request = new XMLHttpRequest()
  request.open('POST', `${base()}${path}`)
  request.setRequestHeader('content-type', 'application/octet-stream')
  request.setRequestHeader('idempotency-key', newKey())
  request.responseType = 'json'
  request.upload.onprogress = ({ loaded, total }) => told(total === 0 ? 0 : loaded / total)
  return new Promise((done, failed) => {
    request.onload = () => {
      const answer = (request.response ?? {}) as Record<string, unknown>
      if (request.status < 400) done(answer as T)
      else failed(problemIn(request.status, answer))
    }
    request.onerror = () =>
      failed(new ApiProblem(0, 'no_answer', 'The file did not arrive. Check the connection, then send it again.'))
    request.send(file)
  })
}

/** What is asked with, for an address. */
export const searchOf = (asked: object): string =>
  new URLSearchParams(
    Object.entries(asked).flatMap(([name, value]) => (value === undefined ? [] : [[name, String(value)]])),
  ).toString()

export const feedAddress = (path: string, after: number): string => `${base()}${path}?after=${after}`

/** Signs this browser in on a channel's viewer page as its test viewer. @throws with a sentence, unless it is one's own channel. */
export async function tryAsViewer(slug: string): Promise<void> {
  const answer = await fetch(`/auth/viewer/test/${slug}`, { method: 'POST' }).catch(() => {
    throw new ApiProblem(0, 'no_answer', 'The server does not answer. Try again in a moment.')
  })
  if (!answer.ok) throw problemIn(answer.status, (await answer.json().catch(() => ({}))) as Told)
}

/** Signs out of the desk or the viewer page, here or on every device. */
export async function signOut(scope: 'desk' | 'viewer', where: 'here' | 'everywhere' = 'here'): Promise<void> {
  await fetch(`/auth/${scope}/out${where === 'everywhere' ? '-everywhere' : ''}`, { method: 'POST' })
}
