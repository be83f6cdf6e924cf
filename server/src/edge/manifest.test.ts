import { expect, test } from 'vitest'
import { testServer } from '../../../testing/server/server.ts'

test.each([
  ['desk', 'bench desk'],
  ['c', 'bench'],
])('the pages below /%s can be installed under the channel’s name, and start there', async (folder, name) => {
  const { web } = await testServer()
  const answer = await fetch(`${web}/${folder}/bench/manifest.webmanifest`)
  expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'application/manifest+json'])
  const manifest = (await answer.json()) as { readonly icons: readonly { readonly src: string }[] }
  expect(manifest).toMatchObject({
    name,
    start_url: `/${folder}/bench`,
    scope: `/${folder}/bench`,
    display: 'standalone',
  })
  for (const { src } of manifest.icons) expect((await fetch(`${web}${src}`)).status).toBe(200)
})

test('a channel that is not there has nothing to install', async () => {
  const { web } = await testServer()
  expect((await fetch(`${web}/desk/nobody/manifest.webmanifest`)).status).toBe(404)
})
