import { expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { overlays } from './index.ts'

test('an overlay can be given a new address; the old one is gone', () => {
  const channel = new TestChannel()
  const added = channel.send({ kind: 'screen.add', name: 'Main', secret: 'first' })
  const overlay = Number(added.ok && added.value.overlay)
  expect(channel.send({ kind: 'screen.renew', overlay, secret: 'second' }).ok).toBe(true)
  expect(channel.world.all(overlays)).toMatchObject([{ id: overlay, name: 'Main', secret: 'second' }])
  expect(channel.facts('screen.renewed')).toMatchObject([{ audience: 'desk', body: { overlay } }])
})

test('an overlay that is not there is refused with what to do', () => {
  const refused = new TestChannel().send({ kind: 'screen.renew', overlay: 999, secret: 'x' })
  expect(refused).toMatchObject({
    refusal: { code: 'overlay_not_found', sentence: expect.stringContaining('Reload the page') },
  })
})

test('a test alert is told to the overlays', () => {
  const channel = new TestChannel()
  channel.send({ kind: 'screen.test', alert: null })
  expect(channel.facts('screen.alert')).toMatchObject([
    { audience: 'overlay', body: { title: 'This is a test', sound: 'bell' } },
  ])
})
