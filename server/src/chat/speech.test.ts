import fc from 'fast-check'
import { pino } from 'pino'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { Pace } from './pace.ts'
import { Speaker } from './speaker.ts'
import { inLines, LINE_BYTES, speakable } from './speech.ts'

const bytes = (text: string) => new TextEncoder().encode(text).length

describe('a text for chat', () => {
  test('loses what would end the command, act on the screen or turn the text round', () => {
    expect(speakable('one\r\nQUIT :two\0')).toBe('one QUIT :two')
    expect(speakable('\u0001ACTION waves\u0001')).toBe('ACTION waves')
    expect(speakable('pia\u202Enimda')).toBe('pia nimda')
  })

  test('is cut between words, by bytes', () => {
    expect(inLines('aaa bbb ccc', 7)).toEqual(['aaa bbb', 'ccc'])
    expect(inLines('äöü äöü', 7)).toEqual(['äöü', 'äöü'])
    expect(inLines('🙂🙂🙂', 9)).toEqual(['🙂🙂', '🙂'])
    expect(inLines('')).toEqual([])
  })

  test('of any kind fits into its lines and carries nothing that must not be sent', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 2000 }), (text) => {
        for (const line of inLines(text)) {
          expect(bytes(line)).toBeLessThanOrEqual(LINE_BYTES)
          expect(line).not.toMatch(/[\p{Cc}\u202a-\u202e]/u)
          expect(line).not.toBe('')
        }
      }),
    )
  })
})

describe('the bot’s voice', () => {
  afterEach(() => void vi.useRealTimers())

  function speaker(burst = 3) {
    vi.useFakeTimers()
    const said: string[] = []
    let at = 1000
    const pace = new Pace({ now: () => Date.now(), log: pino({ level: 'silent' }), burst, everyMs: 1000 })
    const speaker = new Speaker({
      say: (_to, line) => void said.push(line),
      now: () => Date.now(),
      clock: () => at,
      log: pino({ level: 'silent' }),
      pace,
    })
    const add = (text: string) => speaker.add({ seq: 1, at, to: null, text })
    const alike = (text: string) => speaker.add({ seq: 1, at, to: null, text, likeness: 'balance' })
    const first = (text: string) => speaker.add({ seq: 1, at, to: null, text, first: true })
    const later = (seconds: number) => {
      at += seconds
    }
    return { speaker, pace, said, add, alike, first, later }
  }

  test('joins answers to the same question into as few lines as fit, and leaves others in their order', () => {
    const { speaker: one, said, add, alike } = speaker()
    for (let i = 0; i < 5; i++) alike(`viewer_${i} has ${i} rivets.`)
    add('something else')
    alike('viewer_5 has 5 rivets.')
    one.open()
    expect(said).toHaveLength(2)
    expect(said[0]).toMatch(/^viewer_0 has 0 rivets\. .*viewer_5 has 5 rivets\.$/)
    expect(said[1]).toBe('something else')
  })

  test('joins no more than fits into a line', () => {
    const { speaker: one, said, alike } = speaker(10)
    for (let i = 0; i < 30; i++) alike(`somebody_with_a_name_${i} has 1,000,000 rivets.`)
    one.open()
    vi.advanceTimersByTime(20_000)
    expect(said.length).toBeGreaterThan(3)
    for (const line of said) expect(bytes(line)).toBeLessThanOrEqual(LINE_BYTES)
    expect(said.join(' ').match(/somebody/g)).toHaveLength(30)
  })

  test('never floods: a few at once, then one after the other, in order', () => {
    const { speaker: one, said, add } = speaker()
    one.open()
    for (let i = 0; i < 6; i++) add(`line ${i}`)
    expect(said).toHaveLength(3)
    vi.advanceTimersByTime(1000)
    expect(said).toHaveLength(4)
    vi.advanceTimersByTime(5000)
    expect(said).toEqual(['line 0', 'line 1', 'line 2', 'line 3', 'line 4', 'line 5'])
  })

  test('waits while it cannot speak, and then says what is not too old', () => {
    const { speaker: one, said, add, later } = speaker()
    add('old')
    later(61)
    add('fresh')
    expect(said).toEqual([])
    one.open()
    expect(said).toEqual(['fresh'])
  })

  test('says what the team writes before all answers, in its order, and drops none of it for them', () => {
    const { speaker: one, said, add, first, later } = speaker()
    first('we begin')
    for (let i = 0; i < 600; i++) add(`answer ${i}`)
    first('again in a minute')
    expect(one.waiting).toBe(500)
    later(61)
    one.open()
    expect(said).toEqual(['we begin', 'again in a minute'])
    expect(one.waiting).toBe(0)
  })

  test('holds answers of one likeness back for a moment once there are many, and nothing else', () => {
    const { speaker: one, said, add, alike } = speaker(10)
    one.open()
    for (let i = 0; i < 4; i++) alike(`viewer_${i} has ${i} rivets.`)
    expect(said).toHaveLength(2)
    vi.advanceTimersByTime(400)
    expect(said.slice(2)).toEqual(['viewer_2 has 2 rivets. viewer_3 has 3 rivets.'])
    add('something else')
    expect(said).toHaveLength(4)
  })

  test('a network that complains is spoken to slower, and after ten quiet minutes as before', () => {
    const { speaker: one, pace, said, add } = speaker(4)
    one.open()
    pace.slower()
    for (let i = 0; i < 12; i++) add(`line ${i}`)
    expect(said).toHaveLength(2)
    vi.advanceTimersByTime(4000)
    expect(said).toHaveLength(4)
    vi.advanceTimersByTime(600_000)
    for (let i = 0; i < 4; i++) add(`later ${i}`)
    expect(said.slice(-4)).toEqual(['later 0', 'later 1', 'later 2', 'later 3'])
  })

  test('keeps no more than it can use', () => {
    const { speaker: one, add } = speaker()
    for (let i = 0; i < 900; i++) add(`line ${i}`)
    expect(one.waiting).toBe(500)
  })
})
