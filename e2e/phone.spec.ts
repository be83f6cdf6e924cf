import { expect, type Page } from '@playwright/test'
import { DESK, expectAccessible, PHONE, signedIn, test, WEB } from './stage.ts'

const PAGES = [
  '',
  'earning',
  'people',
  'ranks',
  'commands',
  'games',
  'store',
  'store/orders',
  'raffles',
  'bets',
  'goals',
  'screen',
  'connections',
  'team',
]

/** By how many px a page is wider than its window: what scrolls within itself, such as a wide table, does not count. */
const sideways = (page: Page) =>
  page.evaluate(() => {
    const wider = (one: Element | null) => (one === null ? 0 : one.scrollWidth - one.clientWidth)
    return Math.max(wider(document.documentElement), wider(document.querySelector('main')))
  })

for (const width of [PHONE.width, 820]) {
  test(`no page of the desk scrolls sideways at ${width} px`, async ({ browser }) => {
    const desk = await signedIn(browser, DESK, 'wanda_bench', { width, height: 844 })
    for (const name of PAGES) {
      await desk.goto(`${WEB}${DESK}/${name}`)
      await expect(desk.locator('h1').first()).toBeAttached()
      await expect(desk.getByText(/^Loading/)).toHaveCount(0)
      expect([name, await sideways(desk)]).toEqual([name, 0])
    }
  })
}

test('on a phone a helper sees what waits, finds every page, and comes back to the evening', async ({ browser }) => {
  const desk = await signedIn(browser, DESK, 'wanda_bench', PHONE)
  await expectAccessible(desk)
  const bar = desk.getByRole('navigation', { name: 'Pages' })
  await bar.getByRole('button', { name: /^Waiting/ }).click()
  const sheet = desk.getByRole('dialog')
  await expect(sheet.getByRole('heading', { name: 'Waiting', exact: true })).toBeVisible()
  await expectAccessible(desk)
  await desk.keyboard.press('Escape')
  await expect(sheet).toHaveCount(0)
  await bar.getByRole('button', { name: 'More' }).click()
  await expectAccessible(desk)
  await sheet.getByRole('link', { name: 'Store', exact: true }).click()
  await expect(desk.getByRole('heading', { name: 'Store', level: 1 })).toBeVisible()
  await expect(sheet).toHaveCount(0)
  await bar.getByRole('link', { name: 'On air' }).click()
  await expect(desk.getByRole('log', { name: 'Chat' })).toBeVisible()
})

test('lists are cards on a phone, with their figures and what can be done', async ({ browser }) => {
  const desk = await signedIn(browser, `${DESK}/store/orders`, 'wanda_bench', PHONE)
  await desk.getByRole('group', { name: 'Which orders' }).getByRole('button', { name: /^Done/ }).click()
  const order = desk.getByRole('list', { name: 'Orders' }).getByRole('listitem').first()
  await expect(order.getByRole('button', { name: 'Refund' })).toBeVisible()
  await expect(order.getByText(/rivets/)).toBeVisible()
  await expect(desk.getByRole('table')).toHaveCount(0)
  await expectAccessible(desk)
  await desk.goto(`${DESK}/commands`)
  const command = desk.getByRole('list', { name: 'Commands' }).getByRole('listitem').first()
  await expect(command.getByRole('term').filter({ hasText: 'Price' })).toBeVisible()
  await expect(command.getByRole('switch')).toBeVisible()
  await expectAccessible(desk)
})
