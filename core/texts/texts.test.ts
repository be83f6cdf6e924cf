import { expect, test } from 'vitest'
import { fillIn } from './index.ts'

const fields = { viewer: { name: 'pia' }, order: { text: '{{ viewer.name }} <b>' } }

test('fields are filled in; what is unknown stays empty', () => {
  expect(fillIn('{{ viewer.name }} chose {{ reward.name }}!', fields)).toBe('pia chose !')
})

test('what somebody typed is never read as a template', () => {
  expect(fillIn('It is called {{ order.text }}', fields)).toBe('It is called {{ viewer.name }} <b>')
})

test('a template that cannot be read is shown as it stands rather than lost', () => {
  expect(fillIn('{{ viewer.name', fields)).toBe('{{ viewer.name')
  expect(fillIn('{% for %}', fields)).toBe('{% for %}')
})

test('a template cannot run on for ever or reach into the program', () => {
  expect(fillIn('{{ viewer.constructor.name }}', fields)).toBe('')
  const endless = '{% for i in (1..100000000) %}x{% endfor %}'
  expect(fillIn(endless, fields)).toBe(endless)
})
