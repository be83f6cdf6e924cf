import { screen, within } from '@testing-library/react'
import { useState } from 'react'
import { expect, test } from 'vitest'
import { gameSetting, type SettingsOf } from '#core/games'
import { RIVETS } from '../../../../testing/web/desk.tsx'
import { showPage } from '../../../../testing/web/page.tsx'
import { DraftFields } from '../../../parts/form/DraftFields.tsx'
import type { DeskGames } from '../view.ts'
import { ScramblePart } from './ScramblePart.tsx'

type Scramble = SettingsOf['scramble']

// Only the words of the currency are read.
const VIEW = { currency: RIVETS } as DeskGames

function show() {
  let now = gameSetting('scramble').initial
  function Form() {
    const [draft, setDraft] = useState(now)
    now = draft
    return (
      <DraftFields kept={{ draft, put: setDraft }} faults={{}}>
        <ScramblePart
          draft={draft}
          put={((patch: Partial<Scramble>) => setDraft({ ...draft, ...patch })) as never}
          view={VIEW}
        />
      </DraftFields>
    )
  }
  const { user } = showPage(<Form />)
  return { user, settings: () => now }
}

const places = () =>
  within(screen.getByRole('list', { name: 'Places' }))
    .getAllByRole('listitem')
    .map((one) => one.textContent)

test('says what each place gets with ten people, and what is left over goes to the first', async () => {
  const { user } = show()
  expect(places().map((one) => one?.match(/\d+ with ten people/)?.[0])).toEqual([
    '286 with ten people',
    '142 with ten people',
    '47 with ten people',
  ])
  await user.click(screen.getByRole('button', { name: 'Remove place 3' }))
  expect(places()[0]).toContain('333 with ten people')
})

test('a share is typed in per cent, and the house adds to the prize', async () => {
  const { user, settings } = show()
  await user.clear(screen.getByLabelText('Share of place 1'))
  await user.type(screen.getByLabelText('Share of place 1'), '12.5')
  expect(settings().sharesPpm[0]).toBe(125_000)
  await user.type(screen.getByLabelText('The house adds'), '500')
  expect(settings().adds).toBe(500)
  await user.click(screen.getByRole('button', { name: 'Add a place' }))
  expect(settings().sharesPpm).toHaveLength(4)
})
