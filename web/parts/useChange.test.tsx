import { useQuery } from '@tanstack/react-query'
import { screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { showPage } from '../../testing/web/page.tsx'
import { keyOf } from './queryKey.ts'
import { type Change, useChange } from './useChange.ts'

function Lamp(change: Partial<Change<number, string>>) {
  const lit = useChange<number, string>({ ask: async () => 3, invalidates: ['store'], ...change })
  return (
    <>
      <button type="button" onClick={() => lit.mutate('blue')}>
        Light it
      </button>
      {lit.error && <p role="alert">{lit.error.message}</p>}
    </>
  )
}

const press = () => screen.getByRole('button', { name: 'Light it' })

test('what has happened is said, from the answer and from what was asked for', async () => {
  const { user } = showPage(<Lamp said={(answer, wanted) => `${answer} ${wanted} lamps are lit.`} />)
  await user.click(press())
  expect(await screen.findByText('3 blue lamps are lit.')).toBeDefined()
})

test('a refusal is said in passing, or left to the form that shows it', async () => {
  const ask = async (): Promise<number> => Promise.reject(new Error('The bulb is out.'))
  const { user, unmount } = showPage(<Lamp ask={ask} />)
  await user.click(press())
  expect(await screen.findAllByText('The bulb is out.')).toHaveLength(2)
  unmount()
  const inPlace = showPage(<Lamp ask={ask} inPlace />)
  await inPlace.user.click(press())
  expect((await screen.findByRole('alert')).textContent).toBe('The bulb is out.')
  expect(screen.getAllByText('The bulb is out.')).toHaveLength(1)
})

test('Undo is offered with what was said; how far it went is said, too', async () => {
  const undo = vi.fn(async () => 'Two are out again.')
  const { user } = showPage(<Lamp said="Lit." undo={undo} />)
  await user.click(press())
  await user.click(await screen.findByRole('button', { name: 'Undo' }))
  expect(await screen.findByText('Two are out again.')).toBeDefined()
  expect(undo).toHaveBeenCalledExactlyOnceWith(3, 'blue')
})

test('an Undo that is refused says why', async () => {
  const { user } = showPage(<Lamp said="Lit." undo={() => Promise.reject(new Error('It is too late.'))} />)
  await user.click(press())
  await user.click(await screen.findByRole('button', { name: 'Undo' }))
  expect(await screen.findByText('It is too late.')).toBeDefined()
})

function Lit({ read }: { read: () => Promise<number> }) {
  const lit = useQuery({ queryKey: keyOf('store'), queryFn: read })
  return <p>{lit.data} are lit</p>
}

test('what is outdated is asked for anew, and a form lets go of its draft only after that', async () => {
  let count = 1
  const steps: string[] = []
  const read = async () => {
    steps.push(`read ${count}`)
    return count++
  }
  const { user } = showPage(
    <>
      <Lit read={read} />
      <Lamp onDone={() => steps.push('done')} onFresh={() => steps.push('fresh')} />
    </>,
  )
  expect(await screen.findByText('1 are lit')).toBeDefined()
  await user.click(press())
  expect(await screen.findByText('2 are lit')).toBeDefined()
  expect(steps).toEqual(['read 1', 'done', 'read 2', 'fresh'])
})
