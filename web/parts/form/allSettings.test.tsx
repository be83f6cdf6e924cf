import { screen } from '@testing-library/react'
import { afterEach, expect, test } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { AllSettings, beginSimple, type FormPart, usePartsShown } from './allSettings.tsx'

interface Lamp {
  readonly name: string
  readonly watts: number
  readonly colours: readonly string[]
}
const PLAIN: Lamp = { name: '', watts: 40, colours: [] }
const PARTS: readonly FormPart<Lamp>[] = [
  { name: 'Name' },
  { name: 'Power', more: ['watts'] },
  { name: 'Colours', more: ['colours'] },
]

function Form({ lamp }: { readonly lamp: Lamp }) {
  const { shown, marked } = usePartsShown(PARTS, lamp, PLAIN)
  return (
    <>
      <AllSettings />
      <output aria-label="seen">{`${shown.join()}/${marked.join()}`}</output>
    </>
  )
}

const seen = () => screen.getByLabelText('seen').textContent
afterEach(() => localStorage.clear())

test('who has not chosen sees every part, and which of them differ from how a new one begins', () => {
  showPage(<Form lamp={{ ...PLAIN, colours: ['red'] }} />)
  expect(seen()).toBe('Name,Power,Colours/Colours')
})

test('with few settings a part is seen only while something in it differs; the choice outlives the page', async () => {
  const { user, again, unmount } = showPage(<Form lamp={PLAIN} />)
  await user.click(screen.getByRole('checkbox', { name: 'All settings' }))
  expect(seen()).toBe('Name/')
  again(<Form lamp={{ ...PLAIN, watts: 60 }} />)
  expect(seen()).toBe('Name,Power/Power')
  unmount()
  showPage(<Form lamp={PLAIN} />)
  expect(seen()).toBe('Name/')
})

test('a first channel begins with few settings, unless somebody has chosen otherwise here', () => {
  localStorage.setItem('ricompensa.allSettings', 'yes')
  beginSimple()
  showPage(<Form lamp={PLAIN} />).unmount()
  expect(localStorage.getItem('ricompensa.allSettings')).toBe('yes')
  localStorage.clear()
  beginSimple()
  showPage(<Form lamp={PLAIN} />)
  expect(seen()).toBe('Name/')
})
