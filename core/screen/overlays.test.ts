import { describe, expect, test } from 'vitest'
import { ALERT, TestChannel } from '../../testing/core/channel.ts'
import { firstFault } from '../faults.ts'
import { alertFaults } from './alerts.ts'
import { playing } from './boxes.ts'
import { overlays } from './overlays.ts'
import { FIRST_PIECES, type OverlaySettings, type Piece, PLAIN_LOOK } from './schema.ts'

const SETTINGS: OverlaySettings = {
  name: 'Main',
  width: 1920,
  height: 1080,
  pieces: [...FIRST_PIECES],
  background: null,
}
const text = (id: string, words: string): Piece => ({
  of: 'text',
  id,
  x: 0,
  y: 0,
  w: 100,
  h: 50,
  locked: false,
  hidden: false,
  look: PLAIN_LOOK,
  text: words,
})

function withOverlay() {
  const channel = new TestChannel()
  const added = channel.send({ kind: 'screen.add', name: 'Main', secret: 's' })
  const overlay = Number(added.ok && added.value.overlay)
  const save = (settings: Partial<OverlaySettings>) =>
    channel.send({ kind: 'screen.save', overlay, settings: { ...SETTINGS, ...settings } })
  return { channel, overlay, save }
}

describe('an overlay', () => {
  test('is arranged, and its pages are told', () => {
    const { channel, overlay, save } = withOverlay()
    expect(save({ name: ' Second ', pieces: [text('t1', '{{ show.title }}')] }).ok).toBe(true)
    expect(channel.world.get(overlays, overlay)).toMatchObject({ name: 'Second', secret: 's', pieces: [{ id: 't1' }] })
    expect(channel.facts('screen.changed').at(-1)).toMatchObject({ audience: 'overlay', body: { overlay } })
  })

  test.each<[Partial<OverlaySettings>, string]>([
    [{ pieces: [text('t1', '{{ viewer.name }}')] }, 'There is no field "viewer.name" here.'],
    [{ pieces: [text('t1', '{% for')] }, 'In a text'],
    [{ pieces: [text('t1', 'a'), text('t1', 'b')] }, 'Two pieces have the same id'],
    [{ background: `media/${'a'.repeat(32)}.webp` }, 'no longer in the library'],
  ])('%#: cannot be so', (settings, part) => {
    const { save } = withOverlay()
    const refused = save(settings)
    expect(refused.ok ? '' : refused.refusal.sentence).toContain(part)
  })

  test('that is taken away is not there any more', () => {
    const { channel, overlay, save } = withOverlay()
    expect(channel.send({ kind: 'screen.remove', overlay }).ok).toBe(true)
    expect(save({})).toMatchObject({ refusal: { code: 'overlay_not_found' } })
    expect(channel.facts('screen.renewed')).toHaveLength(1)
  })
})

test('an alert plays where a box that is not hidden takes it', () => {
  const [box] = FIRST_PIECES as [Extract<Piece, { of: 'alerts' }>]
  const some: Piece = { ...box, which: [7] }
  const all = [
    { name: 'a', pieces: [box] },
    { name: 'b', pieces: [some] },
    { name: 'c', pieces: [{ ...box, hidden: true }] },
  ]
  const names = (alert: number | null) => playing(all, alert).map(({ name }) => name)
  expect(names(7)).toEqual(['a', 'b'])
  expect(names(8)).toEqual(['a'])
  expect(names(null)).toEqual(['a'])
})

test('alerts are paused, gone on with, skipped and cleared', () => {
  const channel = new TestChannel()
  const control = (what: 'skip' | 'clear' | 'pause' | 'resume') => channel.send({ kind: 'screen.control', what })
  expect(control('pause')).toMatchObject({ value: { paused: true } })
  expect(control('skip')).toMatchObject({ value: { paused: true } })
  expect(control('resume')).toMatchObject({ value: { paused: false } })
  expect(channel.facts('screen.control').map(({ body }) => body.what)).toEqual(['pause', 'skip', 'resume'])
})

test('an alert that shows nothing, or names nothing, is refused', () => {
  expect(firstFault(alertFaults({ ...ALERT, title: ' ', line: '', picture: null, sound: 'none' }))).toContain(
    'has no text, picture or sound',
  )
  expect(firstFault(alertFaults({ ...ALERT, line: '{{ order.nothing }}' }))).toContain('order.nothing')
  expect(firstFault(alertFaults(ALERT))).toBeUndefined()
})

describe('the library', () => {
  const file = (letter: string, ending: string) => `${letter.repeat(32)}.${ending}`
  const told = (name: string) => ({ file: name, name: 'Lamp', bytes: 10, width: 5, height: 5, ms: null })

  test('keeps the same file once, and lets go only of what nothing uses', () => {
    const channel = new TestChannel()
    const lamp = file('a', 'webp')
    expect(channel.send({ kind: 'media.add', file: told(lamp) })).toMatchObject({ value: { known: false } })
    expect(channel.send({ kind: 'media.add', file: told(lamp) })).toMatchObject({ value: { known: true } })
    const reward = channel.reward({ picture: `media/${lamp}` })
    expect(channel.send({ kind: 'media.remove', file: lamp })).toMatchObject({
      refusal: { code: 'media_used', sentence: expect.stringContaining('the reward “Lamp”') },
    })
    channel.send({ kind: 'store.archive', reward })
    expect(channel.send({ kind: 'media.remove', file: lamp }).ok).toBe(true)
    expect(channel.send({ kind: 'media.remove', file: lamp })).toMatchObject({ refusal: { code: 'media_not_found' } })
    expect(channel.send({ kind: 'media.add', file: told(lamp) })).toMatchObject({ value: { known: false } })
  })

  test('names every place that uses a file', () => {
    const channel = new TestChannel()
    const bell = file('b', 'mp3')
    channel.send({ kind: 'media.add', file: told(bell) })
    channel.alert({ name: 'Ding', sound: `media/${bell}` })
    channel.command({
      word: 'ding',
      steps: [{ do: 'when', if: { onAir: true }, steps: [{ do: 'sound', sound: `media/${bell}` }], otherwise: [] }],
    })
    channel.trigger({ name: 'Dong', steps: [{ do: 'sound', sound: `media/${bell}` }] })
    const refused = channel.send({ kind: 'media.remove', file: bell })
    expect(refused.ok ? '' : refused.refusal.sentence).toBe(
      '“Lamp” is used by the alert “Ding”, !ding and 1 more. Choose something else there first.',
    )
  })
})
