import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { GAMES, gameSetting } from '#core/games'
import { RIVETS, showDesk } from '../../../testing/web/desk.tsx'
import { answering } from '../../../testing/web/page.tsx'
import { GamesPage } from './GamesPage.tsx'

const STANDING = { muted: false, silent: [], chatConnected: true, overlays: 1, overlaysConnected: 1, onAir: true }

/** @param nobody - The games that nobody may play. */
const answers = (standing: Partial<typeof STANDING>, nobody: readonly string[] = []) =>
  answering(({ path }) => {
    if (path.endsWith('/commands')) return { body: { standing: { ...STANDING, ...standing }, names: {} } }
    const settings = Object.fromEntries(
      GAMES.map((game) => {
        const { who, ...fresh } = gameSetting(game).initial
        return [game, { ...fresh, on: true, who: { ...who, everyone: !nobody.includes(game) } }]
      }),
    )
    const lately = { games: [], shows: 0 }
    return {
      body: {
        settings,
        lately,
        rounds: [],
        last: [],
        texts: {},
        currency: RIVETS,
        wagering: { mostLost: 0, sitOut: { word: 'sitout', aliases: [] } },
      },
    }
  })

test('what keeps all games from working is said once, with the way to fix it', async () => {
  answers({ chatConnected: false })
  showDesk(<GamesPage />)
  expect(await screen.findAllByText('Chat is not connected: it is played on the viewer page alone.')).toHaveLength(1)
  expect(screen.getByRole('link', { name: 'See the connection' })).toHaveProperty('pathname', '/connections')
  expect(screen.queryByText('See above')).toBeNull()
})

test('what keeps one from working is said at that one; all games that gather people can be opened here', async () => {
  answers({}, ['coin'])
  showDesk(<GamesPage />)
  expect(await screen.findAllByText('Nobody may use it: choose who.')).toHaveLength(1)
  for (const name of ['Gather a crew', 'Open the wheel', 'Gather people', 'Call to fight'])
    expect(screen.getByRole('button', { name })).toBeDefined()
})
