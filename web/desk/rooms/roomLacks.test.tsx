import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { STATUS, showDesk } from '../../../testing/web/desk.tsx'
import { RoomLacks } from './RoomLacks.tsx'

const note = (lacks: ('silent' | 'moderators')[]) =>
  showDesk(<RoomLacks lack="moderators">Choose a circle.</RoomLacks>, { status: { chat: { ...STATUS.chat, lacks } } })

test('what a room cannot tell is said where it matters, with the way to mend it', () => {
  note(['moderators'])
  expect(screen.getByRole('note').textContent).toMatch(/^#bench does not show who is a moderator\. Choose a circle\./)
  expect(screen.getByRole('link', { name: 'See the rooms' }).getAttribute('href')).toBe('/connections/rooms')
})

test('nothing is said where the room tells it', () => {
  note(['silent'])
  expect(screen.queryByRole('note')).toBeNull()
})
