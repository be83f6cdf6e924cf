import { expect, test } from 'vitest'
import { notReady, type Readiness } from '#core/runs'
import { sharedFaults } from './sharedFaults.ts'

const READY: Readiness = { ready: true, sentence: 'Ready.', more: 0, fix: null }
const overlay = notReady('No overlay is connected.', '/screen')
const chat = notReady('Chat is not connected.', '/connections')
const off = notReady('It is switched off.')

test('what many rows share is said once with their number, whatever else each has', () =>
  expect(sharedFaults([overlay, { ...overlay, more: 2 }, READY, overlay, chat, chat, chat, chat])).toEqual([
    { fault: chat, count: 4 },
    { fault: overlay, count: 3 },
  ]))

test('what few rows have, or what is only to be fixed in the row, stays there', () =>
  expect(sharedFaults([overlay, overlay, off, off, off, READY, READY, READY])).toEqual([]))
