import { screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { GAMES } from '#core/games'
import { STATUS, showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { FirstMinutes } from './FirstMinutes.tsx'

const begun = (seconds: number) => ({ show: STATUS.show && { ...STATUS.show, startedAt: STATUS.now - seconds } })

const answers = () =>
  answering(({ path }) => {
    if (path.endsWith('/present'))
      return {
        body: { viewers: [], total: 2, chatting: 0, arrived: [{ id: 7, name: 'pia_ohm', at: STATUS.now - 90 }] },
      }
    if (path.endsWith('/store')) return { body: { rewards: [{ settings: { on: true } }, { settings: { on: false } }] } }
    return { body: { settings: Object.fromEntries(GAMES.map((game) => [game, { on: game === 'heist' }])) } }
  })

test('a show that has just begun tells who came and what is ready', async () => {
  answers()
  const open = vi.fn()
  const { user } = showDesk(<FirstMinutes onViewer={open} />, { status: begun(120) })
  await user.click(await screen.findByRole('button', { name: 'pia_ohm' }))
  expect(open).toHaveBeenCalledWith(7)
  expect(await screen.findByRole('link', { name: '1 reward' })).toHaveProperty('pathname', '/store')
  expect(await screen.findByRole('link', { name: '1 game' })).toBeDefined()
  expect(screen.getByRole('link', { name: '0 saved raffles' })).toBeDefined()
})

test('later the evening says enough', () => {
  answers()
  showDesk(<FirstMinutes onViewer={() => {}} />, { status: begun(601) })
  expect(screen.queryByRole('region', { name: 'The first minutes' })).toBeNull()
})
