import { expect, type Locator, type Page } from '@playwright/test'
import { DESK, signedIn, test } from './stage.ts'

/** The forms that are applied as a whole: where each is, and a field of it. */
const FORMS: readonly { name: string; path: string; page: string; field: (desk: Page) => Locator; typed: string }[] = [
  {
    name: 'the currency',
    path: '/commands/words',
    page: 'Commands',
    field: (desk) => desk.getByLabel('Name for many'),
    typed: 'bolts',
  },
  {
    name: 'a word',
    path: '/commands/words',
    page: 'Commands',
    field: (desk) => desk.getByLabel('Command: Buys a reward'),
    typed: 'fetch',
  },
  {
    name: 'the ranks',
    path: '/ranks',
    page: 'Ranks',
    field: (desk) => desk.getByLabel('Fitter begins at'),
    typed: '9',
  },
  {
    name: 'a raffle',
    path: '/raffles/new',
    page: 'Raffles',
    field: (desk) => desk.getByLabel('Title'),
    typed: 'Half a lamp',
  },
]

for (const { name, path, page, field, typed } of FORMS)
  test(`what was typed of ${name} stays until it is discarded, and its page is marked`, async ({ browser }) => {
    const desk = await signedIn(browser, `${DESK}${path}`, 'wanda_bench')
    const before = await field(desk).inputValue()
    await field(desk).fill(typed)
    const pages = desk.getByRole('navigation', { name: 'Pages' })
    await pages.getByRole('link', { name: 'Store' }).click()
    await expect(desk.getByRole('heading', { name: /^Store/, level: 1 })).toBeVisible()
    await expect(pages.getByRole('link', { name: new RegExp(`^${page}.*unsaved changes$`) })).toBeVisible()
    await desk.goBack()
    await expect(field(desk)).toHaveValue(typed)
    await desk.reload()
    await expect(field(desk)).toHaveValue(typed)
    await desk.getByRole('button', { name: 'Discard changes' }).first().click()
    await expect(field(desk)).toHaveValue(before)
    await expect(pages.getByRole('link', { name: page, exact: true })).toBeVisible()
    await desk.reload()
    await expect(field(desk)).toHaveValue(before)
  })

test('what is applied elsewhere is followed by a form that was not touched, and takes nothing from one that was', async ({
  browser,
}) => {
  const [one, touched, untouched] = [
    await signedIn(browser, `${DESK}/commands/words`, 'wanda_bench'),
    await signedIn(browser, `${DESK}/commands/words`, 'wanda_bench'),
    await signedIn(browser, `${DESK}/commands/words`, 'wanda_bench'),
  ]
  const word = (desk: Page) => desk.getByLabel('Aliases')
  const before = await word(one).inputValue()
  await touched.getByLabel('Name for many').fill('half typ')
  const apply = async (text: string) => {
    await word(one).fill(text)
    const form = one.getByRole('region', { name: 'The currency' })
    await form.getByRole('button', { name: 'Apply now' }).click()
    await expect(form.getByText('live', { exact: true })).toBeVisible()
  }
  await apply('scrap')
  await expect(word(untouched)).toHaveValue('scrap')
  await expect(touched.getByLabel('Name for many')).toHaveValue('half typ')
  await apply(before)
})
