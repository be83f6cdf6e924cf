import { expect, test } from 'vitest'
import { supportSetting } from '#core/earning'
import { exampleInWords, readSupportDraft, SUPPORT_FIELDS, supportDraftOf } from './supportDraft.ts'

const CURRENCY = { one: 'rivet', many: 'rivets', word: 'rivets' }
const NOTHING = supportSetting.initial

test('what is typed becomes the plan, field by field, and back', () => {
  const draft = Object.fromEntries(SUPPORT_FIELDS.map(({ name }, i) => [name, String(i + 1)]))
  const { plan, problems } = readSupportDraft(NOTHING, draft)
  expect(problems).toEqual({})
  expect(plan).toEqual({
    follow: 1,
    subscription: [2, 3, 4],
    gift: 5,
    raid: { fixed: 6, perViewer: 7 },
    tip: 8,
    cheer: 9,
  })
  expect(supportDraftOf(plan)).toEqual(draft)
})

test('an empty field pays nothing; one that cannot be read keeps what is live and says so', () => {
  const live = { ...NOTHING, tip: 30 }
  const { plan, problems } = readSupportDraft(live, {
    ...supportDraftOf(live),
    follow: '',
    tip: '1.5',
    cheer: '9999999999',
  })
  expect(plan).toMatchObject({ follow: 0, tip: 30, cheer: 0 })
  expect(Object.keys(problems)).toEqual(['tip', 'cheer'])
})

test('each field has an example that the rules compute', () => {
  const plan = { ...NOTHING, tip: 30, raid: { fixed: 50, perViewer: 2 } }
  const words = Object.fromEntries(SUPPORT_FIELDS.map((field) => [field.name, exampleInWords(plan, field, CURRENCY)]))
  expect(words).toMatchObject({
    tip: '7.50: 225 rivets',
    raidPerViewer: 'a raid of 40: 130 rivets',
    cheer: 'pays nothing',
  })
})
