import { screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { useDraft } from '../../parts/form/drafts.tsx'
import { PageTabs } from '../../parts/page/PageTabs.tsx'
import { JumpWaiting } from '../JumpWaiting.tsx'
import { isUnsaved } from './pages.ts'
import { Sheet } from './Sheet.tsx'

test('a sheet has its title, takes the focus, and closes by Escape or beside it', async () => {
  const close = vi.fn()
  const { user } = showPage(
    <Sheet title="Waiting" close={close}>
      <p>Nothing is waiting.</p>
    </Sheet>,
  )
  expect(screen.getByRole('dialog', { name: 'Waiting' })).toBeDefined()
  expect(document.activeElement?.textContent).toBe('Waiting')
  await user.keyboard('{Escape}')
  await user.click(screen.getByRole('button', { name: 'Close' }))
  expect(close).toHaveBeenCalledTimes(2)
})

test.each([
  ['/commands', ['/commands'], true],
  ['/commands', ['/commands/triggers'], true],
  ['/', ['/commands'], false],
  ['/store', ['/storehouse'], false],
])('the page %s is marked for drafts on %o: %s', (page, pages, wanted) =>
  expect(isUnsaved(page, new Set(pages))).toBe(wanted),
)

function Typing() {
  const { draft, put } = useDraft('zone', 'Europe/Berlin')
  return <input aria-label="Zone" value={draft} onChange={(event) => put(event.target.value)} />
}

test('the tab of a page with something unsaved bears a mark that is read out, too', async () => {
  const { user } = showPage(
    <>
      <PageTabs
        label="About commands"
        tabs={[
          { to: '/commands', name: 'Commands' },
          { to: '/commands/words', name: 'Built-in commands' },
        ]}
      />
      <Typing />
    </>,
    { at: '/commands/words' },
  )
  await user.type(screen.getByLabelText('Zone'), 'x')
  expect(screen.getByRole('link', { name: /^Built-in commands.*unsaved changes$/ })).toBeDefined()
  expect(screen.getByRole('link', { name: 'Commands' })).toBeDefined()
})

test('what is typed before the choices are there is handed on, and Escape closes', async () => {
  const [type, close] = [vi.fn(), vi.fn()]
  const { user } = showPage(<JumpWaiting typed="" setTyped={type} close={close} showViewer={() => {}} />)
  await user.keyboard('s')
  await user.keyboard('{Escape}')
  expect(type).toHaveBeenCalledWith('s')
  expect(close).toHaveBeenCalledOnce()
})
