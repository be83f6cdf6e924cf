import { fireEvent, screen, within } from '@testing-library/react'
import { beforeEach, expect, test, vi } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { Chart } from './Chart.tsx'

const drawn = vi.fn()

const CHART = (
  <Chart
    label="90 rivets paid and 20 spent"
    columns={['Time', 'Paid', 'Spent']}
    points={[
      { name: '19:00', figures: ['40', '20'] },
      { name: '19:05', figures: ['50', '0'] },
    ]}
    height={100}
    at={(i, width) => (i + 0.5) * (width / 2)}
  >
    {(width) => {
      drawn(width)
      return <rect width={width} />
    }}
  </Chart>
)

beforeEach(() => {
  drawn.mockClear()
  vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(390)
})

test('is drawn in the pixels of its box, and has its figures as a table', () => {
  showPage(CHART)
  expect(drawn).toHaveBeenLastCalledWith(390)
  const table = screen.getByRole('table', { name: '90 rivets paid and 20 spent' })
  expect(
    within(table)
      .getAllByRole('row')
      .map((row) => row.textContent),
  ).toEqual(['TimePaidSpent', '19:004020', '19:05500'])
})

test('tells the figures of a point by arrow keys, and stops when it is left', async () => {
  const { user } = showPage(CHART)
  const points = screen.getByRole('slider', { name: 'Figures of: 90 rivets paid and 20 spent' })
  await user.tab()
  expect(document.activeElement).toBe(points)
  expect(screen.getByText('19:00: paid 40, spent 20')).toBeDefined()
  fireEvent.change(points, { target: { value: '1' } })
  expect(screen.getByText('19:05: paid 50, spent 0')).toBeDefined()
  expect(points.getAttribute('aria-valuetext')).toBe('19:05: paid 50, spent 0')
  await user.tab()
  expect(screen.queryByText('19:05: paid 50, spent 0')).toBeNull()
})

test('tells the figures of the nearest point where it is touched', () => {
  showPage(CHART)
  fireEvent(screen.getByRole('slider'), new MouseEvent('pointerdown', { bubbles: true, clientX: 300 }))
  expect(screen.getByText('19:05: paid 50, spent 0')).toBeDefined()
})
