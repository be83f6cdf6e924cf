import { screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { showPage } from '../../testing/web/page.tsx'
import { lazily } from './lazily.tsx'

const Drawer = ({ of }: { of: string }) => <p>The drawer of {of}</p>

test('a part that was fetched ahead is there at once', async () => {
  const Later = lazily(async () => Drawer)
  await Later.load()
  showPage(<Later of="screws" />)
  expect(screen.getByText('The drawer of screws')).toBeDefined()
})

test('until a part is there, something stands in its place', async () => {
  const fetch = vi.fn(async () => Drawer)
  const Later = lazily<{ of: string }>(fetch, () => <p>Opening …</p>)
  showPage(<Later of="nuts" />)
  expect(screen.getByText('Opening …')).toBeDefined()
  expect(await screen.findByText('The drawer of nuts')).toBeDefined()
  expect(fetch).toHaveBeenCalledOnce()
})

test('one that could not be fetched is asked for again', async () => {
  const fetch = vi.fn(async () => Drawer)
  fetch.mockRejectedValueOnce(new Error('The line is down.'))
  const Later = lazily(fetch)
  await expect(Later.load()).rejects.toThrow('The line is down.')
  await Later.load()
  showPage(<Later of="bolts" />)
  expect(screen.getByText('The drawer of bolts')).toBeDefined()
})
