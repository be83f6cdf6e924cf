import { expect, test } from 'vitest'
import { ageText, clockText, hoursText, timeText } from './time.ts'

test('a clock counts hours, minutes and seconds', () => {
  expect([0, 59, 61, 6128, 360_000].map(clockText)).toEqual(['0:00:00', '0:00:59', '0:01:01', '1:42:08', '100:00:00'])
  expect(clockText(-3)).toBe('0:00:00')
  expect(hoursText(6128)).toBe('1:42')
})

test('an age is said in its largest unit', () => {
  expect([5, 90, 3599, 7200, 172_800, 900_000].map(ageText)).toEqual([
    'just now',
    '1 min',
    '59 min',
    '2 h',
    '2 days',
    '10 days',
  ])
})

test('the time of day is written as the standard formatter writes it', () => {
  const standard = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })
  for (let at = 0; at < 200_000_000; at += 1_234_567) expect(timeText(at)).toBe(standard.format(at * 1000))
})
