import { fireEvent, screen } from '@testing-library/react'
import { useState } from 'react'
import { expect, test } from 'vitest'
import type { Step, StepOf } from '#core/steps'
import { showPage } from '../../../../testing/web/page.tsx'
import type { CommandsView } from '../view.ts'
import { ConditionFields } from './ConditionFields.tsx'
import { NestedSteps, type StepsFor } from './nested.ts'

const VIEW = {
  circles: [{ id: 4, name: 'Bench crew' }],
  tallies: [
    { id: 1, name: 'Stamps' },
    { id: 2, name: 'Mugs' },
  ],
} as unknown as CommandsView

function Fields({ viewer, told }: { viewer: boolean; told: (step: Step) => void }) {
  const [step, setStep] = useState<StepOf<'when'>>({ do: 'when', if: {}, steps: [], otherwise: [] })
  const around = { viewer } as StepsFor['around']
  return (
    <NestedSteps value={({ label }) => <p>steps {label}</p>}>
      <ConditionFields
        step={step}
        at={[0]}
        setStep={(next) => {
          setStep(next as StepOf<'when'>)
          told(next)
        }}
        view={VIEW}
        around={around}
        faults={[]}
      />
    </NestedSteps>
  )
}

function show(viewer = true) {
  const all: Step[] = []
  const { user } = showPage(<Fields viewer={viewer} told={(step) => all.push(step)} />)
  return { user, asked: () => (all.at(-1) as StepOf<'when'>).if }
}

test('nothing is asked for until it is ticked, and what is unticked is asked for no more', async () => {
  const { user, asked } = show()
  await user.click(screen.getByText(/the viewer’s balance is at least/))
  expect(asked()).toEqual({ balanceFrom: 100 })
  await user.clear(screen.getByLabelText('Balance at least'))
  await user.type(screen.getByLabelText('Balance at least'), '250')
  expect(asked()).toEqual({ balanceFrom: 250 })
  await user.click(screen.getByText(/the viewer’s balance is at least/))
  expect(asked()).toEqual({})
})

test('several are asked for side by side', async () => {
  const { user, asked } = show()
  await user.click(screen.getByText(/the viewer is a/))
  await user.selectOptions(screen.getByLabelText('Role'), 'Bench crew')
  await user.click(screen.getByText(/the viewer’s tally/))
  await user.selectOptions(screen.getByLabelText('Tally asked for'), 'Mugs')
  await user.click(screen.getByText(/the show is/))
  await user.selectOptions(screen.getByLabelText('On or off air'), 'off air')
  expect(asked()).toEqual({ standing: 'circle:4', tally: { tally: 2, from: 1 }, onAir: false })
})

test('a time of day has a beginning and an end', async () => {
  const { user, asked } = show()
  await user.click(screen.getByText(/the time of day is between/))
  expect(asked()).toEqual({ time: { from: '18:00', to: '22:00' } })
  fireEvent.change(screen.getByLabelText('From'), { target: { value: '20:30' } })
  expect(asked()).toEqual({ time: { from: '20:30', to: '22:00' } })
})

test('where nobody sets it off, nothing is asked about a viewer', () => {
  show(false)
  expect(screen.queryByText(/the viewer/)).toBeNull()
  expect(screen.getByText(/the show is/)).toBeDefined()
  expect(screen.getByText('steps if true')).toBeDefined()
  expect(screen.getByText('steps if not true')).toBeDefined()
})
