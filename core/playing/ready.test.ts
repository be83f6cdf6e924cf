import { expect, test } from 'vitest'
import { gameSetting } from '../games/index.ts'
import type { Environment } from '../runs/index.ts'
import { gameReady } from './ready.ts'

const ALL_WELL: Environment = {
  muted: false,
  silent: [],
  chatConnected: true,
  overlays: 1,
  overlaysConnected: 1,
  onAir: true,
}
const on = { ...gameSetting('scramble').initial, on: true }

test.each<[string, Partial<typeof on>, Partial<Environment>, string]>([
  ['all is well', {}, {}, 'Ready.'],
  ['it is off', { on: false }, {}, 'It is switched off.'],
  ['nobody may', { who: { ...on.who, everyone: false } }, {}, 'Nobody may use it: choose who.'],
  ['off air', { onAir: true }, { onAir: false }, 'Only on air, and you are off air.'],
  ['no chat', {}, { chatConnected: false }, 'Chat is not connected: it is played on the viewer page alone.'],
  ['muted', {}, { muted: true }, 'The bot is muted: it is played, but nothing is said.'],
  ['silent', {}, { silent: ['games'] }, 'The bot is set to say nothing of games.'],
])('whether a game works says what is wrong: %s', (_, patch, around, sentence) => {
  const ready = gameReady({ ...on, ...patch }, { ...ALL_WELL, ...around })
  expect([ready.sentence, ready.ready]).toEqual([sentence, sentence === 'Ready.'])
})

test('of several things the first is said, and how many more there are', () => {
  const ready = gameReady({ ...on, on: false }, { ...ALL_WELL, chatConnected: false })
  expect([ready.sentence, ready.more]).toEqual(['It is switched off.', 1])
})
