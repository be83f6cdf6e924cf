import { PROBLEMS, type Problem, problemDocument, problemHeaders } from './problems.ts'

const inHtml = (text: string): string => text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)

const STYLE = `body { margin: 0; background: #f4f1ea; color: #22302f; font: 1.05rem/1.55 system-ui, sans-serif }
  main { max-width: 34rem; margin: 12vh auto; padding: 0 1.25rem } h1 { font-size: 1.5rem; line-height: 1.25 }
  a { display: inline-block; padding: .7rem 1.1rem; border-radius: .4rem; background: #22302f; color: #fff; text-decoration: none }
  a:focus-visible { outline: 3px solid #b5842b; outline-offset: 2px } p.code { color: #55625f; font-size: .9rem }
  @media (prefers-color-scheme: dark) { body { background: #14181d; color: #e8e6e1 } a { background: #d9a441; color: #14181d } p.code { color: #a2aaa7 } }`

/** What is written over a problem, where its code alone says too little. */
const HEADINGS: Readonly<Record<number, string>> = {
  401: 'Sign in first',
  403: 'This is not open to you',
  404: 'Nothing is here',
  429: 'Too much at once',
  500: 'Something went wrong',
  503: 'Not right now',
}

/** Whether whoever asks is a person with a browser, to be answered with a page. */
export const wantsPage = (accept: string | undefined): boolean => /\btext\/html\b/.test(accept ?? '')

/** A way on from a page about a problem. */
export interface WayOn {
  readonly address: string
  readonly words: string
}

const HOME: WayOn = { address: '/', words: 'Go to the first page' }

/** A problem as a page for people: what happened, and where to go from here. */
export function problemPage(problem: Problem, headers: Readonly<Record<string, string>> = {}, on = HOME): Response {
  const { status, detail, code } = problemDocument(problem)
  const heading = code.startsWith('sign_in') ? 'You are not signed in' : (HEADINGS[status] ?? 'That did not work')
  return page({ status, heading, text: detail, code, on: [on], headers: { ...problemHeaders, ...headers } })
}

/** What a kind of problem is, at the address that every such answer names; undefined: there is none of this code. */
export function explanationPage(code: string): Response | undefined {
  if (!Object.hasOwn(PROBLEMS, code)) return undefined
  const { status = 500, when = '' } = PROBLEMS[code] ?? {}
  return page({
    status: 200,
    heading: code.replaceAll('_', ' '),
    text: when.replaceAll('`', ''),
    code: `${code} ${status}`,
    on: [HOME],
    headers: {},
  })
}

/** A page on which one of several ways is chosen. */
export const choicePage = (heading: string, text: string, on: readonly WayOn[]): Response =>
  page({ status: 200, heading, text, code: '', on, headers: { 'cache-control': 'no-store' } })

interface Page {
  readonly status: number
  readonly heading: string
  readonly text: string
  readonly code: string
  readonly on: readonly WayOn[]
  readonly headers: Readonly<Record<string, string>>
}

const linkTo = ({ address, words }: WayOn): string => `<p><a href="${inHtml(address)}">${inHtml(words)}</a></p>`

function page({ status, heading, text, code, on, headers }: Page): Response {
  const html = `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
  <title>${inHtml(heading)} - Ricompensa</title><link rel="icon" href="data:,"><style>${STYLE}</style></head>
  <body><main><h1>${inHtml(heading)}</h1><p>${inHtml(text)}</p>${on.map(linkTo).join('')}
  <p class="code">${inHtml(code)}</p></main></body></html>`
  return new Response(html, { status, headers: { 'content-type': 'text/html; charset=utf-8', ...headers } })
}
