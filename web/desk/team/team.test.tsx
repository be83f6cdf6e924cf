import { screen, waitFor, within } from '@testing-library/react'
import { describe, expect, test } from 'vitest'
import { ALL_RIGHTS, NO_RIGHTS, READY_SETS, type Rights } from '#core/team'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { Button } from '../../parts/Button.tsx'
import { SaveLine } from '../../parts/form/SaveLine.tsx'
import { Sidebar } from '../frame/Sidebar.tsx'
import { InArea } from '../rights.tsx'
import { ChangesPage } from './ChangesPage.tsx'
import { InviteDialog } from './InviteDialog.tsx'
import { TeamPage } from './TeamPage.tsx'

const [RUNNER, KEEPER] = READY_SETS.map(({ rights }) => rights) as [Rights, Rights, Rights]
const ROSA = {
  ...{ id: 4, account: 'rosa', name: 'Rosa', rights: RUNNER, owner: false },
  ...{ by: 'wanda', since: 9000, until: null },
}
const OTTO = {
  id: 5,
  whom: 'Otto',
  account: null,
  rights: KEEPER,
  by: 'wanda',
  expiresAt: 10_000 + 86_400,
  until: null,
}

const BOX = { id: 7, name: 'Box', rights: RUNNER, by: 'wanda', madeAt: 9000, until: null, usedAt: null }

const server = (members: object[] = [ROSA], invitations: object[] = [OTTO]) =>
  answering(({ method, path }) => {
    if (path.endsWith('/desk/team')) return { body: { owner: 'wanda', members, invitations, now: 10_000 } }
    if (path.endsWith('/desk/security')) return { body: { entries: [], before: null } }
    if (path.endsWith('/desk/tokens'))
      return { body: method === 'GET' ? { tokens: [BOX] } : { token: 8, secret: 'ricompensa_x' } }
    if (path.endsWith('/invitations')) return { body: { invitation: 6, secret: 'sesame', expiresAt: 99 } }
    return { body: method === 'GET' ? { desks: [] } : {} }
  })
const changes = (sent: ReturnType<typeof server>) => sent.filter(({ method }) => method !== 'GET')

describe('the team', () => {
  test('is listed with what each may, and what is open can be taken back', async () => {
    const sent = server()
    const { user } = showDesk(<TeamPage />)
    expect((await screen.findByRole('row', { name: /Rosa/ })).textContent).toContain('Runner')
    expect(screen.getByText('the last day')).toBeDefined()
    await user.click(screen.getByRole('button', { name: 'Take back' }))
    await waitFor(() => expect(changes(sent)[0]?.path).toMatch(/invitations\/5\/take-back$/))
  })

  test('that is nobody yet says what to do', async () => {
    server([], [])
    showDesk(<TeamPage />)
    expect(await screen.findByText(/You run the desk alone so far/)).toBeDefined()
    expect(screen.getByRole('button', { name: 'Invite the first one' })).toBeDefined()
  })

  test('is joined by a link that is shown once, with a ready set or a mix of rights', async () => {
    const sent = server([], [])
    const { user } = showDesk(<TeamPage />)
    await user.click(await screen.findByRole('button', { name: 'Invite somebody' }))
    expect(screen.getByRole('button', { name: 'Make the link' })).toHaveProperty('disabled', true)
    await user.type(screen.getByLabelText('For whom'), 'Pia')
    await user.click(screen.getByLabelText(/^Keeper/))
    await user.click(screen.getByLabelText('A mix of my own'))
    await user.selectOptions(screen.getByLabelText('Rights in: Screen'), 'may act')
    await user.click(screen.getByRole('button', { name: 'Make the link' }))
    expect(await screen.findByText(/\/join#sesame$/)).toBeDefined()
    const areas = { ...KEEPER.areas, screen: 'act' }
    expect(changes(sent)[0]?.body).toMatchObject({ whom: 'Pia', account: null, rights: { ...KEEPER, areas } })
  })

  test('a link for somebody who is known is for their own account, with the word of who issued it', async () => {
    const sent = server([], [])
    const known = { name: 'Pia', account: 'guild\npia' }
    const { user } = showDesk(<InviteDialog known={known} close={() => {}} />)
    expect(screen.getByText('pia (guild)')).toBeDefined()
    expect(screen.queryByLabelText('Only for the account')).toBeNull()
    await user.click(screen.getByRole('button', { name: 'Make the link' }))
    expect(await screen.findByText(/\/join#sesame$/)).toBeDefined()
    expect(changes(sent)[0]?.body).toMatchObject({ whom: 'Pia', account: 'guild\npia' })
  })

  test('changes what somebody may, and takes them out after asking', async () => {
    const sent = server()
    const { user } = showDesk(<TeamPage />)
    await user.click(await screen.findByRole('button', { name: 'Rosa' }))
    await user.click(screen.getByLabelText(/^Partner/))
    await user.click(screen.getByRole('button', { name: 'Save the rights' }))
    await waitFor(() =>
      expect(changes(sent)[0]).toMatchObject({ method: 'PUT', body: { rights: READY_SETS[2]?.rights } }),
    )
    await user.click(await screen.findByRole('button', { name: 'Rosa' }))
    await user.click(screen.getByRole('button', { name: 'Take out of the team' }))
    expect(changes(sent)).toHaveLength(1)
    await user.click(screen.getByRole('button', { name: 'Take Rosa out?' }))
    await waitFor(() => expect(changes(sent)[1]?.path).toMatch(/team\/4\/end$/))
  })
})

describe('an owner', () => {
  test('makes others owners after asking; whoever is none does not see that', async () => {
    const sent = server()
    const { user, unmount } = showDesk(<TeamPage />)
    await user.click(await screen.findByRole('button', { name: 'Rosa' }))
    await user.click(screen.getByRole('button', { name: 'Make an owner' }))
    expect(changes(sent)).toHaveLength(0)
    await user.click(screen.getByRole('button', { name: 'Make Rosa an owner?' }))
    await waitFor(() =>
      expect(changes(sent)[0]).toMatchObject({ path: expect.stringMatching(/team\/4\/owner$/), body: { owner: true } }),
    )
    unmount()
    server()
    const again = showDesk(<TeamPage />, { status: { owner: false } })
    await again.user.click(await screen.findByRole('button', { name: 'Rosa' }))
    expect(screen.queryByRole('button', { name: 'Make an owner' })).toBeNull()
  })

  test('may do everything, so there are no rights to set, until they are one no longer', async () => {
    const sent = server([{ ...ROSA, owner: true }])
    const { user } = showDesk(<TeamPage />)
    expect((await screen.findByRole('row', { name: /Rosa/ })).textContent).toContain('Owner')
    await user.click(screen.getByRole('button', { name: 'Rosa' }))
    expect(screen.getByText(/One of the owners/)).toBeDefined()
    expect(screen.queryByLabelText(/^Runner/)).toBeNull()
    await user.click(screen.getByRole('button', { name: 'Remove as owner' }))
    await user.click(screen.getByRole('button', { name: 'Remove Rosa as owner?' }))
    await waitFor(() => expect(changes(sent)[0]?.body).toEqual({ owner: false }))
  })
})

describe('a token', () => {
  test('is made with rights, shown once, and revoked after asking', async () => {
    const sent = server()
    const { user } = showDesk(<TeamPage />)
    await user.click(await screen.findByRole('button', { name: 'Make a token' }))
    await user.type(screen.getByLabelText('Name'), 'Pedal')
    await user.click(screen.getByRole('button', { name: 'Make it' }))
    expect(await screen.findByText('ricompensa_x')).toBeDefined()
    expect(changes(sent)[0]).toMatchObject({
      path: expect.stringMatching(/tokens$/),
      body: { name: 'Pedal', rights: RUNNER },
    })
    await user.click(screen.getByRole('button', { name: 'Close' }))
    await user.click(screen.getByRole('button', { name: 'Revoke' }))
    expect(changes(sent)).toHaveLength(1)
    await user.click(screen.getByRole('button', { name: 'Revoke “Box”?' }))
    await waitFor(() => expect(changes(sent)[1]?.path).toMatch(/tokens\/7\/revoke$/))
  })
})

const CHANGES = [
  {
    id: 2,
    at: 9500,
    by: 'rosa',
    what: 'reward',
    name: 'Hat',
    before: { price: 60 },
    after: { price: 80 },
    restorable: true,
  },
  { id: 1, at: 9400, by: 'token:3', what: 'Ranks', name: 'Ranks', before: null, after: {}, restorable: false },
]

const log = (changes: object[]) =>
  answering(({ path }) => {
    if (path.endsWith('/desk/changes')) return { body: { changes, before: null } }
    if (path.endsWith('/desk/team')) return { body: { owner: 'wanda', members: [ROSA], invitations: [], now: 10_000 } }
    return { body: {} }
  })

describe('the change log', () => {
  test('says who changed what, from what to what, and sets it back', async () => {
    const sent = log(CHANGES)
    const { user } = showDesk(<ChangesPage />)
    const [hat, ranks] = await screen.findAllByRole('listitem')
    expect(hat?.textContent).toMatch(/^Hat reward, changed by rosa/)
    expect(hat?.textContent).toContain('Price: 60 → became 80')
    await user.click(screen.getByRole('button', { name: /^Undo: Hat/ }))
    await waitFor(() => expect(sent.some(({ path }) => path.endsWith('/changes/2/undo'))).toBe(true))
    expect(await screen.findByText('Hat is what it was before.')).toBeDefined()
    expect(ranks?.textContent).not.toContain('token:3')
    expect(screen.getAllByRole('button', { name: /^Undo: / })).toHaveLength(1)
  })

  test('what moves people is set back once it was seen whom', async () => {
    const plan = { measure: 'hours', ranks: [], announce: '' }
    const change = { id: 9, at: 9000, by: 'rosa', of: 'ranks', what: 'Ranks', name: 'Ranks', restorable: true }
    const sent = answering(({ path }) => {
      const rises = { count: 0, people: [] }
      const falls = { count: 1, people: [{ name: 'pia_ohm', before: 'Fitter', after: null }] }
      if (path.endsWith('/ranks/preview')) return { body: { rises, falls } }
      if (!path.endsWith('/desk/changes'))
        return { body: { owner: 'wanda', members: [], invitations: [], now: 10_000 } }
      return { body: { changes: [{ ...change, before: plan, after: { ...plan, announce: 'x' } }], before: null } }
    })
    const { user } = showDesk(<ChangesPage />)
    await user.click(await screen.findByRole('button', { name: /^Undo: Ranks/ }))
    expect(await screen.findByText('pia_ohm')).toBeDefined()
    const undone = () => sent.some(({ path }) => path.endsWith('/changes/9/undo'))
    expect(undone()).toBe(false)
    await user.click(screen.getByRole('button', { name: 'Undo the change' }))
    await waitFor(() => expect(undone()).toBe(true))
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
  })

  test('what was added is removed once that was read', async () => {
    const hat = { id: 9, at: 9000, by: 'rosa', of: 'reward', what: 'reward', name: 'Hat', restorable: true }
    const sent = log([{ ...hat, before: null, after: { price: 60 } }])
    const { user } = showDesk(<ChangesPage />)
    await user.click(await screen.findByRole('button', { name: /^Undo: Hat/ }))
    expect(screen.getByText('This removes the reward that was added here.')).toBeDefined()
    expect(sent.some(({ path }) => path.endsWith('/undo'))).toBe(false)
    await user.click(screen.getByRole('button', { name: 'Undo the change' }))
    expect(await screen.findByText('Hat was removed.')).toBeDefined()
  })

  test('that is empty says what will stand there', async () => {
    log([])
    showDesk(<ChangesPage />)
    expect(await screen.findByText(/Nothing has been changed yet/)).toBeDefined()
  })

  test('is searched by what was changed, by whom, and where', async () => {
    const sent = log([])
    const { user } = showDesk(<ChangesPage />)
    await user.type(screen.getByLabelText('Search by what was changed'), 'Hat')
    await user.selectOptions(await screen.findByLabelText('Where'), 'Store')
    await waitFor(() => expect(screen.getByRole('option', { name: 'by rosa' })).toBeDefined())
    await user.selectOptions(screen.getByLabelText('By whom'), 'by rosa')
    expect(await screen.findByText('Nothing that was changed is like that.')).toBeDefined()
    const asked = () => sent.filter(({ path }) => path.endsWith('/desk/changes')).at(-1)?.query
    await waitFor(() => expect(asked()).toEqual({ text: 'Hat', area: 'store', account: 'rosa' }))
  })
})

describe('somebody’s rights', () => {
  const pages = (rights: Rights) => {
    server()
    const { unmount } = showDesk(<Sidebar />, { status: { rights, owner: false } })
    const names = within(screen.getByRole('navigation'))
      .getAllByRole('link')
      .map(({ textContent }) => textContent)
    unmount()
    return names
  }

  test('leave out of the navigation what they may not look at', () => {
    expect(pages(ALL_RIGHTS)).toContain('Team')
    expect(pages(RUNNER)).toEqual([
      ...['On air', 'Buttons', 'People', 'Commands', 'Store', 'Games', 'Raffles', 'Bets and goals', 'Screen'],
    ])
    expect(pages(NO_RIGHTS)).toEqual(['On air'])
    // Only one tab of a page may be looked at: the page leads there.
    const orders = { ...NO_RIGHTS, areas: { ...NO_RIGHTS.areas, waiting: 'act' as const } }
    expect(pages(orders)).toEqual(['On air', 'Store'])
  })

  test('hide what may not be done, and say so where something could be saved', () => {
    const page = (
      <InArea area="store">
        <Button needs="act">Switch</Button>
        <Button needs="change">Add</Button>
        <SaveLine changed typed off={false} saving={false} save={() => {}} discard={() => {}} />
      </InArea>
    )
    showDesk(page, { status: { rights: { ...RUNNER, areas: { ...RUNNER.areas, store: 'act' } } } })
    expect(screen.getAllByRole('button').map(({ textContent }) => textContent)).toEqual(['Switch'])
    expect(screen.getByText(/To change it, ask an owner/)).toBeDefined()
  })
})
