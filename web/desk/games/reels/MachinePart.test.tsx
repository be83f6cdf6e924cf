import { screen, within } from '@testing-library/react'
import { useState } from 'react'
import { expect, test } from 'vitest'
import type { SettingsOf } from '#core/games'
import { showPage } from '../../../../testing/web/page.tsx'
import { DraftFields } from '../../../parts/form/DraftFields.tsx'
import { MachinePart } from './MachinePart.tsx'

type Reels = SettingsOf['reels']

// Only the machine itself is read and changed here.
const REELS = {
  strip: [
    { symbol: 'cog', weight: 3 },
    { symbol: 'bolt', weight: 1 },
    { symbol: 'lamp', weight: 1 },
  ],
  table: [
    { match: 'three', symbol: 'lamp', multiplier: 5000 },
    { match: 'two', symbol: 'bolt', multiplier: 300 },
  ],
} as Reels

function show() {
  let now = REELS
  function Machine() {
    const [draft, setDraft] = useState(REELS)
    now = draft
    return (
      <DraftFields kept={{ draft, put: setDraft }} faults={{}}>
        <MachinePart draft={draft} put={((patch: Partial<Reels>) => setDraft({ ...draft, ...patch })) as never} />
      </DraftFields>
    )
  }
  const { user } = showPage(<Machine />)
  return { user, strip: () => now.strip, table: () => now.table }
}

test('shows how often a symbol comes up, and follows its weight', async () => {
  const { user, strip } = show()
  const reel = within(screen.getByRole('region', { name: 'Strip' }))
  expect(reel.getByText('60 %')).toBeDefined()
  await user.clear(screen.getByLabelText('Weight of cog'))
  await user.type(screen.getByLabelText('Weight of cog'), '8')
  expect(strip()[0]).toEqual({ symbol: 'cog', weight: 8 })
  expect(reel.getByText('80 %')).toBeDefined()
})

test('a symbol that is renamed is renamed in the pay table; one that is removed is gone from it', async () => {
  const { user, strip, table } = show()
  await user.clear(screen.getByLabelText('Symbol 2'))
  await user.type(screen.getByLabelText('Symbol 2'), '🔩')
  expect(table()[1]?.symbol).toBe(strip()[1]?.symbol)
  expect(strip()[1]?.symbol).toContain('🔩')
  await user.click(screen.getByRole('button', { name: 'Remove lamp' }))
  expect(strip().map(({ symbol }) => symbol)).not.toContain('lamp')
  expect(table()).toHaveLength(1)
})

test('two symbols are the least, and a new one is one that is not there yet', async () => {
  const { user, strip } = show()
  await user.click(screen.getByRole('button', { name: 'Add a symbol' }))
  expect(new Set(strip().map(({ symbol }) => symbol)).size).toBe(4)
  for (let i = 0; i < 2; i++) {
    const [last] = screen.getAllByRole('button', { name: /^Remove (cog|bolt|lamp)/ })
    if (last) await user.click(last)
  }
  expect(strip()).toHaveLength(2)
  expect(within(screen.getByRole('region', { name: 'Strip' })).queryByRole('button', { name: /^Remove/ })).toBeNull()
})

test('lines of the pay table are moved up, added and removed: the first that matches pays', async () => {
  const { user, table } = show()
  await user.click(screen.getByRole('button', { name: 'Line 2 up' }))
  expect(table().map(({ symbol }) => symbol)).toEqual(['bolt', 'lamp'])
  await user.click(screen.getByRole('button', { name: 'Add a line' }))
  expect(table()).toHaveLength(3)
  await user.click(screen.getByRole('button', { name: 'Remove line 1' }))
  expect(table().map(({ symbol }) => symbol)[0]).toBe('lamp')
})
