import { beforeEach, describe, expect, test } from 'vitest'
import { startBudget } from './budget.ts'
import { fillIn, render } from './texts.ts'

beforeEach(() => startBudget())

const TOO_LONG = { ok: false, why: 'The text takes too long to fill in. Make it simpler.' }

/** Texts that try to take long: loops of loops, many filters on nothing, long strings. */
const HOSTILE = [
  '{% for i in (1..100000) %}x{% endfor %}',
  '{% for i in (1..1000) %}{% for k in (1..1000) %}{{ i }}{% endfor %}{% endfor %}',
  `{% for i in (1..900) %}{{ "" ${'| upcase '.repeat(900)}}}{% endfor %}`,
  `{{ "" ${'| strip '.repeat(1400)}}}{% for i in (1..3000) %}{{ i | times: i }}{% endfor %}`,
  `{% assign x = "x" %}{% for i in (1..40) %}{% assign x = x | append: x %}{% endfor %}{{ x }}`,
]

describe('a text', () => {
  test.each(HOSTILE)('that would take long is refused after so many steps: %s', (text) => {
    expect(render(text, {})).toEqual(TOO_LONG)
    // What reports something is said as it stands.
    expect(fillIn(text, {})).toBe(text)
  })

  test('as long as chat has them is far from the limit', () => {
    const text = '{% for one in list %}{{ one.name | upcase }} {{ one.value | grouped }}, {% endfor %}'
    const list = Array.from({ length: 25 }, (_, i) => ({ name: `n${i}`, value: i * 1000 }))
    for (let i = 0; i < 20; i++) expect(render(text, { list })).toMatchObject({ ok: true })
  })

  test('of many in one intent is refused once they took too much together, and the next intent has its own', () => {
    const heavy = '{% for i in (1..1000) %}{{ i }}{% endfor %}'
    const outcomes = Array.from({ length: 30 }, () => render(heavy, {}).ok)
    expect(outcomes[0]).toBe(true)
    expect(outcomes.at(-1)).toBe(false)
    startBudget()
    expect(render(heavy, {}).ok).toBe(true)
  })
})
