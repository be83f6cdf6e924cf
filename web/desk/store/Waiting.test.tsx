import { screen, waitFor, within } from '@testing-library/react'
import { describe, expect, test } from 'vitest'
import { order, showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { WaitingPart } from './SideRail.tsx'

const names = () =>
  screen.getAllByRole('listitem', { name: /ordered by/ }).map((card) => card.getAttribute('aria-label'))

describe('what waits', () => {
  test('says so when it is nothing', () => {
    showDesk(<WaitingPart />)
    expect(screen.getByText(/Nothing is waiting/)).toBeDefined()
  })

  test('is a card each while it is little, and says how long and what for', () => {
    showDesk(<WaitingPart />, { orders: [order({ id: 1 }), order({ id: 2, viewerName: 'jo', text: null, price: 0 })] })
    const [first, second] = screen.getAllByRole('listitem', { name: /ordered by/ })
    expect(first?.textContent).toContain('pia_ohm · 900 rivets')
    expect(first?.textContent).toContain('the blue radio')
    expect(second?.textContent).toContain('jo · without a price')
  })

  test('stands together by reward once it is much, and opens by a press', async () => {
    const orders = Array.from({ length: 6 }, (_, i) => order({ id: i + 1, viewerName: `viewer_${i}` }))
    const { user } = showDesk(<WaitingPart />, { orders })
    expect(names()).toEqual(['Choose the next repair, ordered by viewer_0'])
    const more = screen.getByRole('button', { name: 'Choose the next repair · 6 waiting' })
    expect(more.getAttribute('aria-expanded')).toBe('false')
    await user.click(more)
    expect(names()).toHaveLength(6)
    await user.click(more)
    expect(names()).toHaveLength(1)
  })
})

describe('a card with the focus', () => {
  const two = [order({ id: 1 }), order({ id: 2, viewerName: 'jo' })]
  const focusOn = (name: RegExp) => screen.getByRole('listitem', { name }).focus()

  test('is done by D, leaves at once, and can be undone', async () => {
    const sent = answering(({ path }) => ({ body: path.endsWith('/desk/orders') ? { orders: [two[1]] } : {} }))
    const { user } = showDesk(<WaitingPart />, { orders: two })
    focusOn(/pia_ohm/)
    await user.keyboard('d')
    await waitFor(() => expect(names()).toEqual(['Choose the next repair, ordered by jo']))
    expect(await screen.findByText('Done: Choose the next repair for pia_ohm.')).toBeDefined()
    expect(sent[0]).toMatchObject({ method: 'POST', path: expect.stringMatching(/orders\/1\/done$/) })
    await user.click(screen.getByRole('button', { name: 'Undo' }))
    await waitFor(() => expect(sent.some(({ path }) => path.endsWith('/orders/1/reopen'))).toBe(true))
  })

  test('asks before it refunds, by B, and Escape keeps the order', async () => {
    const sent = answering(() => ({ body: {} }))
    const { user } = showDesk(<WaitingPart />, { orders: two })
    focusOn(/pia_ohm/)
    await user.keyboard('b')
    const card = within(screen.getByRole('listitem', { name: /pia_ohm/ }))
    expect(card.getByText('Refund 900 rivets to pia_ohm?')).toBeDefined()
    focusOn(/pia_ohm/)
    await user.keyboard('{Escape}')
    expect(card.queryByText('Refund 900 rivets to pia_ohm?')).toBeNull()
    expect(sent).toEqual([])
  })

  test('hands the focus on by J and back by K', async () => {
    const { user } = showDesk(<WaitingPart />, { orders: two })
    focusOn(/pia_ohm/)
    await user.keyboard('j')
    expect(document.activeElement?.getAttribute('aria-label')).toContain('jo')
    await user.keyboard('k')
    expect(document.activeElement?.getAttribute('aria-label')).toContain('pia_ohm')
  })

  test('comes back where the server refuses, with its reason', async () => {
    answering(({ path }) =>
      path.endsWith('/done')
        ? { status: 409, body: { code: 'order_settled', detail: 'This order was already refunded.' } }
        : { body: { orders: two } },
    )
    const { user } = showDesk(<WaitingPart />, { orders: two })
    focusOn(/pia_ohm/)
    await user.keyboard('d')
    expect(await screen.findByText('This order was already refunded.')).toBeDefined()
    await waitFor(() => expect(names()).toHaveLength(2))
  })
})
