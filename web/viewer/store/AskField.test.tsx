import { screen } from '@testing-library/react'
import { useState } from 'react'
import { expect, test } from 'vitest'
import type { Asks } from '#core/store'
import { showPage } from '../../../testing/web/page.tsx'
import { AskField } from './AskField.tsx'

function Asked({ asks }: { asks: Exclude<Asks, { of: 'nothing' }> }) {
  const [text, setText] = useState('')
  return <AskField asks={asks} text={text} setText={setText} />
}

test('a text counts its characters, and says what is needed', async () => {
  const { user } = showPage(<Asked asks={{ of: 'text', question: 'Which one?', least: 3, most: 50 }} />)
  await user.type(screen.getByRole('textbox', { name: /^Which one/ }), 'lamp')
  expect(screen.getByText(/4 of 50 characters, 3 or more/)).toBeDefined()
})

test('a long text has room', () => {
  showPage(<Asked asks={{ of: 'text', question: 'Why?', least: 1, most: 200 }} />)
  expect(screen.getByRole('textbox').tagName).toBe('TEXTAREA')
})

test('a choice is one of the list', async () => {
  const { user } = showPage(<Asked asks={{ of: 'choice', question: 'Which tool?', choices: ['Hammer', 'Tape'] }} />)
  await user.selectOptions(screen.getByRole('combobox', { name: 'Which tool?' }), 'Tape')
  expect(screen.getByRole('combobox')).toHaveProperty('value', 'Tape')
})

test('a number says its bounds', () => {
  showPage(<Asked asks={{ of: 'number', question: 'How many?', from: 1, to: 5 }} />)
  expect(screen.getByText('A whole number from 1 to 5.')).toBeDefined()
  expect(screen.getByRole('spinbutton')).toHaveProperty('max', '5')
})

test('a link says what it begins with', () => {
  showPage(<Asked asks={{ of: 'link', question: 'Where?' }} />)
  expect(screen.getByText('It begins with https://.')).toBeDefined()
})
