import { screen } from '@testing-library/react'
import { useState } from 'react'
import { expect, test, vi } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { Field, TextInput } from '../form/inputs.tsx'
import { Radios } from '../form/Radios.tsx'
import { DialogForm } from './DialogForm.tsx'

interface NameProps {
  readonly go: () => void
  readonly close?: () => void
  readonly change?: { readonly isPending: boolean; readonly error: Error | null }
}

function NameIt({ go, close = () => {}, change = { isPending: false, error: null } }: NameProps) {
  const [name, setName] = useState('')
  return (
    <DialogForm title="Name the lamp" close={close} does="Name it" go={go} off={name === ''} change={change}>
      <Field label="Name">
        <TextInput value={name} most={20} onValue={setName} />
      </Field>
    </DialogForm>
  )
}

test('it is done by Enter or its button, and not before what is missing is there', async () => {
  const go = vi.fn()
  const { user } = showPage(<NameIt go={go} />)
  const does = screen.getByRole('button', { name: 'Name it' })
  expect(does).toHaveProperty('disabled', true)
  await user.type(screen.getByRole('textbox', { name: 'Name' }), 'Bruno{Enter}')
  await user.click(does)
  expect(go).toHaveBeenCalledTimes(2)
})

test('a refusal is said in it, and what was typed stays', async () => {
  const { user, again } = showPage(<NameIt go={() => {}} />)
  await user.type(screen.getByRole('textbox', { name: 'Name' }), 'Bruno')
  again(<NameIt go={() => {}} change={{ isPending: false, error: new Error('There is a Bruno already.') }} />)
  expect(screen.getByRole('alert').textContent).toContain('There is a Bruno already.')
  expect(screen.getByRole('textbox', { name: 'Name' })).toHaveProperty('value', 'Bruno')
})

test('while it is under way it cannot be done twice', async () => {
  const { user, again } = showPage(<NameIt go={() => {}} />)
  await user.type(screen.getByRole('textbox', { name: 'Name' }), 'Bruno')
  again(<NameIt go={() => {}} change={{ isPending: true, error: null }} />)
  expect(screen.getByRole('button', { name: 'Name it' })).toHaveProperty('disabled', true)
})

test('what cannot be undone is not what the first key press does: leaving it is', () => {
  showPage(
    <DialogForm title="Go off air?" close={() => {}} does="Go off air" danger leave="Stay on air" go={() => {}} />,
  )
  expect(screen.getByRole('button', { name: 'Stay on air' }).hasAttribute('data-autofocus')).toBe(true)
  expect(screen.getByRole('button', { name: 'Go off air' }).hasAttribute('data-autofocus')).toBe(false)
})

test('one of several is chosen by the keyboard', async () => {
  const choose = vi.fn()
  const choices = [
    { value: 'one', name: 'one game' },
    { value: 'three', name: 'best of three' },
  ]
  const { user } = showPage(<Radios legend="A match is" value="one" choices={choices} onChoose={choose} />)
  await user.tab()
  expect(document.activeElement).toBe(screen.getByRole('radio', { name: 'one game' }))
  await user.keyboard('{ArrowDown}')
  expect(choose).toHaveBeenCalledWith('three')
  expect(screen.getByRole('group', { name: 'A match is' })).toBeDefined()
})

test('what is wrong with a field is read out with it', () => {
  showPage(
    <Field label="Chat word" error="Another reward has this word." hint="As in !get hat" unit="letters">
      <TextInput value="hat" most={30} onValue={() => {}} />
    </Field>,
  )
  const field = screen.getByRole('textbox', { name: /Chat word/ })
  expect(field.getAttribute('aria-invalid')).toBe('true')
  const described = document.getElementById(field.getAttribute('aria-describedby') ?? '')
  expect(described?.textContent).toBe('Another reward has this word.As in !get hat')
})
