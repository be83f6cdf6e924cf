import { screen } from '@testing-library/react'
import { useState } from 'react'
import { expect, test } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { ApiProblem } from '../api.ts'
import { FaultsAt, fieldOf } from './DraftField.tsx'
import { DraftFields } from './DraftFields.tsx'
import { useDraft } from './drafts.tsx'
import { NumberInput, TextInput } from './inputs.tsx'

interface Lamp {
  readonly name: string
  readonly limits: { readonly watts: number }
}

const LampField = fieldOf<Lamp>()

const LAMP: Lamp = { name: 'Desk lamp', limits: { watts: 40 } }

function LampForm({ live = LAMP }: { live?: Lamp }) {
  const kept = useDraft<Lamp>('lamp', live)
  const { draft, discard } = kept
  const faults = {
    ...(draft.name === '' && { name: 'Type a name.' }),
    ...(draft.limits.watts > 60 && { 'limits.watts': 'Must be 60 or less.' }),
  }
  return (
    <DraftFields kept={kept} faults={faults}>
      <LampField name="name" label="Name">
        {(own) => <TextInput most={20} {...own} />}
      </LampField>
      <LampField name="limits.watts" label="Power" unit="watts">
        {(own) => <NumberInput label="Power" {...own} />}
      </LampField>
      <button type="button" onClick={discard}>
        Discard
      </button>
      <output data-testid="draft">{JSON.stringify(draft)}</output>
    </DraftFields>
  )
}

const draft = () => JSON.parse(screen.getByTestId('draft').textContent ?? '') as Lamp
const field = (name: string) => screen.getByRole('textbox', { name })

test('a field has its value from the draft, and what is typed becomes the draft', async () => {
  const { user } = showPage(<LampForm />)
  expect(field('Name')).toHaveProperty('value', 'Desk lamp')
  await user.type(field('Name'), 's')
  await user.clear(field('Power'))
  await user.type(field('Power'), '25')
  expect(draft()).toEqual({ name: 'Desk lamps', limits: { watts: 25 } })
})

test('what is wrong stands at its field once somebody has been there, and goes when it is mended', async () => {
  const { user } = showPage(<LampForm />)
  await user.clear(field('Name'))
  expect(screen.queryByText('Type a name.')).toBeNull()
  await user.tab()
  expect(screen.getByRole('textbox', { name: 'Name', description: 'Type a name.' })).toHaveProperty(
    'ariaInvalid',
    'true',
  )
  await user.type(field('Name'), 'Lamp')
  expect(screen.queryByText('Type a name.')).toBeNull()
  await user.type(field('Power'), '0')
  await user.tab()
  expect(screen.getByText('Must be 60 or less.')).toBeDefined()
})

test('what is discarded, and what somebody else saves meanwhile, is seen in the fields', async () => {
  const { user, again } = showPage(<LampForm />)
  await user.type(field('Name'), 's')
  again(<LampForm live={{ ...LAMP, limits: { watts: 25 } }} />)
  expect(field('Power')).toHaveProperty('value', '25')
  expect(draft()).toEqual({ name: 'Desk lamps', limits: { watts: 25 } })
  await user.click(screen.getByRole('button', { name: 'Discard' }))
  expect(field('Name')).toHaveProperty('value', 'Desk lamp')
})

test('what the server refuses of a place stands at its field at once, and in a group at its foot', () => {
  const error = new ApiProblem(422, 'body_invalid', 'Please correct.', {
    name: 'Can have 5 characters at most.',
    'limits.watts': 'Must be 60 or less.',
  })
  function Refused() {
    const kept = useDraft<Lamp>('lamp', LAMP)
    return (
      <DraftFields kept={kept} faults={{}} error={error}>
        <LampField name="name" label="Name">
          {(own) => <TextInput most={20} {...own} />}
        </LampField>
        <FaultsAt name="limits">
          <p>Limits</p>
        </FaultsAt>
      </DraftFields>
    )
  }
  showPage(<Refused />)
  expect(screen.getByRole('textbox', { description: 'Can have 5 characters at most.' })).toBeDefined()
  expect(screen.getByText('Must be 60 or less.')).toBeDefined()
})

test('what is saved and then typed back to what it was before is a change again', async () => {
  function Saving() {
    const [live, setLive] = useState(LAMP)
    const kept = useDraft<Lamp>('lamp', live)
    const save = () => {
      kept.settle(kept.draft)
      setTimeout(() => setLive(kept.draft))
    }
    return (
      <DraftFields kept={kept} faults={{}}>
        <LampField name="name" label="Name">
          {(own) => <TextInput most={20} {...own} />}
        </LampField>
        <button type="button" onClick={save}>
          {kept.changed ? 'Save' : 'Saved'}
        </button>
      </DraftFields>
    )
  }
  const { user } = showPage(<Saving />)
  await user.clear(field('Name'))
  await user.type(field('Name'), 'Torch')
  await user.click(screen.getByRole('button', { name: 'Save' }))
  await screen.findByDisplayValue('Torch')
  expect(screen.getByRole('button', { name: 'Saved' })).toBeDefined()
  await user.clear(field('Name'))
  await user.type(field('Name'), 'Desk lamp')
  expect(screen.getByRole('button', { name: 'Save' })).toBeDefined()
})
