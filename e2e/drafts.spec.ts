import { expect, type Locator, type Page } from '@playwright/test'
import { DESK, signedIn, test } from './stage.ts'

/** The forms that are applied as a whole: where each is, and a field of it. */
const FORMS: readonly { name: string; path: string; field: (desk: Page) => Locator; typed: string }[] = [
  { name: 'the currency', path: '/commands/words', field: (desk) => desk.getByLabel('Many of it'), typed: 'bolts' },
  { name: 'a word', path: '/commands/words', field: (desk) => desk.getByLabel('Word: Buys a reward'), typed: 'fetch' },
  { name: 'the ranks', path: '/ranks', field: (desk) => desk.getByLabel('Fitter begins at'), typed: '9' },
  { name: 'a raffle', path: '/raffles/new', field: (desk) => desk.getByLabel('Title'), typed: 'Half a lamp' },
]

for (const { name, path, field, typed } of FORMS)
  test(`what was typed of ${name} is not lost without a word when the page is left`, async ({ browser }) => {
    const desk = await signedIn(browser, `${DESK}${path}`, 'wanda_bench')
    const before = await field(desk).inputValue()
    await field(desk).fill(typed)
    await desk.getByRole('navigation').getByRole('link', { name: 'Store' }).click()
    await expect(desk.getByText('You have unsaved changes')).toBeVisible()
    await desk.getByRole('button', { name: 'Keep editing' }).click()
    await expect(field(desk)).toHaveValue(typed)
    await desk.getByRole('navigation').getByRole('link', { name: 'Store' }).click()
    await desk.getByRole('button', { name: 'Discard' }).click()
    await expect(desk.getByRole('heading', { name: /^Store/, level: 1 })).toBeVisible()
    await desk.goBack()
    await expect(field(desk)).toHaveValue(before)
    // Nothing typed, nothing asked.
    await desk.getByRole('navigation').getByRole('link', { name: 'Store' }).click()
    await expect(desk.getByRole('heading', { name: /^Store/, level: 1 })).toBeVisible()
  })

test('what is applied elsewhere is followed by a form that was not touched, and takes nothing from one that was', async ({
  browser,
}) => {
  const [one, touched, untouched] = [
    await signedIn(browser, `${DESK}/commands/words`, 'wanda_bench'),
    await signedIn(browser, `${DESK}/commands/words`, 'wanda_bench'),
    await signedIn(browser, `${DESK}/commands/words`, 'wanda_bench'),
  ]
  const word = (desk: Page) => desk.getByLabel('Other words for it')
  const before = await word(one).inputValue()
  await touched.getByLabel('Many of it').fill('half typ')
  const apply = async (text: string) => {
    await word(one).fill(text)
    const form = one.getByRole('region', { name: 'The currency' })
    await form.getByRole('button', { name: 'Apply now' }).click()
    await expect(form.getByText('live', { exact: true })).toBeVisible()
  }
  await apply('scrap')
  await expect(word(untouched)).toHaveValue('scrap')
  await expect(touched.getByLabel('Many of it')).toHaveValue('half typ')
  await apply(before)
})
