import { screen } from '@testing-library/react'
import { useState } from 'react'
import { expect, test } from 'vitest'
import type { Source } from '#core/triggers'
import { showPage } from '../../../testing/web/page.tsx'
import type { CommandsView } from '../commands/view.ts'
import { SourceFields } from './SourceFields.tsx'
import { sourceInWords } from './sources.ts'

const VIEW = { outside: [], setups: [], rewards: [], triggers: [], names: { ranks: [] } } as unknown as CommandsView

test('a loss can be one in any game, or in one of them from so much on, and is said so in the list', async () => {
  let now: Source = { of: 'follow' }
  function Form() {
    const [source, setSource] = useState<Source>(now)
    now = source
    return <SourceFields source={source} setSource={setSource} view={VIEW} />
  }
  const { user } = showPage(<Form />)
  await user.selectOptions(
    screen.getByLabelText('What sets it off', { selector: 'select' }),
    'Somebody loses in a game',
  )
  expect(now).toEqual({ of: 'gameLost', from: 1, to: null, game: null })
  expect(sourceInWords(now, VIEW)).toBe('Somebody loses in a game')
  await user.selectOptions(screen.getByLabelText('Game', { selector: 'select' }), 'Roulette')
  await user.clear(screen.getByLabelText('From'))
  await user.type(screen.getByLabelText('From'), '50')
  await user.tab()
  expect(now).toEqual({ of: 'gameLost', from: 50, to: null, game: 'roulette' })
  expect(sourceInWords(now, VIEW)).toBe('Somebody loses in a game, in Roulette: 50 lost or more')
})
