import { screen, waitFor } from '@testing-library/react'
import { useState } from 'react'
import { describe, expect, test, vi } from 'vitest'
import { showPage } from '../../../testing/web/page.tsx'
import { Checkbox, Field, NumberInput, Select, Slider, splitWords } from './inputs.tsx'

function Price({ most }: { most?: number }) {
  const [price, setPrice] = useState(0)
  return (
    <>
      <NumberInput label="Price" value={price} none="free" onValue={setPrice} {...(most !== undefined && { most })} />
      <output data-testid="price">{price}</output>
    </>
  )
}

describe('a number', () => {
  const typed = async (text: string, most?: number) => {
    const { user } = showPage(<Price {...(most !== undefined && { most })} />)
    await user.type(screen.getByLabelText('Price'), text)
    return screen.getByTestId('price').textContent
  }

  test.each([
    ['1204', '1204'],
    ['12x3', '123'],
    ['-5', '5'],
    ['', '0'],
  ])('typed as "%s" is %s', async (text, wanted) => {
    const { user } = showPage(<Price />)
    if (text !== '') await user.type(screen.getByLabelText('Price'), text)
    expect(screen.getByTestId('price').textContent).toBe(wanted)
  })

  test('above what can be is cut to it, and shown so once the field is left', async () => {
    expect(await typed('5000', 100)).toBe('100')
    const field = screen.getByLabelText('Price')
    expect(field).toHaveProperty('value', '5000')
    field.blur()
    await waitFor(() => expect(field).toHaveProperty('value', '100'))
  })

  test('that is none says what that means', () => {
    showPage(<Price />)
    expect(screen.getByPlaceholderText('free')).toHaveProperty('value', '')
  })
})

test('a field has its label as its name, and its hint as its description', () => {
  showPage(
    <Field label="Name" hint="For the list.">
      <input />
    </Field>,
  )
  expect(screen.getByRole('textbox', { name: 'Name', description: 'For the list.' })).toBeDefined()
})

test('a box is ticked by its words, and by space', async () => {
  const tick = vi.fn()
  const { user } = showPage(
    <Checkbox on={false} onTick={tick}>
      Only on air
    </Checkbox>,
  )
  await user.click(screen.getByText('Only on air'))
  await user.keyboard(' ')
  expect(tick.mock.calls).toEqual([[true], [true]])
})

test('one of several is chosen by its name', async () => {
  const choose = vi.fn()
  const { user } = showPage(
    <Select
      label="How"
      value="room"
      choices={[
        { value: 'room', name: 'in the room' },
        { value: 'private', name: 'privately' },
      ]}
      onChoose={choose}
    />,
  )
  await user.selectOptions(screen.getByLabelText('How'), 'privately')
  expect(choose).toHaveBeenCalledWith('private')
})

test('a slider shows its figure', () => {
  showPage(<Slider label="Volume" value={70} onValue={() => {}} />)
  expect(screen.getByRole('slider', { name: /Volume/ })).toHaveProperty('value', '70')
  expect(screen.getByText('70')).toBeDefined()
})

test('words are apart by spaces, commas and exclamation marks', () =>
  expect(splitWords(' !lamp, lamps  !glow')).toEqual(['lamp', 'lamps', 'glow']))
