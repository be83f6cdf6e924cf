import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import type { PieceKind } from '#core/screen'
import { showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { GameOff } from './GameOff.tsx'

const shown = (of: PieceKind, on: { readonly reels: boolean; readonly coin: boolean }) => {
  const sent = answering(() => ({
    body: { settings: { reels: { on: on.reels }, coin: { on: on.coin }, heist: { on: false } } },
  }))
  showDesk(<GameOff of={of} />)
  return sent
}

test('says that the game of a piece is off, and leads to where it is switched on', async () => {
  shown('crew', { reels: true, coin: true })
  const link = await screen.findByRole('link', { name: 'Games' })
  expect(link.parentElement?.textContent).toBe('Heist is off, so nothing is shown here. Switch it on under Games.')
  expect(link.getAttribute('href')).toBe('/games')
})

test('a piece of two games is told of only where both are off', async () => {
  shown('reels', { reels: false, coin: false })
  expect((await screen.findByRole('link', { name: 'Games' })).parentElement?.textContent).toMatch(
    /^Reels and Coin.* are off, so nothing is shown here\. Switch one on under Games\.$/,
  )
})

test('a piece of no game asks for none', () => {
  expect(shown('raffle', { reels: false, coin: false })).toEqual([])
})
