import { noticeSignIn } from './signInNotice.ts'

/** An error answer of the server: a code for programs, and a sentence that says what to change. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    detail: string,
  ) {
    super(detail)
  }
}

/** The channel in the address: /desk/:channel/... and /c/:channel/... */
export const channelSlug = (): string => window.location.pathname.split('/')[2] ?? ''

const base = () => `/api/channels/${encodeURIComponent(channelSlug())}`

/** A key that makes repeating a request harmless: one for each thing the user does. */
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('')
}

/** The address of something of this channel's, for a link. */
export const channelAddress = (path: string): string => `${base()}${path}`

async function request<T>(
  method: string,
  path: string,
  options: { body?: unknown; key?: string; signal?: AbortSignal },
): Promise<T> {
  const headers: Record<string, string> = {}
  if (options.body !== undefined) headers['content-type'] = 'application/json'
  if (options.key !== undefined) headers['idempotency-key'] = options.key
  const init: RequestInit = { method, headers }
  if (options.body !== undefined) init.body = JSON.stringify(options.body)
  if (options.signal !== undefined) init.signal = options.signal
  const response = await fetch(`${base()}${path}`, init).catch((fault: unknown) => {
    if (fault instanceof DOMException && fault.name === 'AbortError') throw fault
    throw new ApiProblem(0, 'no_answer', 'The server does not answer. It is tried again by itself.')
  })
  const answer = (await response.json().catch(() => ({}))) as Record<string, unknown>
  if (!response.ok) throw problemIn(response.status, answer)
  return answer as T
}

function problemIn(status: number, answer: Readonly<Record<string, unknown>>): ApiProblem {
  const code = String(answer.code ?? 'internal')
  const sentence = String(answer.detail ?? 'Something went wrong. Try again.')
  noticeSignIn(code, sentence)
  return new ApiProblem(status, code, sentence)
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

export const read = <T>(path: string, signal?: AbortSignal): Promise<T> =>
  request<T>('GET', path, signal ? { signal } : {})

/** Asks the server to change something. Where no answer comes it is sent again with the same key, so it happens once. */
export async function change<T>(method: 'POST' | 'PUT', path: string, body?: unknown): Promise<T> {
  const key = newKey()
  for (let tries = 1; ; tries++) {
    try {
      return await request<T>(method, path, body === undefined ? { key } : { body, key })
    } catch (fault) {
      if (!(fault instanceof ApiProblem && fault.status === 0) || tries === 3) throw fault
      await new Promise((next) => setTimeout(next, 400 * tries))
    }
  }
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

export const feedAddress = (path: string, after: number): string => `${base()}${path}?after=${after}`

/** Signs out of the desk or the viewer page, here or on every device. */
export async function signOut(scope: 'desk' | 'viewer', where: 'here' | 'everywhere' = 'here'): Promise<void> {
  await fetch(`/auth/${scope}/out${where === 'everywhere' ? '-everywhere' : ''}`, { method: 'POST' })
}
