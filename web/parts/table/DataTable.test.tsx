import { screen, within } from '@testing-library/react'
import { describe, expect, test, vi } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { setWide } from '../../../testing/web/window.ts'
import { choosingColumn } from './choosingColumn.tsx'
import type { Column, RowProps } from './column.ts'
import { DataTable } from './DataTable.tsx'
import { VirtualTable } from './VirtualTable.tsx'

interface Tool {
  readonly id: number
  readonly name: string
  readonly price: number
  readonly shelf: string
}

const TOOLS: readonly Tool[] = [
  { id: 1, name: 'Tweezers', price: 40, shelf: 'small' },
  { id: 2, name: 'Anvil', price: 900, shelf: 'large' },
  { id: 3, name: 'Hammer', price: 120, shelf: 'small' },
]

const COLUMNS: readonly Column<Tool>[] = [
  { id: 'name', head: 'Tool', card: 'title', sortBy: ({ name }) => name, cell: ({ name }) => name },
  { id: 'price', head: 'Price', end: true, card: 'figure', sortBy: ({ price }) => price, cell: ({ price }) => price },
  { id: 'shelf', head: 'Shelf', card: 'none', cell: ({ shelf }) => shelf },
  {
    id: 'take',
    head: 'Lend out',
    headHidden: true,
    card: 'aside',
    cell: ({ name }) => <button type="button">Lend {name}</button>,
  },
]

const table = (grouped = false) => (
  <DataTable
    label="Tools"
    rows={TOOLS}
    columns={COLUMNS}
    keyOf={({ id }) => id}
    groupOf={grouped ? ({ shelf }) => shelf : undefined}
  />
)

const names = () =>
  screen
    .getAllByRole('row')
    .map((row) => within(row).queryAllByRole('cell')[0]?.textContent)
    .filter((name) => name !== undefined)

describe('a list in a wide window', () => {
  test('is a table with its name, and heads that say what they are, shown or not', () => {
    showPage(table())
    const heads = within(screen.getByRole('table', { name: 'Tools' })).getAllByRole('columnheader')
    expect(heads.map((head) => head.textContent)).toEqual(['Tool', 'Price', 'Shelf', 'Lend out'])
    expect(names()).toEqual(['Tweezers', 'Anvil', 'Hammer'])
  })

  test('is sorted by a press on a head, up, down and back, and says so', async () => {
    const { user } = showPage(table())
    const tool = screen.getByRole('columnheader', { name: 'Tool' })
    await user.click(within(tool).getByRole('button'))
    expect(names()).toEqual(['Anvil', 'Hammer', 'Tweezers'])
    expect(tool.getAttribute('aria-sort')).toBe('ascending')
    await user.click(within(tool).getByRole('button'))
    expect(names()).toEqual(['Tweezers', 'Hammer', 'Anvil'])
    expect(tool.getAttribute('aria-sort')).toBe('descending')
    await user.click(within(tool).getByRole('button'))
    expect(names()).toEqual(['Tweezers', 'Anvil', 'Hammer'])
  })

  test('is sorted by keys, too, and only where there is something to sort by', async () => {
    const { user } = showPage(table())
    await user.tab()
    await user.tab()
    await user.keyboard('{Enter}')
    expect(screen.getByRole('columnheader', { name: 'Price' }).getAttribute('aria-sort')).not.toBeNull()
    expect(within(screen.getByRole('columnheader', { name: 'Shelf' })).queryByRole('button')).toBeNull()
  })

  test('stands in groups until it is sorted', async () => {
    const { user } = showPage(table(true))
    expect(screen.getAllByRole('rowheader').map((head) => head.textContent)).toEqual(['small', 'large'])
    expect(names()).toEqual(['Tweezers', 'Hammer', 'Anvil'])
    await user.click(within(screen.getByRole('columnheader', { name: 'Tool' })).getByRole('button'))
    expect(screen.queryAllByRole('rowheader')).toEqual([])
    expect(names()).toEqual(['Anvil', 'Hammer', 'Tweezers'])
  })
})

test('in a narrow window each row is a card: its title, its figures with their names, its buttons', () => {
  setWide(false)
  showPage(table())
  expect(screen.queryByRole('table')).toBeNull()
  const cards = within(screen.getByRole('list', { name: 'Tools' })).getAllByRole('listitem')
  expect(cards.map((card) => card.textContent)).toEqual([
    'TweezersLend TweezersPrice40',
    'AnvilLend AnvilPrice900',
    'HammerLend HammerPrice120',
  ])
})

test('in a narrow window groups are lists of their own', () => {
  setWide(false)
  showPage(table(true))
  expect(within(screen.getByRole('list', { name: 'small' })).getAllByRole('listitem')).toHaveLength(2)
})

test('rows are marked one by one, by their names', async () => {
  const toggle = vi.fn()
  const choosing = choosingColumn<Tool>({
    chosen: ({ id }) => id === 2,
    toggle,
    nameOf: ({ name }) => name,
  })
  const { user } = showPage(
    <DataTable label="Tools" rows={TOOLS} columns={[choosing, ...COLUMNS]} keyOf={({ id }) => id} />,
  )
  expect(screen.getByRole('checkbox', { name: 'Choose Anvil' })).toHaveProperty('checked', true)
  await user.click(screen.getByRole('checkbox', { name: 'Choose Hammer' }))
  expect(toggle).toHaveBeenCalledExactlyOnceWith(TOOLS[2])
})

test.each([true, false])('what can be done with a group stands with its name (wide: %s)', (wide) => {
  setWide(wide)
  showPage(
    <DataTable
      label="Tools"
      rows={TOOLS}
      columns={COLUMNS}
      keyOf={({ id }) => id}
      groupOf={({ shelf }) => shelf}
      groupAside={(group, rows) => <button type="button">{`Clear ${group}: ${rows.length}`}</button>}
    />,
  )
  expect(screen.getByRole('button', { name: 'Clear small: 2' })).toBeDefined()
  expect(screen.getByRole('button', { name: 'Clear large: 1' })).toBeDefined()
})

test.each([true, false])('a row can be drawn by whatever moves it (wide: %s)', (wide) => {
  setWide(wide)
  const Moved = ({ row, as: Tag, children }: RowProps<Tool>) => <Tag data-moved={row.id}>{children}</Tag>
  showPage(<DataTable label="Tools" rows={TOOLS} columns={COLUMNS} keyOf={({ id }) => id} rowAs={Moved} />)
  const moved = [...document.querySelectorAll<HTMLElement>('[data-moved]')]
  expect(moved.map(({ dataset, tagName }) => `${tagName} ${dataset.moved}`)).toEqual(
    [1, 2, 3].map((id) => `${wide ? 'TR' : 'LI'} ${id}`),
  )
})

describe('a list that the server sorts and that is drawn where it is looked at', () => {
  const long = (more?: () => void, press = vi.fn()) => (
    <VirtualTable
      label="Everybody"
      rows={TOOLS}
      columns={COLUMNS}
      keyOf={({ id }) => id}
      total={40_000}
      sorted={{ by: 'price', down: true, press }}
      canSort={({ id }) => id !== 'shelf'}
      marked={() => false}
      more={more}
    />
  )

  test('says how many there are in all, and what it is sorted by', async () => {
    const press = vi.fn()
    const { user } = showPage(long(undefined, press))
    expect(screen.getByRole('table').getAttribute('aria-rowcount')).toBe('40001')
    expect(screen.getByRole('columnheader', { name: 'Price' }).getAttribute('aria-sort')).toBe('descending')
    expect(within(screen.getByRole('columnheader', { name: 'Shelf' })).queryByRole('button')).toBeNull()
    await user.click(within(screen.getByRole('columnheader', { name: 'Tool' })).getByRole('button'))
    expect(press).toHaveBeenCalledExactlyOnceWith('name')
  })

  test('asks for the next part when its end comes near', () => {
    const more = vi.fn()
    showPage(long(more))
    expect(more).toHaveBeenCalled()
  })

  test('can be scrolled by the keyboard, and goes with the page where it is narrow', () => {
    const { unmount } = showPage(long())
    expect(screen.getByRole('region', { name: 'Everybody' }).tabIndex).toBe(0)
    unmount()
    setWide(false)
    showPage(long())
    expect(screen.queryByRole('table')).toBeNull()
    expect(screen.getByRole('list')).toBeDefined()
  })
})
