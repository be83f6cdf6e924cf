import { screen, waitFor, within } from '@testing-library/react'
import { describe, expect, test } from 'vitest'
import { answering, showPage } from '../../testing/web/page.tsx'
import { DesksPage } from './DesksPage.tsx'
import { FrontPage } from './FrontPage.tsx'
import { OpenPage } from './OpenPage.tsx'
import { storedText } from './operator/columns.tsx'
import { OperatorPage } from './operator/OperatorPage.tsx'

const OPENING = { possible: true, code: true, printed: false }
const BENCH = { slug: 'bench', name: 'The Bench', onAir: true }
const OPERATED = {
  ...{ id: 3, slug: 'bench', name: 'The Bench', owner: 'wanda', openedAt: 5, pausedBy: null, closedAt: null },
  ...{ people: 1284, lastShow: 1000, lines: 40, onAir: false, stored: 12_300_000 },
}

const FIRST = { name: 'Workbench', issuer: 'https://id.example' }
const GUILD = {
  ...{ id: 1, word: 'guild', name: 'The guild', issuer: 'https://guild.example', clientId: 'ours', hasSecret: true },
  ...{ scope: 'openid', accountClaim: 'sub', nameClaim: '' },
}

interface Told {
  readonly opening?: object
  readonly channels?: readonly object[]
  readonly desks?: readonly object[]
  readonly claim?: { readonly status: number; readonly body: object }
}

const server = ({ opening = OPENING, channels = [BENCH], desks = [BENCH], claim }: Told = {}) =>
  answering(({ path, method }) => {
    if (path === '/api/opening') return { body: opening }
    if (path === '/api/channels') return { body: { channels } }
    if (path === '/api/desks') return { body: { desks, caller: 'wanda', operator: true } }
    if (path === '/api/claim') return claim ?? { body: { channel: 'bench' } }
    if (path === '/api/operator/codes')
      return { body: method === 'POST' ? { code: 'AAAAA-BBBBB', expiresAt: 9 } : { needed: true, codes: [], now: 5 } }
    if (path === '/api/operator/issuers')
      return {
        body:
          method === 'POST'
            ? { id: 2 }
            : { first: FIRST, callback: 'https://here.example/auth/callback', issuers: [GUILD] },
      }
    if (path === '/api/operator/issuers/1/test') return { body: { good: false, sentence: 'It does not answer.' } }
    if (path === '/api/operator/channels') return { body: { channels: [OPERATED], before: null, total: 1, now: 5 } }
    return { body: {} }
  })

describe('the front of the installation', () => {
  test('lists the channels that anybody may find, and leads to one’s desk', async () => {
    server()
    showPage(<FrontPage />)
    expect((await screen.findByRole('link', { name: /The Bench/ })).getAttribute('href')).toBe('/c/bench')
    expect(await screen.findByRole('link', { name: 'Open a channel' })).toBeDefined()
  })

  test('says so where there is none', async () => {
    server({ channels: [], opening: { possible: false, code: true, printed: false } })
    showPage(<FrontPage />)
    expect(await screen.findByText(/No channel can be found here yet/)).toBeDefined()
    expect(screen.queryByRole('link', { name: 'Open a channel' })).toBeNull()
  })

  test('lets one choose among one’s desks; the operator finds their page', async () => {
    server()
    const { unmount } = showPage(<DesksPage />)
    expect((await screen.findByRole('link', { name: 'The Bench' })).getAttribute('href')).toBe('/desk/bench')
    expect(screen.getByRole('link', { name: 'Run this installation' })).toBeDefined()
    unmount()
    server({ desks: [] })
    showPage(<DesksPage />)
    expect(await screen.findByText(/You run no channel here/)).toBeDefined()
  })
})

describe('opening a channel', () => {
  test('asks for a code only where one is needed, and keeps what was typed when it is refused', async () => {
    const detail = 'This code is not good.'
    const sent = server({ claim: { status: 403, body: { code: 'claim_code_wrong', detail } } })
    const { user } = showPage(<OpenPage />)
    await user.type(await screen.findByLabelText('Code'), 'AAAAA')
    await user.type(screen.getByLabelText('Name of the channel'), 'The Bench')
    await user.type(screen.getByLabelText('One'), 'rivet')
    await user.click(screen.getByRole('button', { name: 'Create the channel' }))
    expect(await screen.findByText(detail)).toBeDefined()
    expect(screen.getByLabelText('Name of the channel')).toHaveProperty('value', 'The Bench')
    const body = sent.find(({ path }) => path === '/api/claim')?.body
    expect(body).toMatchObject({ code: 'AAAAA', slug: 'the-bench', timeZone: expect.any(String) })
    expect(body).toMatchObject({ currency: { one: 'rivet', many: 'rivets', word: 'rivets' } })
    sessionStorage.clear()
  })

  test('offers what follows from what was typed, and leaves what was typed over it', async () => {
    const sent = server({ opening: { possible: true, code: false, printed: false } })
    const { user } = showPage(<OpenPage />)
    await user.type(await screen.findByLabelText('Name of the channel'), 'Émile’s Roof Garden!')
    const slug = screen.getByLabelText('Short name for your web address')
    expect(slug).toHaveProperty('value', 'emile-s-roof-garden')
    await user.clear(slug)
    await user.type(slug, 'garden')
    await user.type(screen.getByLabelText('Name of the channel'), ' Two')
    await user.type(screen.getByLabelText('One'), 'spark wish')
    await user.clear(screen.getByLabelText('Word in chat'))
    await user.type(screen.getByLabelText('Word in chat'), 'wishes')
    await user.click(screen.getByRole('button', { name: 'Create the channel' }))
    await waitFor(() =>
      expect(sent.find(({ path }) => path === '/api/claim')?.body).toMatchObject({
        slug: 'garden',
        currency: { one: 'spark wish', many: 'spark wishes', word: 'wishes' },
      }),
    )
    sessionStorage.clear()
  })

  test('freely asks for none; where there is none to open it says so', async () => {
    server({ opening: { possible: true, code: false, printed: false } })
    const { unmount } = showPage(<OpenPage />)
    expect(await screen.findByLabelText('Name of the channel')).toBeDefined()
    expect(screen.queryByLabelText('Code')).toBeNull()
    unmount()
    server({ opening: { possible: false, code: true, printed: false } })
    showPage(<OpenPage />)
    expect(await screen.findByText(/has its channel already/)).toBeDefined()
  })
})

describe('the operator’s page', () => {
  test('shows size, last show and storage of each channel, and pauses one', async () => {
    const sent = server()
    const { user } = showPage(<OperatorPage />)
    const row = await screen.findByRole('row', { name: /The Bench/ })
    expect(row.textContent).toContain('1,284')
    expect(row.textContent).toContain('12.3 MB')
    await user.click(within(row).getByRole('button', { name: 'Pause The Bench' }))
    await waitFor(() =>
      expect(sent.find(({ path }) => path.endsWith('/channels/3/pause'))?.body).toEqual({ paused: true }),
    )
    expect(storedText(0)).toBe('0')
  })

  test('tells by whom people sign in, tests one, and adds another', async () => {
    const sent = server()
    const { user } = showPage(<OperatorPage />)
    expect(await screen.findByText(/from the server’s environment/)).toBeDefined()
    await user.click(screen.getByRole('button', { name: 'Test The guild' }))
    expect(await screen.findByText('It does not answer.')).toBeDefined()
    await user.click(screen.getByRole('button', { name: 'Add a way to sign in' }))
    expect(await screen.findByText('https://here.example/auth/callback')).toBeDefined()
    for (const [label, text] of [
      ['Name', 'The club'],
      ['Address of the issuer', 'club.example'],
      ['Prefix of its accounts', 'club'],
      ['Client id', 'us'],
    ] as const)
      await user.type(screen.getByLabelText(label), text)
    await user.click(screen.getByRole('button', { name: 'Add it' }))
    await waitFor(() =>
      expect(
        sent.find(({ path, method }) => method === 'POST' && path === '/api/operator/issuers')?.body,
      ).toMatchObject({
        ...{ word: 'club', name: 'The club', issuer: 'https://club.example', clientId: 'us', accountClaim: 'sub' },
      }),
    )
  })

  test('what stays for good of a way to sign in cannot be changed', async () => {
    const sent = server()
    const { user } = showPage(<OperatorPage />)
    await user.click(await screen.findByRole('button', { name: 'Change The guild' }))
    expect(screen.queryByLabelText('Prefix of its accounts')).toBeNull()
    await user.clear(screen.getByLabelText('Name'))
    await user.type(screen.getByLabelText('Name'), 'Guild of clocks')
    await user.click(screen.getByRole('button', { name: 'Save now' }))
    await waitFor(() =>
      expect(sent.find(({ path }) => path === '/api/operator/issuers/1')?.body).toEqual({
        ...{ name: 'Guild of clocks', clientId: 'ours', scope: 'openid', nameClaim: '', clientSecret: null },
      }),
    )
  })

  test('makes a code, which is shown once', async () => {
    server()
    const { user } = showPage(<OperatorPage />)
    await user.click(await screen.findByRole('button', { name: 'Make a code' }))
    await user.type(screen.getByLabelText('For whom'), 'Pia')
    await user.click(screen.getByRole('button', { name: 'Make it' }))
    expect(await screen.findByText('AAAAA-BBBBB')).toBeDefined()
  })
})
