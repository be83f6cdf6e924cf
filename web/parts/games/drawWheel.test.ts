import { expect, test } from 'vitest'
import { FILLS, LETTERS } from './drawWheel.ts'

/** Relative luminance of "#rrggbb" (WCAG 2.2). */
function luminance(colour: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5]
    .map((at) => Number.parseInt(colour.slice(at, at + 2), 16) / 255)
    .map((part) => (part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4))
  return 0.2126 * r + 0.7152 * g + 0.0722 * b
}

function contrast(one: string, other: string): number {
  const [light = 0, dark = 0] = [luminance(one), luminance(other)].sort((a, b) => b - a)
  return (light + 0.05) / (dark + 0.05)
}

test.each(Object.entries(FILLS))('small figures can be read on %s', (_, fill) => {
  expect(contrast(LETTERS, fill)).toBeGreaterThan(4.5)
})
