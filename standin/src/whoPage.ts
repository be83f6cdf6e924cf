import type { Person } from './people.ts'

const inHtml = (text: string) => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`)

const STYLE = `
  @font-face { font-family: Text; src: url(/fonts/public-sans.woff2); font-weight: 100 900 }
  body { margin: 0; background: #e7e9e4; color: #22302f; font: 16px/1.5 Text, sans-serif }
  main { max-width: 46rem; margin: 4vh auto; padding: 1.5rem; background: #fff; border: 1px solid #c3cac6 }
  h1 { margin: 0 0 .25rem; font-size: 1.5rem } p { margin: 0 0 1.25rem; color: #4a5a58 }
  ul { list-style: none; padding: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(8rem, 1fr)); gap: .5rem }
  button { width: 100%; padding: .6rem .75rem; font: inherit; text-align: left; background: #f4f6f3; color: inherit; border: 1px solid #aab5b0; cursor: pointer }
  button:hover, button:focus-visible { background: #dfe7e2; outline: 2px solid #2b5c57 }
  .first button { background: #2b5c57; color: #fff; font-weight: 600 }
  label { display: block; margin: 1.5rem 0 .25rem; font-weight: 600 }
  .own { display: flex; gap: .5rem } input { flex: 1; padding: .6rem; font: inherit; border: 1px solid #6d7c77 } .own button { width: auto }`

const choice = ({ name }: Person) => `<li><button name="name" value="${inHtml(name)}">${inHtml(name)}</button></li>`

const firstChoice = ([what, { name }]: readonly [string, Person]) =>
  `<li><button name="name" value="${inHtml(name)}">${inHtml(name)}, ${inHtml(what)}</button></li>`

/** The "who are you" page of the stand-in's sign-in. */
export function whoPage(
  uid: string,
  first: Readonly<Record<string, Person>>,
  people: readonly Person[],
  problem?: string,
): string {
  const action = `action="/who/${inHtml(uid)}" method="post"`
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>Who are you?</title><link rel="icon" href="data:,">
  <meta name="viewport" content="width=device-width"><style>${STYLE}</style></head><body><main>
  <h1>Who are you?</h1>
  <p>This is the stand-in platform's sign-in. It believes whatever you say.</p>
  <form ${action}><ul class="first">${Object.entries(first).map(firstChoice).join('')}</ul></form>
  <form ${action}><ul>${people.map(choice).join('')}</ul></form>
  <form ${action}><label for="name">Somebody else</label>
  <div class="own"><input id="name" name="name" maxlength="30" required pattern="[A-Za-z_][A-Za-z0-9_\\-]*" ${problem ? 'aria-describedby="problem"' : ''}>
  <button>Sign in</button></div>${problem ? `<p id="problem" role="alert">${inHtml(problem)}</p>` : ''}</form>
  </main></body></html>`
}
